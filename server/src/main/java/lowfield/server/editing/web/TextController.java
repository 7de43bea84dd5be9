package lowfield.server.editing.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.editing.Texts;
import lowfield.server.edition.TextState;
import lowfield.server.platform.Versions;
import lowfield.server.reasons.ReasonPreviews;
import lowfield.server.reasons.TextViews;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The author's texts beyond the line. */
@RestController
@RequestMapping("/api/editions/{edition}/texts")
class TextController {
    record Written(int version) {}

    private final TextViews views;
    private final Texts texts;

    TextController(TextViews views, Texts texts) {
        this.views = views;
        this.texts = texts;
    }

    @Operation(operationId = "listTexts", summary = "List introductions and verdicts, and what they can be about")
    @GetMapping
    TextViews.AllTexts all(@PathVariable UUID edition) {
        return views.all(edition);
    }

    @Operation(operationId = "listTextFacts", summary = "List the facts that a text can hold")
    @GetMapping("/{place}/{id}/facts")
    List<ReasonPreviews.ReasonFact> facts(
            @PathVariable UUID edition, @PathVariable TextState.Place place, @PathVariable UUID id) {
        return views.facts(edition, place, id);
    }

    @Operation(operationId = "writeText", summary = "Write an introduction and a verdict")
    @PutMapping("/{place}/{id}")
    Written write(
            @PathVariable UUID edition,
            @PathVariable TextState.Place place,
            @PathVariable UUID id,
            @RequestBody TextState text,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        var said = new TextState(place, text.introduction(), text.verdict(), text.handled(), text.disclosure());
        return new Written(texts.write(edition, id, said, Versions.expected(ifMatch), person));
    }

    @Operation(operationId = "confirmText", summary = "Confirm that what was carried over is still correct")
    @PostMapping("/{place}/{id}/confirmation")
    Written confirm(
            @PathVariable UUID edition,
            @PathVariable TextState.Place place,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        return new Written(texts.confirm(edition, place, id, Versions.expected(ifMatch), person));
    }
}
