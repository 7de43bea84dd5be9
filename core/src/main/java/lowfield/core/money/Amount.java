package lowfield.core.money;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A sum that is known exactly, a range where an estimate is in it, or not known; one that is not known says which lines are
 * to blame. Sums carry that through: one unknown makes all of it unknown, one range makes a range.
 */
public sealed interface Amount {
    /** The exact sum. */
    record Known(Money money) implements Amount {}

    /** From low to high, and what is likeliest between them; the three are in order. */
    record Range(Money low, Money likely, Money high) implements Amount {
        public Range {
            if (low.compareTo(likely) > 0 || likely.compareTo(high) > 0) {
                throw new IllegalArgumentException("Not in order: " + low + ", " + likely + ", " + high);
            }
        }
    }

    /** No sum: each sentence names a line and why it has no price. Never empty. */
    record NotKnown(List<String> blame) implements Amount {
        public NotKnown {
            blame = List.copyOf(blame);
        }
    }

    static Amount of(Money money) {
        return new Known(money);
    }

    static Amount notKnown(String blame) {
        return new NotKnown(List.of(blame));
    }

    /** The sum when it is exact; an estimate is none. */
    default Optional<Money> known() {
        return this instanceof Known k ? Optional.of(k.money()) : Optional.empty();
    }

    /** Where it may lie; an exact sum at both ends. Absent when it is not known. */
    default Optional<Range> range() {
        if (this instanceof Known k) {
            return Optional.of(new Range(k.money(), k.money(), k.money()));
        }
        return this instanceof Range r ? Optional.of(r) : Optional.empty();
    }

    default List<String> blame() {
        return this instanceof NotKnown n ? n.blame() : List.of();
    }

    default Amount plus(Amount other) {
        if (this instanceof Known a && other instanceof Known b) {
            return of(a.money().plus(b.money()));
        }
        var a = range();
        var b = other.range();
        if (a.isPresent() && b.isPresent()) {
            return new Range(
                    a.get().low().plus(b.get().low()),
                    a.get().likely().plus(b.get().likely()),
                    a.get().high().plus(b.get().high()));
        }
        return new NotKnown(
                Stream.concat(blame().stream(), other.blame().stream()).toList());
    }

    /** Each of its figures changed alike, by a function that keeps their order; what is not known stays so. */
    default Amount map(UnaryOperator<Money> change) {
        if (this instanceof Known k) {
            return of(change.apply(k.money()));
        }
        return this instanceof Range r
                ? new Range(change.apply(r.low()), change.apply(r.likely()), change.apply(r.high()))
                : this;
    }

    /** This minus the other; not known when either is. */
    default Amount minus(Amount other) {
        return plus(other.negative());
    }

    /**
     * By what a sum moves that holds the same estimates before and after, so that what they leave open is in neither: exact
     * where nothing but exact prices changed. Not known when either sum is.
     */
    default Amount since(Amount before) {
        var now = range();
        var was = before.range();
        if (now.isEmpty() || was.isEmpty()) {
            return minus(before);
        }
        var low = now.get().low().minus(was.get().low());
        var likely = now.get().likely().minus(was.get().likely());
        var high = now.get().high().minus(was.get().high());
        if (low.equals(high) && low.equals(likely)) {
            return of(likely);
        }
        return new Range(least(likely, low, high), likely, most(likely, low, high));
    }

    private static Money least(Money first, Money... others) {
        return Stream.of(others).reduce(first, (a, b) -> a.compareTo(b) <= 0 ? a : b);
    }

    private static Money most(Money first, Money... others) {
        return Stream.of(others).reduce(first, (a, b) -> a.compareTo(b) >= 0 ? a : b);
    }

    /** The sum, or the likeliest where it is an estimate. */
    default Optional<Money> likeliest() {
        return range().map(Range::likely);
    }

    private Amount negative() {
        if (this instanceof Known k) {
            return of(k.money().times(-1));
        }
        return this instanceof Range r
                ? new Range(r.high().times(-1), r.likely().times(-1), r.low().times(-1))
                : this;
    }
}
