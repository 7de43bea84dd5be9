package lowfield.server.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.check.Verdict;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.money.Money;
import lowfield.core.power.Draw;
import lowfield.core.press.ShareMaker;
import lowfield.core.total.BundleSaving;
import lowfield.core.total.PackagePrice;
import lowfield.core.total.PlatformCost;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands at the right of the bench: total and band, what the checks say, what the build draws. */
@Service
public class Tallies {
    private final EditionLoader editions;

    Tallies(EditionLoader editions) {
        this.editions = editions;
    }

    static Views.Tally tally(LoadedEdition edition, Tills tills, EvaluatedTier tier, EvaluatedBuild build) {
        var draw = Draw.of(build.build(), build.peak());
        return new Views.Tally(
                ViewMaker.gauge(tier, build),
                ViewMaker.sum(build.total().goods()),
                build.total().charges().stream()
                        .map(c -> new Views.ChargeView(c.seller().label(), ViewMaker.sum(c.amount())))
                        .toList(),
                ViewMaker.sum(build.total().uncounted()),
                ViewMaker.sum(build.total().withOptional()),
                tax(build),
                edition.info(build).beside(),
                packages(build),
                tills.of(edition.guide(), tier, build),
                build.together().stream().map(t -> bundle(build, t)).toList(),
                open(build),
                build.findings().size(),
                count(build, Verdict.NOT_KNOWN),
                count(build, Verdict.FITS),
                build.peak().watts().value().orElse(null),
                build.peak().withHeadroom().value().orElse(null),
                build.peak().neededRating().value().orElse(null),
                draw.supply().map(Draw.Supply::rating).orElse(null),
                drawView(draw),
                build.peak().shares().stream()
                        .map(s -> new Views.ShareView(s.what(), s.watts()))
                        .toList(),
                build.peak().missing());
    }

    private static PackageViews.@Nullable TaxView tax(EvaluatedBuild build) {
        var total = build.total();
        var tax = total.counting().tax();
        return total.tax()
                .map(sum -> new PackageViews.TaxView(
                        tax.permille(),
                        ViewMaker.sum(sum),
                        ViewMaker.sum(total.withTax().orElseThrow()),
                        tax.isInBand()))
                .orElse(null);
    }

    private static List<PackageViews.PackageView> packages(EvaluatedBuild build) {
        var ended = build.plan().packages().broken(build.build().lines()).stream()
                .collect(Collectors.toMap(b -> b.of().id(), PackagePrice.Broken::why));
        return build.plan().packages().all().stream()
                .map(p -> new PackageViews.PackageView(
                        p.id(),
                        p.name(),
                        p.offer().map(o -> o.seller().label()).orElse(""),
                        p.price().map(Money::minor).orElse(null),
                        p.members().stream().map(PackagePrice.Member::line).toList(),
                        ended.getOrDefault(p.id(), "")))
                .toList();
    }

    private static PackageViews.BundleView bundle(EvaluatedBuild build, BundleSaving together) {
        return new PackageViews.BundleView(
                together.bundle().seller().id(),
                together.bundle().seller().label(),
                together.lines(),
                build.labels(together.lines()),
                together.bundle().price().minor(),
                together.saves().minor(),
                together.bundle().seenAt(),
                together.bundle().link());
    }

    /** Everything but what fits, the worst first, what was answered last. */
    private static List<Views.FindingView> open(EvaluatedBuild build) {
        return build.findings().stream()
                .filter(f -> f.verdict() != Verdict.FITS)
                .map(f -> ViewMaker.finding(build, f))
                .sorted(Comparator.comparing((Views.FindingView f) -> f.answer() != null)
                        .thenComparing(Views.FindingView::verdict, Verdict.WORST_FIRST))
                .toList();
    }

    /** The checks and the draw of a build in a few numbers. */
    static LadderViews.SummaryView summary(EvaluatedBuild build) {
        var draw = Draw.of(build.build(), build.peak());
        return new LadderViews.SummaryView(
                build.findings().size(),
                count(build, Verdict.CLASH),
                count(build, Verdict.NOT_KNOWN),
                count(build, Verdict.CAUTION),
                build.peak().watts().value().orElse(null),
                draw.supply().map(Draw.Supply::rating).orElse(null),
                draw.gaming().map(Draw.Watts::low).orElse(null),
                draw.gaming().map(Draw.Watts::high).orElse(null),
                PlatformCost.of(build.prices(), build.plan().terms().zero())
                        .map(Money::minor)
                        .orElse(null),
                ShareMaker.shares(build.prices(), build.total()).stream()
                        .map(s -> new LadderViews.SpendingView(s.slot(), s.permille()))
                        .toList());
    }

    private static int count(EvaluatedBuild build, Verdict verdict) {
        return (int)
                build.findings().stream().filter(f -> f.verdict() == verdict).count();
    }

    /** What fits in a build, with its evidence, which is only put into words when it is asked for. */
    @Transactional(readOnly = true)
    public List<Views.FindingView> fitting(UUID edition, UUID build) {
        return editions.load(edition).build(build).findings().stream()
                .filter(f -> f.verdict() == Verdict.FITS)
                .map(ViewMaker::finding)
                .toList();
    }

    private static Views.DrawView drawView(Draw draw) {
        return new Views.DrawView(
                draw.idle(),
                draw.gaming().map(Draw.Watts::low).orElse(null),
                draw.gaming().map(Draw.Watts::high).orElse(null),
                draw.headroom().orElse(null),
                load(draw, Optional.of(draw.idle())),
                load(draw, draw.gaming().map(Draw.Watts::middle)),
                load(draw, draw.peak().watts().value()));
    }

    private static Views.@Nullable LoadView load(Draw draw, Optional<Integer> watts) {
        if (watts.isEmpty() || draw.supply().isEmpty()) {
            return null;
        }
        var efficiency = draw.supply().get().efficiency(watts.get());
        return new Views.LoadView(
                (int) Math.round(draw.supply().get().load(watts.get())),
                efficiency.isPresent() ? (int) Math.round(efficiency.getAsDouble() * 100) : null);
    }

    /** What a year of a build takes from the wall, for hours a day; absent when its draw or supply is not known. */
    @Transactional(readOnly = true)
    public Optional<Draw.Year> year(UUID edition, UUID build, double gamingHours, double idleHours) {
        RuleBroken.unless(
                gamingHours >= 0 && idleHours >= 0 && gamingHours + idleHours <= 24,
                "Hours of play and idling are zero or more, and a day has 24.");
        var of = editions.load(edition).build(build);
        return Draw.of(of.build(), of.peak()).year(gamingHours, idleHours);
    }
}
