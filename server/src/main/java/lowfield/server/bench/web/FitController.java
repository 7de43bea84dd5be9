package lowfield.server.bench.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.server.bench.Fits;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The fit of a build, drawn and in words. */
@RestController
class FitController {
    private final Fits fits;

    FitController(Fits fits) {
        this.fits = fits;
    }

    @Operation(operationId = "getFit", summary = "Draw how the parts of a build go into its case")
    @GetMapping("/api/editions/{edition}/builds/{build}/fit")
    Fits.FitView fit(
            @PathVariable UUID edition,
            @PathVariable UUID build,
            @RequestParam(required = false) @Nullable UUID line,
            @RequestParam(required = false) @Nullable UUID part) {
        RuleBroken.unless((line == null) == (part == null), "A part is tried on a line: name both, or neither.");
        return fits.of(edition, build, Optional.ofNullable(line).map(l -> new Fits.Candidate(l, part)));
    }
}
