package lowfield.core.press;

import java.util.Optional;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;

/** A sum as a published edition tells it. Which of the forms it takes is decided once, in the document (rules 2). */
public sealed interface Cell {
    /** The sum itself. */
    record Exact(Money sum) implements Cell {}

    /** A sum that holds a price which may not be shown; that price is in it to the nearest ten. */
    record Rounded(Money sum) implements Cell {}

    /** From where to where an estimate goes, what is likeliest, and from what it follows where that is told. */
    record Estimated(Money low, Money likely, Money high, Optional<String> derivation) implements Cell {}

    /** A price that its shop does not allow to be shown in a published edition. */
    record Withheld() implements Cell {}

    /** A part of a package, whose price stands beside the lines; with what the seller asks more or less for this part of it. */
    record Included(Optional<Money> swap) implements Cell {}

    /** No sum: a price is missing. */
    record NotKnown() implements Cell {}

    static Cell of(Amount amount) {
        return of(amount, false);
    }

    /** An amount in which a price that may not be shown stands rounded, or none does. */
    static Cell of(Amount amount, boolean isRounded) {
        return amount.known()
                .map(sum -> isRounded ? (Cell) new Rounded(sum) : new Exact(sum))
                .or(() -> estimate(amount, Optional.empty()))
                .orElseGet(NotKnown::new);
    }

    /** A range, as an estimate; absent for any other amount. */
    static Optional<Cell> estimate(Amount amount, Optional<String> derivation) {
        return amount instanceof Amount.Range r
                ? Optional.of(new Estimated(r.low(), r.likely(), r.high(), derivation))
                : Optional.empty();
    }

    /** The sum where there is one figure, exact or rounded. */
    default Optional<Money> known() {
        if (this instanceof Exact e) {
            return Optional.of(e.sum());
        }
        return this instanceof Rounded r ? Optional.of(r.sum()) : Optional.empty();
    }

    /** The sum, or the likeliest where it is an estimate. */
    default Optional<Money> likeliest() {
        return known().or(() -> estimated().map(Estimated::likely));
    }

    default Optional<Estimated> estimated() {
        return this instanceof Estimated e ? Optional.of(e) : Optional.empty();
    }

    default boolean isRounded() {
        return this instanceof Rounded;
    }

    default Optional<Included> included() {
        return this instanceof Included i ? Optional.of(i) : Optional.empty();
    }

    default boolean isWithheld() {
        return this instanceof Withheld;
    }

    /** What can be worked out further: a rounded sum counts as it is told. */
    default Amount amount() {
        return known().map(Amount::of)
                .or(() -> estimated().map(e -> new Amount.Range(e.low(), e.likely(), e.high())))
                .orElseGet(() -> Amount.notKnown("a price is missing"));
    }
}
