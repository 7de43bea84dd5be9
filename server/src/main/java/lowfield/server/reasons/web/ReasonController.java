package lowfield.server.reasons.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.reasons.ReasonHelp;
import lowfield.server.reasons.ReasonPreviews;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Facts for reasons, and reasons as readers would see them. */
@RestController
@RequestMapping("/api/editions/{edition}/lines/{line}")
class ReasonController {
    record Text(String markdown) {}

    private final ReasonPreviews previews;
    private final ReasonHelp help;

    ReasonController(ReasonPreviews previews, ReasonHelp help) {
        this.help = help;
        this.previews = previews;
    }

    @Operation(operationId = "listReasonFacts", summary = "List the facts that a line's reason can hold")
    @GetMapping("/facts")
    List<ReasonPreviews.ReasonFact> facts(@PathVariable UUID edition, @PathVariable UUID line) {
        return previews.facts(edition, line);
    }

    /** The questions a reader would ask, and what was written of the part before. */
    @Operation(operationId = "getReasonHelp", summary = "Get questions for a reason, and earlier reasons")
    @GetMapping("/reason-help")
    ReasonHelp.Help help(@PathVariable UUID edition, @PathVariable UUID line) {
        return help.help(edition, line);
    }

    /** Nothing is kept. */
    @Operation(operationId = "previewReason", summary = "Show a reason as readers would see it")
    @PostMapping("/reason-preview")
    ReasonPreviews.Preview preview(@PathVariable UUID edition, @PathVariable UUID line, @RequestBody Text text) {
        return previews.preview(edition, line, text.markdown());
    }
}
