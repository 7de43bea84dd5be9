package lowfield.server.reasons.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.reasons.ReasonStates;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** How reasons stand against the data. */
@RestController
class ReasonStateController {
    private final ReasonStates states;

    ReasonStateController(ReasonStates states) {
        this.states = states;
    }

    @Operation(
            operationId = "listReasonStates",
            summary = "List the reasons of a build that say otherwise than the data, or rely on what has changed")
    @GetMapping("/api/editions/{edition}/builds/{build}/reason-states")
    List<ReasonStates.ReasonStateView> of(@PathVariable UUID edition, @PathVariable UUID build) {
        return states.of(edition, build);
    }
}
