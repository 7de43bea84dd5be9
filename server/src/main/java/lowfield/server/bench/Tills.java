package lowfield.server.bench;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.money.Money;
import lowfield.core.money.Rate;
import lowfield.core.total.ReaderRegion;
import lowfield.core.total.Till;
import lowfield.server.guide.GuideInfo;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import lowfield.server.rates.Rates;
import lowfield.server.shops.Shops;
import org.springframework.stereotype.Component;

/** What readers of other regions pay at the till for a build, in their own currency. */
@Component
public class Tills {
    private final Rates rates;
    private final Snapshot<Map<String, Integer>> taxes;
    private final Clock clock;

    Tills(Rates rates, Shops shops, Notices notices, Clock clock) {
        this.rates = rates;
        this.clock = clock;
        this.taxes = new Snapshot<>(() ->
                shops.all().stream().collect(Collectors.toUnmodifiableMap(Shops.Shop::name, Shops.Shop::taxPermille)));
        notices.whenChanged(change -> {
            // A shop that changes is told as a whole change of offers; a price that was decided changes no tax.
            if (change.topic() == Notices.Topic.OFFERS && change.isWhole()) {
                taxes.invalidate();
            }
        });
    }

    /** For each of the guide's readers' regions; none when the total is not known. */
    public List<Views.TillView> of(GuideInfo guide, EvaluatedTier tier, EvaluatedBuild build) {
        if (guide.readerRegions().isEmpty() || build.total().total().known().isEmpty()) {
            return List.of();
        }
        var till = Till.of(build.prices(), build.total(), taxes.get(), Money.zero(guide.money()));
        return guide.readerRegions().stream()
                .map(region -> view(guide, tier, till, region))
                .toList();
    }

    /** Each shop's tax in thousandths, by its name. */
    public Map<String, Integer> taxes() {
        return taxes.get();
    }

    private Views.TillView view(GuideInfo guide, EvaluatedTier tier, Till till, ReaderRegion region) {
        var day = LocalDate.ofInstant(clock.instant(), ZoneId.of(guide.zone()));
        var rate = rates.of(guide.money(), region.money(), day);
        var sum = till.in(region);
        return new Views.TillView(
                region.name(),
                region.currency(),
                sum.minor(),
                rate.map(r -> r.convert(sum).minor()).orElse(null),
                rate.map(Rate::said).orElse(null),
                tier.band().high().map(high -> sum.compareTo(high) <= 0).orElse(true));
    }
}
