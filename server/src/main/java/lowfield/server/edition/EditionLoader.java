package lowfield.server.edition;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.change.LineChange;
import lowfield.core.edition.BuildPlan;
import lowfield.core.edition.BuildPrices;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.edition.LinePrices;
import lowfield.core.edition.Market;
import lowfield.core.edition.PublishedBuild;
import lowfield.core.edition.TierTerms;
import lowfield.core.guide.Following;
import lowfield.core.money.Money;
import lowfield.core.offer.Bundle;
import lowfield.core.offer.Condition;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;
import lowfield.core.total.PackagePrices;
import lowfield.core.total.SalesTax;
import lowfield.server.archive.Archive;
import lowfield.server.catalogue.Catalogue;
import lowfield.server.catalogue.Parts;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.guide.OverrideForm;
import lowfield.server.guide.TierInfo;
import lowfield.server.platform.IdleCache;
import lowfield.server.prices.Bundles;
import org.springframework.stereotype.Service;

/** Loads editions: reads what is stored, asks for prices, and lets core evaluate it. What has not changed is kept. */
@Service
public class EditionLoader {
    private final Guides guides;
    private final Editions editions;
    private final LineRows lines;
    private final Parts parts;
    private final PolicyPrices policyPrices;
    private final Bundles bundles;
    private final PackageOffers packages;
    private final Archive archive;
    private final PricedCatalogue priced;
    private final Clock clock;

    /** Builds that were evaluated, while nothing that they come from has changed. */
    private final Cache<EvaluatedFrom, EvaluatedBuild> known = IdleCache.cache().build();

    EditionLoader(
            Guides guides,
            Editions editions,
            LineRows lines,
            Parts parts,
            PolicyPrices policyPrices,
            Bundles bundles,
            PackageOffers packages,
            Archive archive,
            PricedCatalogue priced,
            Clock clock) {
        this.guides = guides;
        this.editions = editions;
        this.lines = lines;
        this.parts = parts;
        this.policyPrices = policyPrices;
        this.bundles = bundles;
        this.packages = packages;
        this.archive = archive;
        this.priced = priced;
        this.clock = clock;
    }

    /** What every build of one edition is evaluated from. */
    private record Ground(
            GuideInfo guide,
            Editions.Plan plan,
            Optional<Publication> last,
            Catalogue catalogue,
            LinePrices prices,
            Map<UUID, LineRows.StoredLine> rows) {
        Money zero() {
            return Money.zero(guide.money());
        }

        /** What an evaluated build depends on beside its rows, each its own identity. */
        List<Object> identities() {
            return List.of(
                    guide,
                    plan,
                    last.map(Object.class::cast).orElse(""),
                    catalogue,
                    prices.counted(),
                    prices.available());
        }
    }

    /** The edition at this moment. */
    public LoadedEdition load(UUID editionId) {
        var standing = lines.standing(editionId);
        var plan = editions.plan(editionId, standing.stamp());
        var edition = plan.edition();
        var guide = guides.byId(edition.guide());
        var ground = new Ground(
                guide,
                plan,
                archive.before(guide.id(), edition.number()),
                parts.catalogue(),
                policyPrices.of(guide, edition.policy()),
                rows(standing.builds()));
        var tiers = plan.tiers().stream()
                .map(tier -> tier(ground, tier, standing.builds()))
                .toList();
        return new LoadedEdition(
                guide,
                edition,
                ground.last(),
                new EvaluatedEdition(tiers),
                plan.tiers().stream().collect(Collectors.toMap(TierInfo::id, Function.identity())),
                plan.tiers().stream()
                        .flatMap(t -> t.builds().stream())
                        .collect(Collectors.toMap(TierInfo.BuildInfo::id, Function.identity())),
                ground.rows(),
                version(standing));
    }

    private static int version(LineRows.EditionRows standing) {
        var lines = standing.builds().values().stream()
                .flatMap(List::stream)
                .map(LineRows.StoredLine::version)
                .sorted()
                .toList();
        return Objects.hash(standing.stamp(), lines) & 0xFFFFFFF;
    }

