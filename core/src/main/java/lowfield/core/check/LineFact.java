package lowfield.core.check;

import java.util.EnumMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Sold;
import lowfield.core.part.Figure;
import lowfield.core.part.Part;
import lowfield.core.part.Release;

/** A fact of a line that is no figure of its part: what kind of choice it is, how many, where it sits. */
public final class LineFact<T> implements Input<T> {
    /** The kinds of choice, as a check tells them apart. */
    public enum Source {
        /** Bought: a part of the catalogue. */
        PART,
        /** Bought, and no part of the catalogue. */
        UNLISTED,
        IN_THE_BOX,
        ON_THE_BOARD,
        OWNED,
        NONE;

        /** Whether money is spent on it. */
        public boolean isBought() {
            return this == PART || this == UNLISTED;
        }
    }

    private static final Map<Source, Figure<Source>> FIGURES = figures();

    public static final LineFact<Source> SOURCE =
            new LineFact<>("source", "where it comes from", line -> FIGURES.get(source(line.choice())));
    public static final LineFact<Integer> QUANTITY =
            new LineFact<>("quantity", "quantity", line -> Figure.of(line.quantity()));
    public static final LineFact<Boolean> COUNTED =
            new LineFact<>("counted", "whether it is in the total", line -> Figure.of(line.counted()));
    /** Not applicable where no part of the catalogue is chosen. */
    public static final LineFact<UUID> PART = new LineFact<>("part", "the part", line -> ofPart(line, Part::id));

    public static final LineFact<Release> RELEASE =
            new LineFact<>("release", "release state", line -> ofPart(line, Part::release));
    /** Why the author advises against the part; not applicable where nobody does. */
    public static final LineFact<String> AVOID = new LineFact<>(
            "avoid",
            "why it is advised against",
            line -> line.choice().part().flatMap(Part::avoid).map(Figure::of).orElseGet(Figure::notApplicable));
    /** What the reader is said to own; not applicable to what is bought. */
    public static final LineFact<String> OWNED = new LineFact<>(
            "owned",
            "what is owned",
            line -> line.choice() instanceof Choice.Owned o ? Figure.of(o.what()) : Figure.notApplicable());
    /** Where the author puts it; not applicable where it goes where it fits best. */
    public static final LineFact<String> PLACE = new LineFact<>(
            "place", "place", line -> line.place().map(Figure::of).orElseGet(Figure::notApplicable));
    /** Which version of the part the author means; not applicable where any will do. */
    public static final LineFact<String> MEANT = new LineFact<>(
            "meant",
            "the version that is meant",
            line -> line.meant().map(Figure::of).orElseGet(Figure::notApplicable));
    /** The part's full name, which tells its version; not applicable where no part of the catalogue is chosen. */
    public static final LineFact<String> NAME =
            new LineFact<>("name", "the part's name", line -> ofPart(line, Part::fullName));
    /** The condition of the offer that counts; not applicable without an offer. */
    public static final LineFact<Condition> CONDITION = new LineFact<>(
            "condition", "condition", line -> line.condition().map(Figure::of).orElseGet(Figure::notApplicable));
    /** The same with what the offer says of a boxed cooler; not applicable without an offer. */
    public static final LineFact<Sold> SOLD = new LineFact<>(
            "condition",
            "condition, and whether the offer includes the boxed cooler",
            line -> line.sold().map(Figure::of).orElseGet(Figure::notApplicable));

    private final String key;
    private final String name;
    private final Function<Line, Figure<T>> fact;

    private LineFact(String key, String name, Function<Line, Figure<T>> fact) {
        this.key = key;
        this.name = name;
        this.fact = fact;
    }

    private static <T> Figure<T> ofPart(Line line, Function<Part, T> fact) {
        return line.choice().part().map(fact).map(Figure::of).orElseGet(Figure::notApplicable);
    }

    private static Map<Source, Figure<Source>> figures() {
        var figures = new EnumMap<Source, Figure<Source>>(Source.class);
        for (var source : Source.values()) {
            figures.put(source, Figure.of(source));
        }
        return figures;
    }

    private static Source source(Choice choice) {
        if (choice instanceof Choice.Chosen || choice.part().isPresent()) {
            return Source.PART;
        }
        if (choice instanceof Choice.FreeHand) {
            return Source.UNLISTED;
        }
        if (choice instanceof Choice.InTheBox) {
            return Source.IN_THE_BOX;
        }
        if (choice instanceof Choice.OnTheBoard) {
            return Source.ON_THE_BOARD;
        }
        return choice instanceof Choice.Owned ? Source.OWNED : Source.NONE;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public Figure<T> of(Line line) {
        return fact.apply(line);
    }
}
