package lowfield.server.bench.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.bench.LineOffers;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The offers of the part on a line; one is taken by an edit of the line. */
@RestController
@RequestMapping("/api/editions/{edition}/lines/{line}/offers")
class LineOffersController {
    private final LineOffers offers;

    LineOffersController(LineOffers offers) {
        this.offers = offers;
    }

    @Operation(operationId = "listOffers", summary = "List every offer of the part on a line")
    @GetMapping
    List<LineOffers.LineOffer> offers(@PathVariable UUID edition, @PathVariable UUID line) {
        return offers.of(edition, line);
    }
}