    /** Every line with what it takes from the line it follows. */
    private static Map<UUID, LineRows.StoredLine> rows(Map<UUID, List<LineRows.StoredLine>> builds) {
        var byId = builds.values().stream()
                .flatMap(List::stream)
                .collect(Collectors.toMap(LineRows.StoredLine::id, Function.identity()));
        var following = new Following(byId.values().stream()
                .filter(r -> r.state().follows() != null)
                .collect(
                        Collectors.toMap(LineRows.StoredLine::id, r -> r.state().follows())));
        return byId.values().stream()
                .collect(Collectors.toMap(
                        LineRows.StoredLine::id, r -> r.following(byId.get(following.source(r.id())))));
    }

    private EvaluatedTier tier(Ground ground, TierInfo tier, Map<UUID, List<LineRows.StoredLine>> rows) {
        var builds = tier.builds().stream()
                .map(b -> build(
                        ground,
                        tier,
                        b,
                        rows.getOrDefault(b.id(), List.of()).stream()
                                .map(r -> ground.rows().get(r.id()))
                                .toList()))
                .toList();
        return new EvaluatedTier(
                tier.id(),
                tier.form().name(),
                tier.form().band().band(ground.guide().money()),
                builds);
    }

    private EvaluatedBuild build(
            Ground ground, TierInfo tier, TierInfo.BuildInfo info, List<LineRows.StoredLine> rows) {
        var prices = policyPrices.of(
                ground.guide(), ground.prices(), ground.plan().edition().policy(), tier, info, rows);
        var packaged = packages.of(
                ground.guide(),
                ground.guide().shops(),
                ground.plan().edition().policy(),
                info.beside().packages());
        return known.get(
                EvaluatedFrom.of(info.id(), rows, ground.identities(), prices, packaged),
                from -> EvaluatedBuild.of(plan(ground, tier, info, rows, packaged), market(ground, prices)));
    }

    private static BuildPlan plan(
            Ground ground,
            TierInfo tier,
            TierInfo.BuildInfo info,
            List<LineRows.StoredLine> rows,
            PackagePrices packaged) {
        var home = ground.guide().money();
        return new BuildPlan(
                info.id(),
                info.name(),
                rows.stream()
                        .map(r -> r.state().plan(r.id(), ground.catalogue(), home))
                        .toList(),
                new TierTerms(
                        tier.form().band().band(home),
                        tier.form().countsShipping(),
                        new SalesTax(
                                ground.guide().salesTaxPermille(), tier.form().isWithTax()),
                        tier.form().wishes(ground.guide().region()).admitting(admitted(ground, tier)),
                        ground.plan().edition().period().getYear(),
                        ground.zero(),
                        ground.guide().usual()),
                info.beside().adjustments(home),
                packaged,
                info.answers(),
                ground.last().flatMap(l -> published(l, info.id(), ground.zero())));
    }

    /** What the tier admits, whatever single builds or lines of it admit beside. */
    private static Set<Condition> admitted(Ground ground, TierInfo tier) {
        return OverrideForm.of(tier.form().policy())
                .over(ground.plan().edition().policy())
                .conditions();
    }

    private static Optional<PublishedBuild> published(Publication last, UUID build, Money zero) {
        return last.tiers().stream()
                .flatMap(t -> t.builds().stream())
                .filter(b -> b.id().equals(build))
                .findFirst()
                .map(b -> new PublishedBuild(
                        b.lines().stream()
                                .collect(Collectors.toMap(
                                        Publication.Line::id,
                                        l -> new LineChange.Published(l.key(), l.label(), told(l.price(), zero)))),
                        told(b.total(), zero)));
    }

    /** What an edition told, the likeliest of an estimate, unless its guide was in another currency then. */
    private static Optional<Money> told(Cell cell, Money zero) {
        return cell.likeliest().filter(m -> m.currency().equals(zero.currency()));
    }

    private Market market(Ground ground, BuildPrices prices) {
        var list = ground.prices().counted();
        return new Market(prices, () -> bundles(ground), kind -> priced.at(list).forSale(kind));
    }

    private List<Bundle> bundles(Ground ground) {
        var now = clock.instant();
        var policy = ground.plan().edition().policy();
        return bundles.of(ground.guide().shops()).stream()
                .filter(b -> b.refusedBy(policy, now).isEmpty())
                .toList();
    }
}
