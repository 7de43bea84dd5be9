package lowfield.server.pricesheet.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.prices.TypedPrice;
import lowfield.server.pricesheet.LinePriceTyping;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Prices typed for a line, and what they would do there. */
@RestController
@RequestMapping("/api/editions/{edition}/lines/{line}/prices")
class LinePriceController {
    private final LinePriceTyping typing;

    LinePriceController(LinePriceTyping typing) {
        this.typing = typing;
    }

    /** By which number a typed price can be taken back. */
    record KeptLinePrice(long number) {}

    /** A price of a part that is not kept yet. */
    record PriceToTry(UUID part, TypedPrice price) {}

    @Operation(operationId = "typeLinePrice", summary = "Type a price for a line and let it count there")
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptLinePrice add(
            @PathVariable UUID edition,
            @PathVariable UUID line,
            @RequestBody LinePriceTyping.PriceForLine price,
            @AuthenticationPrincipal Person person) {
        return new KeptLinePrice(typing.add(edition, line, price, person));
    }

    @Operation(operationId = "tryLinePrice", summary = "Tell what a price would do on a line")
    @PostMapping("/trials")
    LinePriceTyping.PriceEffect tryPrice(
            @PathVariable UUID edition, @PathVariable UUID line, @RequestBody PriceToTry price) {
        return typing.effect(edition, line, price.part(), price.price());
    }
}
