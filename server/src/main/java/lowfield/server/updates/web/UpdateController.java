package lowfield.server.updates.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import lowfield.server.accounts.Person;
import lowfield.server.updates.UpdateNotices;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What an update changed, until somebody has read it. */
@RestController
@RequestMapping("/api/updates")
class UpdateController {
    private final UpdateNotices notices;

    UpdateController(UpdateNotices notices) {
        this.notices = notices;
    }

    /** Notices by their ids. */
    record ReadNotices(List<Long> ids) {}

    @Operation(operationId = "listUpdates", summary = "List what an update changed and nobody has read")
    @GetMapping
    List<UpdateNotices.UpdateNotice> unread() {
        return notices.unread();
    }

    @Operation(operationId = "readUpdates", summary = "Say that notices of an update were read")
    @PostMapping("/read")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void read(@RequestBody ReadNotices read, @AuthenticationPrincipal Person person) {
        notices.read(read.ids(), person);
    }
}
