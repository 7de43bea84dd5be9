package lowfield.core.total;

import lowfield.core.guide.Band;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;

/** Where a total stands against its band. */
public sealed interface BandState {
    record Under(Money by) implements BandState {}

    record Inside(Money left) implements BandState {}

    record Over(Money by) implements BandState {}

    record NotKnown() implements BandState {}

    record NoBand() implements BandState {}

    static BandState of(Amount total, Band band) {
        if (!(total instanceof Amount.Known known)) {
            return new NotKnown();
        }
        if (band instanceof Band.None) {
            return new NoBand();
        }
        var sum = known.money();
        var low = band.low().orElseThrow();
        var high = band.high().orElseThrow();
        if (sum.compareTo(low) < 0) {
            return new Under(low.minus(sum));
        }
        return sum.compareTo(high) > 0 ? new Over(sum.minus(high)) : new Inside(high.minus(sum));
    }
}
