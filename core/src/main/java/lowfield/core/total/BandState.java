package lowfield.core.total;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.guide.Band;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;

/** Where a total stands against its band. A range is inside only with both ends. */
public sealed interface BandState {
    record Under(Money by) implements BandState {}

    record Inside(Money left) implements BandState {}

    record Over(Money by) implements BandState {}

    /** The total is a range and may leave the band; how each end stands: one of the three above. */
    record Ranging(BandState low, BandState high) implements BandState {
        /** At which ends it leaves the band, and by how much: "at its high end over by 12.00 EUR". */
        public String said() {
            return Stream.of(said("low", low), said("high", high))
                    .flatMap(Optional::stream)
                    .collect(Collectors.joining(", "));
        }

        private static Optional<String> said(String end, BandState state) {
            if (state instanceof Under under) {
                return Optional.of("at its %s end under by %s".formatted(end, under.by()));
            }
            return state instanceof Over over
                    ? Optional.of("at its %s end over by %s".formatted(end, over.by()))
                    : Optional.empty();
        }
    }

    record NotKnown() implements BandState {}

    record NoBand() implements BandState {}

    static BandState of(Amount total, Band band) {
        if (total.range().isEmpty()) {
            return new NotKnown();
        }
        if (band instanceof Band.None) {
            return new NoBand();
        }
        if (total instanceof Amount.Known known) {
            return of(known.money(), band);
        }
        var range = total.range().get();
        var low = of(range.low(), band);
        var high = of(range.high(), band);
        return low instanceof Inside && high instanceof Inside ? high : new Ranging(low, high);
    }

    private static BandState of(Money sum, Band band) {
        var low = band.low().orElseThrow();
        var high = band.high().orElseThrow();
        if (sum.compareTo(low) < 0) {
            return new Under(low.minus(sum));
        }
        return sum.compareTo(high) > 0 ? new Over(sum.minus(high)) : new Inside(high.minus(sum));
    }
}
