package lowfield.core.guide;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Sold;

/**
 * One line of a build: what fills a slot, how many, and whether it counts in the total.
 *
 * @param place where the author puts a radiator, a fan or a drive; absent where it goes where it fits best
 * @param meant which version of the part is meant, in a word or two ("white"); absent where any will do
 * @param sold how the offer that counts sells it; absent without an offer
 */
public record Line(
        UUID id,
        Slot slot,
        Choice choice,
        int quantity,
        boolean counted,
        Optional<String> place,
        Optional<String> meant,
        Optional<Sold> sold) {
    public static final int MOST = 20;

    public Line {
        RuleBroken.unless(quantity >= 1 && quantity <= MOST, "A quantity is 1 to %d, not %d.", MOST, quantity);
    }

    /** One that goes where it fits best and whose offer is not known. */
    public Line(UUID id, Slot slot, Choice choice, int quantity, boolean counted) {
        this(id, slot, choice, quantity, counted, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Another choice: its place and what is meant stay, how another was sold does not. */
    public Line with(Choice other) {
        return new Line(id, slot, other, quantity, counted, place, meant, Optional.empty());
    }

    public Line at(String where) {
        return new Line(id, slot, choice, quantity, counted, Optional.of(where), meant, sold);
    }

    public Line meaning(String version) {
        return new Line(id, slot, choice, quantity, counted, place, Optional.of(version), sold);
    }

    public Line in(Condition state) {
        return soldAs(Sold.of(state));
    }

    public Line soldAs(Sold how) {
        return new Line(id, slot, choice, quantity, counted, place, meant, Optional.of(how));
    }

    /** The condition of the offer that counts; absent without an offer. */
    public Optional<Condition> condition() {
        return sold.map(Sold::condition);
    }

    public boolean isEmpty() {
        return choice instanceof Choice.Empty;
    }
}
