package lowfield.server.guide.web;

import io.swagger.v3.oas.annotations.Operation;
import java.time.LocalDate;
import java.util.List;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideForm;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.guide.TierForm;
import lowfield.server.platform.Versions;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Guides, their settings and their editions. */
@RestController
@RequestMapping("/api/guides")
class GuideController {
    /** The first edition names its month and tiers; a later one is a copy, in the month after the last if it names none. */
    record NewEdition(
            @Nullable LocalDate period,
            @Nullable LocalDate pressOn,
            @Nullable List<TierForm> tiers) {}

    private final Guides guides;
    private final Editions editions;

    GuideController(Guides guides, Editions editions) {
        this.guides = guides;
        this.editions = editions;
    }

    @Operation(operationId = "listGuides", summary = "List guides")
    @GetMapping
    List<GuideInfo> all() {
        return guides.all();
    }

    @Operation(operationId = "createGuide", summary = "Create a guide")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    GuideInfo create(@RequestBody GuideForm form) {
        return guides.create(form);
    }

    @Operation(operationId = "getGuide", summary = "Get a guide's settings")
    @GetMapping("/{slug}")
    ResponseEntity<GuideInfo> one(@PathVariable String slug) {
        var guide = guides.bySlug(slug);
        return ResponseEntity.ok().eTag(Versions.tag(guide.version())).body(guide);
    }

    @Operation(operationId = "changeGuide", summary = "Change a guide's settings")
    @PutMapping("/{slug}")
    GuideInfo change(
            @PathVariable String slug,
            @RequestBody GuideForm form,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        return guides.change(slug, form, Versions.expected(ifMatch));
    }

    @Operation(operationId = "openEdition", summary = "Open the next edition")
    @PostMapping("/{slug}/editions")
    @ResponseStatus(HttpStatus.CREATED)
    EditionInfo open(@PathVariable String slug, @RequestBody NewEdition edition) {
        var guide = guides.bySlug(slug);
        if (edition.tiers() == null || edition.period() == null) {
            return editions.next(guide, edition.period(), edition.pressOn());
        }
        return editions.first(guide, edition.period(), edition.pressOn(), edition.tiers());
    }
}
