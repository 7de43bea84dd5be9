package lowfield.server.bench;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.money.Money;
import lowfield.core.money.Rate;
import lowfield.core.offer.Offer;
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
            if (change.topic() == Notices.Topic.OFFERS) {
                taxes.invalidate();
            }
        });
    }

    /** For each of the guide's readers' regions; none when the total is not known. */
    public List<Views.TillView> of(GuideInfo guide, EvaluatedTier tier, EvaluatedBuild build) {
        if (guide.readerRegions().isEmpty() || build.total().total().known().isEmpty()) {
            return List.of();
        }
        var till = till(guide, build);
        return guide.readerRegions().stream()
                .map(region -> view(guide, tier, till, region))
                .toList();
    }

    private Till till(GuideInfo guide, EvaluatedBuild build) {
        var taxes = this.taxes.get();
        var till = new Till(Money.zero(guide.money()));
        for (var line : build.lines()) {
            if (line.line().counted()) {
                line.price()
                        .goods()
                        .known()
                        .ifPresent(goods -> add(till, goods, line.price().offer(), taxes));
            }
        }
        for (var charge : build.total().charges()) {
            charge.amount()
                    .known()
                    .ifPresent(c ->
                            till.taxed(c, taxes.getOrDefault(charge.seller().shop(), 0)));
        }
        return till;
    }

    /** Used goods are taxed on the margin and stay as they are; so does what has no shop's price. */
    private static void add(Till till, Money goods, Optional<Offer> offer, Map<String, Integer> taxes) {
        if (offer.isEmpty() || offer.get().condition().isUsed()) {
            till.asItIs(goods);
        } else {
            till.taxed(goods, taxes.getOrDefault(offer.get().seller().shop(), 0));
        }
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
                rate.map(Tills::told).orElse(null),
                tier.band().high().map(high -> sum.compareTo(high) <= 0).orElse(true));
    }

    /** "1 EUR = 11.0827 SEK, 3 December 2026, rates.example". */
    static String told(Rate rate) {
        return "1 %s = %s %s, %s, %s"
                .formatted(
                        rate.from().getCurrencyCode(),
                        rate.rate().stripTrailingZeros().toPlainString(),
                        rate.to().getCurrencyCode(),
                        rate.day(),
                        rate.source());
    }
}
