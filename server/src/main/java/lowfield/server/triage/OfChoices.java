package lowfield.server.triage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lowfield.core.history.KindMove;
import lowfield.core.history.Moved;
import lowfield.core.history.Weight;
import lowfield.core.money.Money;
import lowfield.core.money.Percent;
import lowfield.core.offer.Offer;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/**
 * What became of the parts that are chosen: gone, moved since the last edition, far above what their makers suggest. Moves
 * that went along with their kind are one thing, and so are small ones.
 */
final class OfChoices {
    private final Map<String, Double> ofKinds;

    /** {@code ofKinds}: by which factor each kind moved since the last edition, where that is known. */
    OfChoices(Map<String, Double> ofKinds) {
        this.ofKinds = ofKinds;
    }

    List<Mover> of(Choices choices) {
        var movers = new ArrayList<Mover>();
        var moved = new LinkedHashMap<Moved, Mover>();
        choices.byPart().forEach((part, at) -> {
            var price = at.get(0).line().price();
            if (price.goods().range().isEmpty()) {
                movers.add(gone(part, at));
            }
            price.offer().ifPresent(now -> {
                move(part, at, now.price()).ifPresent(move -> moved.put(move, moved(part, at, move)));
                premium(part, at, now).ifPresent(movers::add);
            });
        });
        movers.addAll(gathered(moved));
        return movers;
    }

    private static Optional<Moved> move(Part part, List<Choices.At> at, Money now) {
        return Choices.before(at)
                .filter(b -> !b.equals(now))
                .map(b -> new Moved("part:" + part.id(), part.kind().name(), b, now, Choices.tiers(at)));
    }

    /** What moved, with what went along with a kind put together, and what hardly moved. */
    private List<Mover> gathered(Map<Moved, Mover> moved) {
        var movers = new ArrayList<Mover>();
        var alone = new LinkedHashMap<>(moved);
        for (var kind : KindMove.of(List.copyOf(moved.keySet()), ofKinds)) {
            movers.add(kind(kind, kind.along().stream().map(alone::remove).toList()));
        }
        var small = alone.keySet().stream().filter(Moved::isSmall).toList();
        if (small.size() > 1) {
            movers.add(small(small.stream().map(alone::remove).toList()));
        }
        movers.addAll(alone.values());
        return movers;
    }

    private static Mover gone(Part part, List<Choices.At> at) {
        var why = at.get(0).line().price().price().map(p -> p.whyNone()).orElse("");
        return new MoverDraft(
                        Mover.Form.GONE,
                        "part:" + part.id(),
                        "GONE " + Integer.toHexString(why.hashCode()),
                        part.fullName(),
                        why)
                .of(part)
                .before(Choices.before(at).map(Money::minor).orElse(null))
                .at(Choices.places(at))
                .weighing(Weight.gone(Choices.tiers(at)));
    }

    private static Mover moved(Part part, List<Choices.At> at, Moved move) {
        var offer = at.get(0).line().price().offer().orElseThrow();
        return new MoverDraft(
                        Mover.Form.MOVED,
                        move.key(),
                        "MOVED %d %d"
                                .formatted(move.before().minor(), move.now().minor()),
                        part.fullName(),
                        "%s at %s".formatted(move.now(), offer.seller().label()))
                .of(part)
                .from(move.before(), move.now(), move.permille())
                .at(Choices.places(at))
                .weighing(move.weight());
    }

    private static Optional<Mover> premium(Part part, List<Choices.At> at, Offer now) {
        return part.suggestedPrice()
                .filter(s -> now.premium(part.suggestedPrice()).isPresent())
                .flatMap(s -> premium(part, at, now.price(), s));
    }

    private static Optional<Mover> premium(Part part, List<Choices.At> at, Money now, Money suggested) {
        var high = Weight.highPremium(now, suggested);
        if (high.isEmpty()) {
            return Optional.empty();
        }
        var permille = high.getAsInt();
        return Optional.of(new MoverDraft(
                        Mover.Form.PREMIUM,
                        "premium:" + part.id(),
                        // A premium that stays where it is is not asked about again with every cent.
                        "PREMIUM " + permille / 50,
                        part.fullName(),
                        "%d%% above the maker's suggested %s".formatted(Math.round(permille / 10.0), suggested))
                .of(part)
                .from(suggested, now, permille)
                .at(Choices.places(at))
                .weighing(Weight.premium(now, suggested, Choices.tiers(at))));
    }

    private static Mover kind(KindMove move, List<Mover> inside) {
        var kind = Kind.valueOf(move.kind());
        var percent = (move.factor() - 1) * 100;
        return new MoverDraft(
                        Mover.Form.KIND,
                        "kind:" + move.kind(),
                        Movers.fingerprint(inside),
                        "%s as a whole".formatted(kind.plural()),
                        "%s since the last edition; %d choices went along"
                                .formatted(Percent.signed(percent, 1), inside.size()))
                .of(kind)
                .by((int) Math.round(percent * 10))
                .at(places(inside))
                .with(inside)
                .weighing(move.weight());
    }

    private static Mover small(List<Mover> inside) {
        var sum = inside.stream().mapToLong(m -> m.nowMinor() - m.beforeMinor()).sum();
        return new MoverDraft(
                        Mover.Form.SMALL,
                        "small",
                        Movers.fingerprint(inside),
                        "%d small moves".formatted(inside.size()),
                        "each under %d%%: %s"
                                .formatted(
                                        Moved.SMALL / 10,
                                        inside.stream().map(Mover::title).collect(Collectors.joining(", "))))
                .at(places(inside))
                .with(inside)
                .weighing(Math.abs(sum));
    }

    private static List<Mover.ChosenAt> places(List<Mover> inside) {
        return inside.stream().flatMap(m -> m.places().stream()).toList();
    }
}
