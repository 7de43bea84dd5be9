package lowfield.server.rates.web;

import io.swagger.v3.oas.annotations.Operation;
import java.time.LocalDate;
import lowfield.server.platform.Versions;
import lowfield.server.rates.RateSource;
import lowfield.server.rates.Rates;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where exchange rates come from, and what came last. */
@RestController
@RequestMapping("/api/rates")
class RateController {
    /** {@code day} of the last rates that came, absent before any; {@code sentence}: why none came just now. */
    record RatesView(
            String address,
            boolean isUsual,
            int version,
            @Nullable LocalDate day,
            int currencies,
            @Nullable String sentence) {}

    record Address(String address) {}

    private final RateSource source;
    private final Rates rates;

    RateController(RateSource source, Rates rates) {
        this.source = source;
        this.rates = rates;
    }

    @Operation(operationId = "getRates", summary = "Get where exchange rates come from, and what came last")
    @GetMapping
    ResponseEntity<RatesView> view() {
        return answered(null);
    }

    /** Sets the address; an empty one is the usual again. */
    @Operation(operationId = "setRateSource", summary = "Set where exchange rates come from")
    @PutMapping
    ResponseEntity<RatesView> change(
            @RequestBody Address address,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        source.change(address.address(), Versions.expected(ifMatch));
        return answered(null);
    }

    @Operation(operationId = "refreshRates", summary = "Ask for the day's exchange rates now")
    @PostMapping("/refresh")
    ResponseEntity<RatesView> refresh() {
        return answered(rates.refresh().orElse(null));
    }

    private ResponseEntity<RatesView> answered(@Nullable String sentence) {
        var place = source.place();
        var last = rates.last();
        var view = new RatesView(
                place.address(),
                place.isUsual(),
                place.version(),
                last.map(Rates.Last::day).orElse(null),
                last.map(Rates.Last::currencies).orElse(0),
                sentence);
        return ResponseEntity.ok().eTag(Versions.tag(place.version())).body(view);
    }
}
