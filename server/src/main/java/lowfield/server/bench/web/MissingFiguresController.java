package lowfield.server.bench.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.UUID;
import lowfield.server.bench.MissingFigures;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which figures an edition's parts lack. */
@RestController
@RequestMapping("/api/editions/{edition}")
class MissingFiguresController {
    private final MissingFigures missing;

    MissingFiguresController(MissingFigures missing) {
        this.missing = missing;
    }

    @Operation(operationId = "listMissingFigures", summary = "List the figures that would decide checks, in that order")
    @GetMapping("/missing-figures")
    MissingFigures.MissingView of(@PathVariable UUID edition) {
        return missing.of(edition);
    }
}
