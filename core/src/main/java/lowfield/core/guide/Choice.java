package lowfield.core.guide;

import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.part.Spec;

/** What stands on a line. */
public sealed interface Choice {
    /** Nothing chosen yet. */
    record Empty() implements Choice {}

    /** A part of the catalogue. */
    record Chosen(Part which) implements Choice {}

    /** Something no catalogue has, with a typed price of one piece. Its checks are not known. */
    record FreeHand(String name, Money price) implements Choice {
        public FreeHand {
            name = name.strip();
            RuleBroken.unless(
                    !name.isEmpty() && name.length() <= 160, "A free-hand choice needs a name of 1 to 160 letters.");
            RuleBroken.unless(!price.isNegative(), "A free-hand price cannot be negative; %s was typed.", price);
        }
    }

    /** Comes with another part, costs nothing more; {@code what} may be empty. */
    record InTheBox(String what) implements Choice {}

    /** Part of the motherboard. */
    record OnTheBoard(String what) implements Choice {}

    /** The reader has it already. */
    record Owned(String what) implements Choice {}

    /** Left out on purpose. */
    record None() implements Choice {}

    default Optional<Part> part() {
        return this instanceof Chosen c ? Optional.of(c.which()) : Optional.empty();
    }

    /** The chosen part's figures when they are of the given kind's record. */
    default <S extends Spec> Optional<S> spec(Class<S> type) {
        return part().map(Part::spec).filter(type::isInstance).map(type::cast);
    }

    default String label() {
        if (this instanceof Chosen c) {
            return c.which().fullName();
        }
        if (this instanceof FreeHand f) {
            return f.name();
        }
        if (this instanceof InTheBox b) {
            return b.what().isEmpty() ? "in the box" : b.what() + ", in the box";
        }
        if (this instanceof OnTheBoard b) {
            return b.what().isEmpty() ? "on the board" : b.what() + ", on the board";
        }
        if (this instanceof Owned o) {
            return o.what().isEmpty() ? "already owned" : o.what() + ", already owned";
        }
        return this instanceof None ? "deliberately none" : "nothing chosen";
    }

    /** Two choices with the same key are the same thing for a reader: a reason written for one holds for the other. */
    default String key() {
        if (this instanceof Chosen c) {
            return "part:" + c.which().id();
        }
        return this instanceof FreeHand f ? "free:" + f.name() : getClass().getSimpleName();
    }
}
