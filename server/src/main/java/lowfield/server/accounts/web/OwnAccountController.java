package lowfield.server.accounts.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import lowfield.server.accounts.OpenSessions;
import lowfield.server.accounts.People;
import lowfield.server.accounts.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own password and sessions. */
@RestController
@RequestMapping("/api/account")
class OwnAccountController {
    record ChangedPassword(
            @Size(max = 200) String old, @Size(max = 200) String fresh) {}

    private final People people;
    private final OpenSessions sessions;

    OwnAccountController(People people, OpenSessions sessions) {
        this.people = people;
        this.sessions = sessions;
    }

    @Operation(operationId = "changePassword", summary = "Change one's own password")
    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @Valid @RequestBody ChangedPassword change, @AuthenticationPrincipal Person person, HttpSession session) {
        people.changePassword(person, change.old(), change.fresh(), session.getId());
    }

    @Operation(operationId = "listOwnSessions", summary = "List where one is signed in")
    @GetMapping("/sessions")
    List<OpenSessions.Open> sessions(@AuthenticationPrincipal Person person, HttpSession session) {
        return sessions.of(person.id(), session.getId());
    }

    @Operation(operationId = "endSession", summary = "End one of one's own sessions")
    @DeleteMapping("/sessions/{key}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable String key, @AuthenticationPrincipal Person person, HttpSession session) {
        people.endOwn(person, Optional.of(key), session.getId());
    }

    /** Ends all sessions of this account but the one that asks. */
    @Operation(operationId = "endOtherSessions", summary = "End all of one's other sessions")
    @DeleteMapping("/sessions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endOthers(@AuthenticationPrincipal Person person, HttpSession session) {
        people.endOwn(person, Optional.empty(), session.getId());
    }
}
