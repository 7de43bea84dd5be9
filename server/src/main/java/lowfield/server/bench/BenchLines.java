package lowfield.server.bench;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Following;
import lowfield.core.money.Money;
import lowfield.core.offer.Estimate;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.part.Part;
import lowfield.server.platform.Passing;
import org.springframework.stereotype.Component;

/** The lines of a build as the bench shows them. Shown again as they are while the build and who follows whom stand. */
@Component
class BenchLines {
    private final Cache<Sheets.OfBuild, AsShown> shown =
            Passing.cache().weakKeys().build();

    /** What was shown of a build while the edition's lines followed each other so. */
    private record AsShown(Following following, List<Views.LineView> lines) {}

    /** In the build's order. */
    List<Views.LineView> of(Sheets sheets, Sheets.OfBuild build) {
        var following = sheets.following();
        var known = shown.getIfPresent(build);
        if (known != null && known.following().equals(following)) {
            return known.lines();
        }
        var lines = build.lines().stream()
                .map(l -> line(sheets, following, build, l))
                .toList();
        shown.put(build, new AsShown(following, lines));
        return lines;
    }

    private static Views.LineView line(Sheets sheets, Following following, Sheets.OfBuild build, Sheets.OfLine l) {
        var line = l.line();
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
                l.version(),
                line.slot(),
                line.slot().label(),
                line.slot().kind(),
                line.slot().several(),
                line.slot().needed(),
                l.state().choice(),
                line.choice().label(),
                line.choice().part().map(Part::summary).orElse(""),
                line.quantity(),
                line.counted(),
                Shown.sum(l.price().goods()),
                l.price().offer().map(Shown::offer).orElse(null),
                l.price().estimated().map(Estimate::derivation).orElse(null),
                runnersUp.stream().map(Shown::offer).toList(),
                l.state().heldListing(),
                l.state().heldWhy(),
                l.change().how(),
                l.change().before(),
                l.change().difference().map(Money::minor).orElse(null),
                l.state().reason(),
                l.reason().isStale(line.choice()),
                Shown.follows(sheets, l).orElse(null),
                followers(sheets, following, line.id()),
                Optional.ofNullable(l.state().note()).orElse(""),
                worst.orElse(null),
                l.state().options(),
                l.state().comparedOf(),
                l.state().place(),
                l.state().policy());
    }

    private static List<Views.FollowView> followers(Sheets sheets, Following following, UUID source) {
        return following.of(source).stream()
                .flatMap(id -> Shown.where(sheets, id).stream())
                .sorted(Comparator.comparing(Views.FollowView::where))
                .toList();
    }
}
