package lowfield.server.history.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Kind;
import lowfield.server.history.Histories;
import lowfield.server.history.KindHistories;
import lowfield.server.history.TierHistories;
import lowfield.server.history.Today;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Prices through time, as the charts and their tables need them. */
@RestController
@RequestMapping("/api")
class HistoryController {
    private final Histories histories;
    private final KindHistories kinds;
    private final TierHistories tiers;
    private final Today today;

    HistoryController(Histories histories, KindHistories kinds, TierHistories tiers, Today today) {
        this.histories = histories;
        this.kinds = kinds;
        this.tiers = tiers;
        this.today = today;
    }

    @Operation(operationId = "getPartHistory", summary = "Get a part's prices through time")
    @GetMapping("/parts/{id}/history")
    Histories.PartHistory part(@PathVariable UUID id, @RequestParam(required = false) @Nullable UUID guide) {
        return histories.part(id, Optional.ofNullable(guide), today.day());
    }

    @Operation(operationId = "getKindHistory", summary = "Get the price index of a kind")
    @GetMapping("/kinds/{kind}/history")
    KindHistories.KindHistory kind(@PathVariable Kind kind) {
        return kinds.of(kind, today.day());
    }

    @Operation(operationId = "getGuideHistory", summary = "Get a guide's tiers through time")
    @GetMapping("/guides/{slug}/history")
    TierHistories.GuideHistory guide(@PathVariable String slug) {
        return tiers.of(slug, today.day());
    }
}
