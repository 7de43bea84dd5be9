package lowfield.server.bench;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.find.Prospect;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Following;
import lowfield.core.money.Money;
import lowfield.core.offer.Estimate;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.part.Part;
import lowfield.core.power.Draw;
import org.springframework.stereotype.Component;

/** The lines of a build as the bench shows them. Shown again as they are while the build and who follows whom stand. */
@Component
class BenchLines {
    private final Workbench workbench;
    private final Cache<Sheets.OfBuild, AsShown> shown =
            Caffeine.newBuilder().maximumSize(400).weakKeys().build();

    /** What was shown of a build while the edition's lines followed each other so. */
    private record AsShown(Following following, List<Views.LineView> lines) {}

    BenchLines(Workbench workbench) {
        this.workbench = workbench;
    }

    /** In the build's order. */
    List<Views.LineView> of(Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build) {
        var following = sheets.following();
        var known = shown.getIfPresent(build);
        if (known != null && known.following().equals(following)) {
            return known.lines();
        }
        var lines = build.lines().stream()
                .map(l -> line(sheets, following, tier, build, l))
                .toList();
        shown.put(build, new AsShown(following, lines));
        return lines;
    }

    private Views.LineView line(
            Sheets sheets, Following following, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine l) {
        var line = l.line();
        var worst = Tallies.WORST_FIRST.stream()
                .filter(v -> build.findings().stream().anyMatch(f -> f.verdict() == v && f.touches(line.id())))
                .findFirst();
        var options = build.options(line.id()).stream()
                .map(o -> option(build, line.id(), o.prospect(), o.state()))
                .toList();
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
                members(sheets, tier, build, l),
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
                options,
                l.state().comparedOf());
    }

    private static List<Views.FollowView> followers(Sheets sheets, Following following, UUID source) {
        return following.of(source).stream()
                .flatMap(id -> Shown.where(sheets, id).stream())
                .sorted(Comparator.comparing(Views.FollowView::where))
                .toList();
    }

    private static Views.OptionView option(Sheets.OfBuild build, UUID line, Prospect prospect, OptionState state) {
        var taken = prospect.forced().stream()
                .reduce(build.build().taking(line, prospect.part()), BenchLines::with, (a, b) -> b);
        return new Views.OptionView(
                state,
                prospect.part().fullName(),
                prospect.part().summary(),
                Shown.sum(prospect.price().goods()),
                Shown.minor(prospect.trueDifference()),
                Shown.sum(prospect.total().total()),
                Shown.standing(prospect.state()),
                Draw.of(taken).headroom().orElse(null),
                Shown.forced(prospect),
                Shown.trouble(prospect));
    }

    /** The build with what a candidate forces. */
    private static Build with(Build build, Prospect.Forced forced) {
        return build.filled(forced.slot()).stream()
                .findFirst()
                .map(l -> build.taking(l.id(), forced.part()))
                .orElse(build);
    }

    /** The parts of a vetted set in order of preference; none for another choice. */
    private List<Views.MemberView> members(
            Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine line) {
        if (!(line.line().choice() instanceof Choice.VettedSet set)) {
            return List.of();
        }
        var prospects = workbench.prospects(sheets, tier, build, line);
        return set.members().stream()
                .map(p -> member(prospects.of(p), p.equals(set.winner())))
                .toList();
    }

    private static Views.MemberView member(Prospect prospect, boolean wins) {
        return new Views.MemberView(
                prospect.part().id(),
                prospect.part().fullName(),
                prospect.part().summary(),
                Shown.sum(prospect.price().goods()),
                wins,
                Shown.trouble(prospect));
    }
}
