package lowfield.server.pricesheet.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.pricesheet.PriceSheet;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is to be typed for an edition; the prices themselves are typed by part, and by line where a part is unlisted. */
@RestController
@RequestMapping("/api/editions/{edition}/price-sheet")
class PriceSheetController {
    private final PriceSheet sheet;

    PriceSheetController(PriceSheet sheet) {
        this.sheet = sheet;
    }

    @Operation(operationId = "getPriceSheet", summary = "List what has no fresh price from a shop")
    @GetMapping
    List<PriceSheet.PriceToType> rows(@PathVariable UUID edition) {
        return sheet.rows(edition);
    }
}
