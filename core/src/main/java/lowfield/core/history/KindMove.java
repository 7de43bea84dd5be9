package lowfield.core.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A whole kind that has moved: the movers of the kind that did nothing but go along with it are decided together. A kind
 * counts as moved from {@link #LEAST} on, and a mover goes along when it is within {@link #NEAR} of the kind.
 *
 * @param factor by what the kind's index moved, 1.03 for three per cent up
 * @param along at least {@link #FEWEST} movers
 */
public record KindMove(String kind, double factor, List<Moved> along) {
    public static final double LEAST = 0.015;
    public static final double NEAR = 0.025;
    public static final int FEWEST = 2;

    public KindMove {
        along = List.copyOf(along);
    }

    public long weight() {
        return along.stream().mapToLong(Moved::weight).sum();
    }

    /** The kinds that moved as a whole, of movers and of how each kind's index moved; the others stand alone. */
    public static List<KindMove> of(List<Moved> movers, Map<String, Double> factors) {
        var moves = new ArrayList<KindMove>();
        factors.forEach((kind, factor) -> {
            var move = Math.log(factor);
            var along = movers.stream()
                    .filter(m -> m.kind().equals(kind) && Math.abs(m.log() - move) <= NEAR)
                    .toList();
            if (Math.abs(move) >= LEAST && along.size() >= FEWEST) {
                moves.add(new KindMove(kind, factor, along));
            }
        });
        return List.copyOf(moves);
    }
}
