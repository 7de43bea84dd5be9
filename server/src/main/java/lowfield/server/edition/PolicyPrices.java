package lowfield.server.edition;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lowfield.core.edition.BuildPrices;
import lowfield.core.edition.LinePrices;
import lowfield.core.edition.PolicyLevels;
import lowfield.core.offer.PricePolicy;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.OverrideForm;
import lowfield.server.guide.TierInfo;
import lowfield.server.prices.Offers;
import org.springframework.stereotype.Component;

/** The prices that each line goes by: those of the edition's policy, or of what its tier, build or line says otherwise. */
@Component
final class PolicyPrices {
    private final Offers offers;
    private final Clock clock;

    PolicyPrices(Offers offers, Clock clock) {
        this.offers = offers;
        this.clock = clock;
    }

    /** Prices at this moment under one policy. */
    LinePrices of(GuideInfo guide, PricePolicy policy) {
        var now = clock.instant();
        var buyer = new Offers.Buyer(guide.id(), guide.pricedAt());
        return new LinePrices(offers.prices(policy, buyer, now), offers.bookable(policy, buyer, now));
    }

    /** The prices of a build's lines, where `usual` are those of the edition's policy. */
    BuildPrices of(
            GuideInfo guide,
            LinePrices usual,
            PricePolicy policy,
            TierInfo tier,
            TierInfo.BuildInfo build,
            List<LineRows.StoredLine> rows) {
        var levels = new PolicyLevels(policy, OverrideForm.of(tier.form().policy()), OverrideForm.of(build.policy()));
        var differing = levels.differing(rows.stream()
                .collect(Collectors.toMap(
                        LineRows.StoredLine::id, r -> OverrideForm.of(r.state().policy()))));
        return new BuildPrices(
                usual,
                differing.entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, e -> of(guide, e.getValue()))));
    }
}
