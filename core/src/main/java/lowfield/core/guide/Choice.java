package lowfield.core.guide;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.part.spec.Spec;

/** What stands on a line. */
public sealed interface Choice {
    /** Nothing chosen yet. */
    record Empty() implements Choice {}

    /** A part of the catalogue. */
    record Chosen(Part which) implements Choice {}

    /**
     * Several vetted parts that would all do, in order of preference: the first whose price is within the tolerance of the
     * cheapest wins. The winner follows from prices and moment, and is one of the members.
     */
    record VettedSet(List<Part> members, Money tolerance, Part winner) implements Choice {
        public static final int MOST = 12;

        public VettedSet {
            members = List.copyOf(members);
            RuleBroken.unless(members.size() >= 2 && members.size() <= MOST, "Any of these: name 2 to %d parts.", MOST);
            RuleBroken.unless(
                    members.stream().map(Part::id).distinct().count() == members.size(),
                    "Any of these: a part is named once.");
            RuleBroken.unless(!tolerance.isNegative(), "A set's tolerance cannot be negative.");
            RuleBroken.unless(members.contains(winner), "The winner of a set is one of its parts.");
        }

        /** The set with its winner at these prices; without any price the most preferred stands for it. */
        public static VettedSet of(List<Part> members, Money tolerance, Function<Part, Optional<Money>> price) {
            var cheapest =
                    members.stream().flatMap(m -> price.apply(m).stream()).min(Comparator.naturalOrder());
            var winner = cheapest.flatMap(least -> members.stream()
                    .filter(m -> price.apply(m)
                            .filter(p -> p.compareTo(least.plus(tolerance)) <= 0)
                            .isPresent())
                    .findFirst());
            return new VettedSet(members, tolerance, winner.orElse(members.get(0)));
        }
    }

    /**
     * Something that is not bought as a part of the catalogue, with a typed price of one piece. Its checks go by the figures of
     * a part that has the same, and are not known without one; that anyone can buy it today only the author can say.
     *
     * @param like the part of the catalogue whose figures it has
     * @param seenAt when the price was typed or confirmed last; absent where that was never kept
     */
    record FreeHand(String name, Money price, boolean isAvailable, Optional<Part> like, Optional<Instant> seenAt)
            implements Choice {
        /** Of which nobody says that it can be bought, whose figures nobody knows, and whose price has no date. */
        public FreeHand(String name, Money price) {
            this(name, price, false, Optional.empty(), Optional.empty());
        }

        public FreeHand {
            name = name.strip();
            RuleBroken.unless(
                    !name.isEmpty() && name.length() <= 160, "An unlisted part needs a name of 1 to 160 letters.");
            RuleBroken.unless(
                    !price.isNegative(), "The price of an unlisted part cannot be negative; %s was typed.", price);
        }
    }

    /** Comes with another part, costs nothing more; {@code what} may be empty. */
    record InTheBox(String what) implements Choice {}

    /** Part of the motherboard. */
    record OnTheBoard(String what) implements Choice {}

    /** The reader has it already; its checks go by the figures of a part that has the same, and are not known without one. */
    record Owned(String what, Optional<Part> like) implements Choice {
        /** Whose figures nobody knows. */
        public Owned(String what) {
            this(what, Optional.empty());
        }
    }

    /** Left out on purpose. */
    record None() implements Choice {}

    /** The part that is bought, if it is one of the catalogue. */
    default Optional<Part> part() {
        if (this instanceof Chosen c) {
            return Optional.of(c.which());
        }
        return this instanceof VettedSet s ? Optional.of(s.winner()) : Optional.empty();
    }

    /** The parts it names: a set's members, what is bought, or what it is like. */
    default List<Part> named() {
        return this instanceof VettedSet s ? s.members() : figures().stream().toList();
    }

    /** The same choice, refused when it names a part of another kind than the slot takes. */
    default Choice fitting(Slot slot) {
        for (var part : named()) {
            RuleBroken.unless(
                    part.kind() == slot.kind(),
                    "%s is a %s; the slot %s takes a %s.",
                    part.fullName(),
                    part.kind().label(),
                    slot.label(),
                    slot.kind().label());
        }
        return this;
    }

    /** The part whose figures the checks go by: the one that is bought, or the one that what is there is like. */
    default Optional<Part> figures() {
        if (this instanceof Owned o) {
            return o.like();
        }
        return this instanceof FreeHand f ? f.like() : part();
    }

    /** Those figures when they are of the given kind's record. */
    default <S extends Spec> Optional<S> spec(Class<S> type) {
        return figures().map(Part::spec).filter(type::isInstance).map(type::cast);
    }

    default String label() {
        if (this instanceof Chosen c) {
            return c.which().fullName();
        }
        if (this instanceof VettedSet s) {
            return s.winner().fullName();
        }
        if (this instanceof FreeHand f) {
            return f.name();
        }
        if (this instanceof InTheBox b) {
            return b.what().isEmpty() ? "in the box" : b.what() + ", in the box";
        }
        if (this instanceof OnTheBoard b) {
            return b.what().isEmpty() ? "on the motherboard" : b.what() + ", on the motherboard";
        }
        if (this instanceof Owned o) {
            var what = o.what().isEmpty() ? o.like().map(Part::fullName).orElse("") : o.what();
            return what.isEmpty() ? "already owned" : what + ", already owned";
        }
        return this instanceof None ? "deliberately none" : "nothing chosen";
    }

    /** Two choices with the same key are the same thing for a reader: a reason written for one holds for the other. */
    default String key() {
        if (this instanceof Chosen c) {
            return "part:" + c.which().id();
        }
        if (this instanceof VettedSet s) {
            return "set:"
                    + s.members().stream().map(p -> p.id().toString()).sorted().collect(Collectors.joining(","));
        }
        if (this instanceof FreeHand f) {
            return "free:" + f.name();
        }
        return tag();
    }

    /** What is stored of a choice that names nothing. */
    private String tag() {
        if (this instanceof InTheBox) {
            return "InTheBox";
        }
        if (this instanceof OnTheBoard) {
            return "OnTheBoard";
        }
        if (this instanceof Owned) {
            return "Owned";
        }
        return this instanceof None ? "None" : "Empty";
    }
}
