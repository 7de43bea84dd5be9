package lowfield.server.accounts.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import lowfield.server.accounts.People;
import lowfield.server.accounts.PeopleLog;
import lowfield.server.accounts.Person;
import lowfield.server.accounts.SecondFactors;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people of this desk, for its owners. */
@RestController
@RequestMapping("/api/people")
@PreAuthorize("hasRole('OWNER')")
class PeopleController {
    record NewPerson(
            @Size(max = 200) String email, @Size(max = 100) String name, Person.Role role) {}

    record NewRole(Person.Role role) {}

    record FactorRule(boolean required) {}

    private final People people;
    private final PeopleLog log;
    private final SecondFactors factors;

    PeopleController(People people, PeopleLog log, SecondFactors factors) {
        this.people = people;
        this.log = log;
        this.factors = factors;
    }

    @Operation(operationId = "listPeople", summary = "List the people of this desk")
    @GetMapping
    List<People.Listed> all() {
        return people.all();
    }

    /** Answers with a one-time link by which they set their password. */
    @PasswordAgain
    @Operation(operationId = "invitePerson", summary = "Invite somebody with a one-time link")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    People.Link invite(@Valid @RequestBody NewPerson person, @AuthenticationPrincipal Person by) {
        return people.invite(person.name(), person.email(), person.role(), by);
    }

    @PasswordAgain
    @Operation(operationId = "makeLink", summary = "Make a recovery link for somebody")
    @PostMapping("/{person}/links")
    @ResponseStatus(HttpStatus.CREATED)
    People.Link link(@PathVariable UUID person, @AuthenticationPrincipal Person by) {
        return people.link(person, by);
    }

    @PasswordAgain
    @Operation(operationId = "changeRole", summary = "Change what somebody may do")
    @PutMapping("/{person}/role")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeRole(@PathVariable UUID person, @RequestBody NewRole role, @AuthenticationPrincipal Person by) {
        people.changeRole(person, role.role(), by);
    }

    @PasswordAgain
    @Operation(operationId = "removePerson", summary = "Remove somebody")
    @DeleteMapping("/{person}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID person, @AuthenticationPrincipal Person by) {
        people.remove(person, by);
    }

    @Operation(operationId = "endSessions", summary = "End all sessions of somebody")
    @DeleteMapping("/{person}/sessions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endSessions(@PathVariable UUID person, @AuthenticationPrincipal Person by) {
        people.endSessions(person, by);
    }

    /** For somebody who lost app and recovery codes; they sign in with the password alone and set up another. */
    @PasswordAgain
    @Operation(operationId = "endSecondFactor", summary = "Turn somebody's second factor off")
    @DeleteMapping("/{person}/second-factor")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endFactor(@PathVariable UUID person, @AuthenticationPrincipal Person by) {
        factors.endOf(person, by);
    }

    /** Whoever has none sets one up before anything else. */
    @PasswordAgain
    @Operation(operationId = "requireSecondFactor", summary = "Ask a second factor of everybody, or no longer")
    @PutMapping("/second-factor")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void requireFactor(@RequestBody FactorRule rule, @AuthenticationPrincipal Person by) {
        factors.require(rule.required(), by);
    }

    /** The newest 200 sign-ins, failures and changes. */
    @Operation(operationId = "listEvents", summary = "List sign-ins, failures and changes of people")
    @GetMapping("/log")
    List<PeopleLog.Line> log() {
        return log.latest();
    }
}
