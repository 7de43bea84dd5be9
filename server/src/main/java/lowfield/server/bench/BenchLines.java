package lowfield.server.bench;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.guide.Following;
import lowfield.core.money.Money;
import lowfield.core.offer.Estimate;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.part.Part;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.platform.IdleCache;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The lines of a build as the bench shows them. Shown again as they are while the build and who follows whom stand. */
@Component
class BenchLines {
    private final Cache<EvaluatedBuild, AsShown> shown =
            IdleCache.cache().weakKeys().build();

    /** What was shown of a build while the edition's lines followed each other so. */
    private record AsShown(Following following, List<Views.LineView> lines) {}

    /** In the build's order. */
    List<Views.LineView> of(LoadedEdition edition, EvaluatedBuild build) {
        var following = edition.evaluated().following();
        var known = shown.getIfPresent(build);
        if (known != null && known.following().equals(following)) {
            return known.lines();
        }
        var lines = build.lines().stream()
                .map(l -> line(edition, following, build, l))
                .toList();
        shown.put(build, new AsShown(following, lines));
        return lines;
    }

    private static Views.LineView line(
            LoadedEdition edition, Following following, EvaluatedBuild build, EvaluatedLine l) {
        var line = l.line();
        var state = edition.state(l);
        var worst = build.findings().stream()
                .filter(f -> f.touches(line.id()))
                .map(Finding::verdict)
                .min(Verdict.WORST_FIRST);
        var runnersUp = l.price()
                .price()
                .map(p -> p instanceof PartPrice.Priced priced ? priced.runnersUp() : List.<Offer>of())
                .orElse(List.of());
        return new Views.LineView(
                line.id(),
                edition.version(l),
                line.slot(),
                line.slot().label(),
                line.slot().kind(),
                line.slot().several(),
                line.slot().needed(),
                state.choice(),
                line.choice().part().map(Part::id).orElse(null),
                line.choice().label(),
                line.choice().part().map(Part::summary).orElse(""),
                line.quantity(),
                line.counted(),
                ViewMaker.sum(l.price().goods()),
                included(l),
                l.price().offer().map(ViewMaker::offer).orElse(null),
                l.price().estimated().map(Estimate::derivation).orElse(null),
                l.price().afterClaim().map(Money::minor).orElse(null),
                runnersUp.stream().map(ViewMaker::offer).toList(),
                state.heldListing(),
                state.heldWhy(),
                l.change().how(),
                l.change().before(),
                l.change().difference().map(Money::minor).orElse(null),
                state.reason(),
                l.hasStaleReason(),
                ViewMaker.follows(edition.evaluated(), l).orElse(null),
                followers(edition.evaluated(), following, line.id()),
                Optional.ofNullable(state.note()).orElse(""),
                worst.orElse(null),
                state.options(),
                state.comparedOf(),
                state.place(),
                state.meant(),
                state.policy());
    }

    private static List<Views.FollowView> followers(EvaluatedEdition edition, Following following, UUID source) {
        return following.of(source).stream()
                .flatMap(id -> ViewMaker.where(edition, id).stream())
                .sorted(Comparator.comparing(Views.FollowView::where))
                .toList();
    }

    private static PackageViews.@Nullable IncludedView included(EvaluatedLine line) {
        return line.price()
                .in()
                .map(p -> new PackageViews.IncludedView(
                        p.id(), p.name(), p.swap(line.id()).map(Money::minor).orElse(null)))
                .orElse(null);
    }
}
