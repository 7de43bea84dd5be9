package lowfield.server.edition;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Stock;
import lowfield.core.total.PackagePrice;
import lowfield.core.total.PackagePrices;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.guide.GuideInfo;
import lowfield.server.prices.Bundles;
import lowfield.server.prices.ShopsAsSellers;
import org.springframework.stereotype.Component;

/** What the packages of a build cost at this moment: what the author typed, or what a shop asks for its bundle. */
@Component
final class PackageOffers {
    private final Bundles bundles;
    private final ShopsAsSellers sellers;
    private final Clock clock;

    PackageOffers(Bundles bundles, ShopsAsSellers sellers, Clock clock) {
        this.bundles = bundles;
        this.sellers = sellers;
        this.clock = clock;
    }

    /** Bundles are looked for at some shops: the guide's, or those where it bought when it was published. */
    PackagePrices of(GuideInfo guide, Set<UUID> shops, PricePolicy policy, List<ExtrasForm.PackageForm> packages) {
        return packages.isEmpty()
                ? PackagePrices.NONE
                : new PackagePrices(packages.stream()
                        .map(p -> new PackagePrice(
                                p.id(),
                                p.name(),
                                p.bundleOf() == null ? typed(guide, p) : asked(guide, shops, policy, p),
                                p.bundleOf() != null,
                                p.members(guide.money())))
                        .toList());
    }

    /** The author's word counts for as long as it stands. */
    private Optional<Offer> typed(GuideInfo guide, ExtrasForm.PackageForm of) {
        return Optional.of(new Offer(
                of.id(),
                sellers.of(Optional.ofNullable(of.shop()), guide.currency()),
                Condition.NEW,
                new Money(Optional.ofNullable(of.priceMinor()).orElse(0L), guide.money()),
                Optional.of(new Money(Optional.ofNullable(of.shippingMinor()).orElse(0L), guide.money())),
                Stock.IN_STOCK,
                false,
                Optional.ofNullable(of.seenAt()).orElse(clock.instant()),
                Optional.ofNullable(of.link()).orElse("")));
    }

    /** The cheapest bundle of that seller with exactly these parts that the policy admits. */
    private Optional<Offer> asked(GuideInfo guide, Set<UUID> shops, PricePolicy policy, ExtrasForm.PackageForm of) {
        var parts = ExtrasForm.parts(of);
        var now = clock.instant();
        return bundles.of(shops).stream()
                .filter(b -> b.seller().id().equals(of.bundleOf()) && b.parts().equals(parts))
                .filter(b -> b.price().currency().equals(guide.money()))
                .filter(b -> b.refusedBy(policy, now).isEmpty())
                .min(java.util.Comparator.comparing(b -> b.price()))
                .map(b -> new Offer(
                        of.id(),
                        b.seller(),
                        Condition.NEW,
                        b.price(),
                        b.shippingAlone(),
                        b.stock(),
                        b.membersOnly(),
                        b.seenAt(),
                        b.link()));
    }
}
