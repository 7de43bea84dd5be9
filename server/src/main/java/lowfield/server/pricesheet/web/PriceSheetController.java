package lowfield.server.pricesheet.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.pricesheet.Confirmations;
import lowfield.server.pricesheet.PriceSheet;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is to be typed or confirmed for an edition; prices are typed by part, and by line where a part is unlisted. */
@RestController
@RequestMapping("/api/editions/{edition}/price-sheet")
class PriceSheetController {
    private final PriceSheet sheet;
    private final Confirmations confirmations;

    PriceSheetController(PriceSheet sheet, Confirmations confirmations) {
        this.sheet = sheet;
        this.confirmations = confirmations;
    }

    @Operation(operationId = "getPriceSheet", summary = "List the prices that no shop renews")
    @GetMapping
    List<PriceSheet.PriceToType> rows(@PathVariable UUID edition) {
        return sheet.rows(edition);
    }

    @Operation(operationId = "confirmPrices", summary = "Confirm prices as they last counted, all or none")
    @PostMapping("/confirmations")
    @ResponseStatus(HttpStatus.CREATED)
    Confirmations.ConfirmedPrices confirm(
            @PathVariable UUID edition,
            @RequestBody Confirmations.PricesToConfirm asked,
            @AuthenticationPrincipal Person person) {
        return confirmations.confirm(edition, asked, person);
    }

    @Operation(operationId = "withdrawConfirmation", summary = "Take back prices that were confirmed together")
    @DeleteMapping("/confirmations/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID edition, @PathVariable UUID id, @AuthenticationPrincipal Person person) {
        confirmations.takeBack(edition, id, person);
    }
}
