package lowfield.core.find;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReferenceArray;
import lowfield.core.money.Amount;
import lowfield.core.part.Comparison;
import lowfield.core.part.Equivalence;
import lowfield.core.part.Part;
import lowfield.core.total.BandState;
import lowfield.core.total.LinePrice;
import lowfield.core.total.TotalBut;

/**
 * What each part of a whole shelf would do on one line of one build, without its evidence. Parts that look the same to the
 * checks fit equally, so that the checks run once for all of them; only prices and totals are worked out for each. Nothing
 * is worked out before it is asked for, and nothing twice; safe to ask from several threads.
 */
public final class ImpactSummaries {
    /** So many are kept in full; somebody who has seen more than that is elsewhere by then. */
    private static final int MOST_WHOLE = 1000;

    /** More than there are figures of a kind. */
    private static final long ESSENTIAL = 1_000;

    private static final long AGAINST = 1_000_000;
    private static final long DEARER = 10_000_000;

    private final CandidateImpacts impacts;
    private final Shelf shelf;
    private final TotalBut others;
    private final AtomicReferenceArray<CandidateImpacts.Outline> outlines;
    private final AtomicReferenceArray<ImpactSummary> summaries;
    private final Map<UUID, CandidateImpact> wholes = new ConcurrentHashMap<>();
    private final Optional<Part> present;

    /** A candidate's price, total and group; what it costs in minor units, and the most of all where that is not known. */
    public record ImpactSummary(
            Part part,
            LinePrice price,
            long costs,
            Amount total,
            BandState state,
            Amount trueDifference,
            CandidateImpact.Group group) {
        /** What it stands by in an order, the least first; what is not known stands last. */
        long key(Order order) {
            return switch (order) {
                case PRICE, SAME_FOR_LESS -> costs;
                case PRICE_OF_A_UNIT ->
                    price.offer()
                            .flatMap(o -> UnitPrice.of(part, o.price()))
                            .map(UnitPrice::hundredths)
                            .orElse(Long.MAX_VALUE);
                case TRUE_DIFFERENCE -> minor(trueDifference);
                case NEWNESS -> -part.added().toEpochMilli();
            };
        }

        private static long minor(Amount amount) {
            return amount.range().map(r -> r.likely().minor()).orElse(Long.MAX_VALUE);
        }
    }

    /** What a candidate stands by in an order, the least first, beside the line's present choice. */
    long key(ImpactSummary summary, Order order) {
        if (order != Order.SAME_FOR_LESS || present.isEmpty()) {
            return summary.key(order);
        }
        var isLess = summary.trueDifference()
                .known()
                .filter(d -> d.isNegative() || d.minor() == 0)
                .isPresent();
        return isLess ? equivalence(present.get(), summary.part()) : DEARER;
    }

    /** What gives up nothing that matters stands first, by what else it gives up; a part advised against stands behind. */
    private static long equivalence(Part present, Part other) {
        var essential = Equivalence.of(present, other).losses().size() * ESSENTIAL;
        var against = other.avoid().isPresent() ? AGAINST : 0;
        return against + essential + Comparison.givesUp(present, other);
    }

    /** The shelf is of the line's kind. */
    public ImpactSummaries(CandidateImpacts impacts, Shelf shelf) {
        this.impacts = impacts;
        this.shelf = shelf;
        var ground = impacts.ground();
        var line = impacts.line().id();
        this.present = impacts.line().choice().part();
        this.others = TotalBut.of(
                ground.packages()
                        .applied(ground.own().stream()
                                .filter(p -> !p.line().id().equals(line))
                                .toList()),
                ground.total().counting());
        this.outlines = new AtomicReferenceArray<>(shelf.looks());
        this.summaries = new AtomicReferenceArray<>(shelf.parts().size());
    }

    /** What taking the part of a summary would do, in full. */
    public CandidateImpact whole(ImpactSummary summary) {
        if (wholes.size() >= MOST_WHOLE) {
            wholes.clear();
        }
        return wholes.computeIfAbsent(summary.part().id(), id -> impacts.of(summary.part()));
    }

    /** Works out what is not known yet of some rows, with all processors when there is much. */
    public void prepare(int[] rows) {
        var open = Arrays.stream(rows).filter(row -> summaries.get(row) == null).toArray();
        (open.length > 200 ? Arrays.stream(open).parallel() : Arrays.stream(open)).forEach(this::of);
    }

    public ImpactSummary of(int row) {
        var known = summaries.get(row);
        if (known == null) {
            known = summary(shelf.parts().get(row), outline(row));
            summaries.set(row, known);
        }
        return known;
    }

    private CandidateImpacts.Outline outline(int row) {
        var look = shelf.look(row);
        var known = outlines.get(look);
        if (known == null) {
            known = impacts.outline(shelf.parts().get(row));
            outlines.set(look, known);
        }
        return known;
    }

    private ImpactSummary summary(Part part, CandidateImpacts.Outline outline) {
        var ground = impacts.ground();
        var price = impacts.price(part);
        var total = outline.forced().isEmpty()
                        && !ground.packages().mention(impacts.line().id())
                ? others.with(price)
                : impacts.total(price, outline.forced()).total();
        var state = BandState.of(total, ground.band());
        return new ImpactSummary(
                part,
                price,
                ImpactSummary.minor(price.goods()),
                total,
                state,
                total.since(ground.total().total()),
                outline.group(total, state, impacts.isUnfinished()));
    }
}
