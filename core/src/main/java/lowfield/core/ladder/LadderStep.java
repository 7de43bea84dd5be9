package lowfield.core.ladder;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.Text;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.part.Replacement;

/**
 * From one tier's main build to the next: what is shared, what changes, what it costs and what that buys, in the figures that
 * make a part what it is.
 *
 * @param by how much more the upper total is; below zero where it is less, absent where one is not known
 * @param shared counted lines of the upper build whose choice stands in the lower one, too
 * @param changes the others that have a part on both sides
 */
public record LadderStep(
        EvaluatedTier from, EvaluatedTier to, Optional<Money> by, int shared, int lines, List<Change> changes) {
    /** The slots of which a step is told in a sentence; the others follow from them. */
    private static final Set<Slot> DECIDING =
            Set.of(Slot.GRAPHICS_CARD, Slot.PROCESSOR, Slot.MEMORY, Slot.SYSTEM_DRIVE);

    public LadderStep {
        changes = List.copyOf(changes);
    }

    /** Another part in a slot; {@code gains}, {@code losses} and what is merely other are said from the upper part's side. */
    public record Change(
            Slot slot, Part before, Part after, List<String> gains, List<String> losses, List<String> others) {
        static Change of(Slot slot, Part before, Part after) {
            var exchange = Replacement.of(before, after);
            return new Change(slot, before, after, exchange.gains(), exchange.losses(), exchange.changes());
        }
    }

    static LadderStep between(EvaluatedTier from, EvaluatedTier to) {
        var below = from.lead();
        var above = to.lead();
        var counted = counted(above).toList();
        return new LadderStep(
                from,
                to,
                above.total().total().since(below.total().total()).likeliest(),
                (int) counted.stream().filter(l -> isShared(l, below)).count(),
                counted.size(),
                counted.stream()
                        .filter(l -> !isShared(l, below))
                        .flatMap(l -> change(l, below).stream())
                        .toList());
    }

    static Stream<EvaluatedLine> counted(EvaluatedBuild build) {
        return build.lines().stream()
                .filter(l -> l.line().counted() && !l.line().isEmpty());
    }

    private static boolean isShared(EvaluatedLine line, EvaluatedBuild with) {
        return counted(with)
                .anyMatch(o -> o.slot() == line.slot()
                        && o.choice().key().equals(line.choice().key())
                        && o.line().quantity() == line.line().quantity());
    }

    private static Optional<Change> change(EvaluatedLine line, EvaluatedBuild below) {
        return line.choice()
                .part()
                .flatMap(after -> counted(below)
                        .filter(o -> o.slot() == line.slot())
                        .flatMap(o -> o.choice().part().stream())
                        .filter(before -> before.kind() == after.kind())
                        .findFirst()
                        .map(before -> Change.of(line.slot(), before, after)));
    }

    /** "Mate costs 407.90 EUR more than Bosun and shares 5 of 8 choices; it buys 12 GB instead of 8 GB (graphics card), but has no integrated graphics (CPU)." */
    public String said() {
        var price = by.map(b -> b.minor() == 0
                        ? "costs as much as "
                        : b.isNegative() ? "costs " + b.times(-1) + " less than " : "costs " + b + " more than ")
                .orElse("stands above ");
        var bought = told(c -> Stream.concat(c.others().stream(), c.gains().stream()));
        var lost = told(c -> c.losses().stream());
        var buys = (bought.isEmpty() ? "no figure that makes a part what it is gets better" : "it buys " + bought)
                + (lost.isEmpty() ? "" : ", but has " + lost);
        return "%s %s%s and shares %d of %d choices; %s.".formatted(to.name(), price, from.name(), shared, lines, buys);
    }

    /** What is said of the deciding slots, each with its own. */
    private String told(Function<Change, Stream<String>> of) {
        return changes.stream()
                .filter(c -> DECIDING.contains(c.slot()))
                .flatMap(c ->
                        of.apply(c).map(g -> g + " (" + Text.inSentence(c.slot().label()) + ")"))
                .collect(Collectors.joining(", "));
    }
}
