package lowfield.server.triage;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.history.Weight;
import lowfield.core.money.Money;
import lowfield.core.total.BandState;
import lowfield.server.bench.Sheets;

/** Builds that are not where they belong. */
final class OutOfBand {
    private OutOfBand() {}

    static Stream<Mover> of(Sheets sheets) {
        return sheets.tiers().stream().flatMap(t -> t.builds().stream().flatMap(b -> of(t, b)));
    }

    private static Stream<Mover> of(Sheets.OfTier tier, Sheets.OfBuild build) {
        if (build.state() instanceof BandState.Over over) {
            return Stream.of(mover(tier, build, Mover.Form.OVER, over.by(), "over its band"));
        }
        return build.state() instanceof BandState.Under under
                ? Stream.of(mover(tier, build, Mover.Form.UNDER, under.by(), "under its band"))
                : Stream.empty();
    }

    private static Mover mover(Sheets.OfTier tier, Sheets.OfBuild build, Mover.Form form, Money by, String words) {
        var total = build.total().total().known().orElseThrow();
        var dearest = dearest(build).map(l -> new Choices.At(tier, build, l));
        return new MoverDraft(
                        form,
                        "build:" + build.id(),
                        form + " " + total.minor(),
                        tier.nameOf(build.id()),
                        by + " " + words + "; the counted total is " + total)
                .now(total.minor())
                .at(Choices.places(dearest.stream().toList()))
                .weighing(Weight.outOfBand(by));
    }

    /** The line of its own that has become dearest since the last edition: there one looks first. */
    private static Optional<Sheets.OfLine> dearest(Sheets.OfBuild build) {
        return build.lines().stream()
                .filter(l ->
                        l.state().follows() == null && l.line().choice().part().isPresent())
                .max(Comparator.comparing(
                        l -> l.change().difference().map(Money::minor).orElse(0L)));
    }
}
