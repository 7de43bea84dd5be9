package lowfield.server.prices.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.prices.EstimateBases;
import lowfield.server.prices.EstimateForm;
import lowfield.server.prices.TypedPrice;
import lowfield.server.prices.TypedPrices;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Prices by a person's word, and estimates of what nobody sells yet. */
@RestController
@RequestMapping("/api/parts/{part}")
class TypedPriceController {
    private final TypedPrices typed;
    private final EstimateBases estimates;

    TypedPriceController(TypedPrices typed, EstimateBases estimates) {
        this.typed = typed;
        this.estimates = estimates;
    }

    /** By which number a typed price can be taken back. */
    record KeptPrice(long number) {}

    @Operation(operationId = "typePrice", summary = "Type a price that somebody has seen")
    @PostMapping("/prices")
    @ResponseStatus(HttpStatus.CREATED)
    KeptPrice add(@PathVariable UUID part, @RequestBody TypedPrice price, @AuthenticationPrincipal Person person) {
        return new KeptPrice(typed.add(part, price, person));
    }

    @Operation(operationId = "withdrawPrice", summary = "Take back a typed price")
    @DeleteMapping("/prices/{number}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID part, @PathVariable long number, @AuthenticationPrincipal Person person) {
        typed.takeBack(part, number, person);
    }

    @Operation(operationId = "getEstimate", summary = "Get the estimate of a part")
    @GetMapping("/estimate")
    ResponseEntity<EstimateForm> estimate(@PathVariable UUID part) {
        return estimates
                .of(part)
                .map(ResponseEntity::ok)
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    @Operation(operationId = "estimatePart", summary = "Estimate what an announced part will cost")
    @PutMapping("/estimate")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void estimate(@PathVariable UUID part, @RequestBody EstimateForm form) {
        estimates.set(part, Optional.of(form));
    }

    @Operation(operationId = "withdrawEstimate", summary = "Take back the estimate of a part")
    @DeleteMapping("/estimate")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@PathVariable UUID part) {
        estimates.set(part, Optional.empty());
    }
}
