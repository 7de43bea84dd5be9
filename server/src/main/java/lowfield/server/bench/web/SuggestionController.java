package lowfield.server.bench.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.bench.Suggestions;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the catalogue has to offer beside a choice. */
@RestController
@RequestMapping("/api")
class SuggestionController {
    private final Suggestions suggestions;

    SuggestionController(Suggestions suggestions) {
        this.suggestions = suggestions;
    }

    @Operation(operationId = "listMotives", summary = "List why one would take an alternative")
    @GetMapping("/motives")
    List<Suggestions.MotiveView> motives() {
        return Suggestions.motives();
    }

    @Operation(operationId = "listSuggestions", summary = "Suggest alternatives and upgrades for a line")
    @GetMapping("/editions/{edition}/lines/{line}/suggestions")
    List<Suggestions.SuggestionView> of(@PathVariable UUID edition, @PathVariable UUID line) {
        return suggestions.of(edition, line);
    }

    @Operation(operationId = "listAdvice", summary = "List what to do with more money, or less, in a build")
    @GetMapping("/editions/{edition}/builds/{build}/advice")
    List<Suggestions.AdviceView> advice(@PathVariable UUID edition, @PathVariable UUID build) {
        return suggestions.advice(edition, build);
    }
}
