package lowfield.core.edition;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import lowfield.core.change.LineChange;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.reason.Reason;
import lowfield.core.total.LinePrice;

/** A line with the member of its set that wins, the condition and price of its offer, and what changed since the last edition. */
public record EvaluatedLine(LinePlan plan, Line line, LinePrice price, LineChange change) {
    static EvaluatedLine of(LinePlan plan, LinePrices prices, TierTerms terms, Optional<PublishedBuild> last) {
        var choice = LinePrice.won(prices.counted(), plan.choice(), plan.quantity());
        var bare = plan.with(choice);
        var price = LinePrice.of(bare, prices.counted(), terms.zero(), plan.held());
        var line = price.offer().map(o -> bare.soldAs(o.sold())).orElse(bare);
        var was = last.flatMap(l -> Optional.ofNullable(l.lines().get(plan.id())));
        return new EvaluatedLine(
                plan,
                line,
                price,
                LineChange.of(was, choice.key(), price.goods().known()));
    }

    /** Lines with the prices that packages make of theirs, one for one. */
    static List<EvaluatedLine> at(List<EvaluatedLine> alone, List<LinePrice> applied) {
        return IntStream.range(0, alone.size())
                .mapToObj(i -> alone.get(i).at(applied.get(i)))
                .toList();
    }

    /** The line as a part of a package, whose share says nothing of how its own price moved; itself when it is bought alone. */
    private EvaluatedLine at(LinePrice applied) {
        return applied.in().isEmpty()
                ? this
                : new EvaluatedLine(
                        plan,
                        applied.line(),
                        applied,
                        new LineChange(change.how(), change.before(), Optional.empty(), Optional.empty()));
    }

    public UUID id() {
        return plan.id();
    }

    public Slot slot() {
        return plan.slot();
    }

    public Choice choice() {
        return line.choice();
    }

    public Reason reason() {
        return plan.reason();
    }

    /** Whether a reader should be told why this stands here and nothing is written: a counted choice of something to buy. */
    public boolean needsReason() {
        var isBought = choice() instanceof Choice.Chosen
                || choice() instanceof Choice.VettedSet
                || choice() instanceof Choice.FreeHand;
        return isBought && line.counted() && !reason().isWritten();
    }

    /** Whether its reason was written for another choice. */
    public boolean hasStaleReason() {
        return reason().isStale(choice());
    }
}
