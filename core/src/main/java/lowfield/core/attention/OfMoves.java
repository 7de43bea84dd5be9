package lowfield.core.attention;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedEdition.Place;
import lowfield.core.history.KindMove;
import lowfield.core.history.Moved;
import lowfield.core.money.Percent;
import lowfield.core.offer.Offer;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/**
 * What became of the prices of chosen parts: moved since the last edition, far above what their makers suggest. Moves that
 * went along with their kind are one thing, and so are small ones.
 */
final class OfMoves {
    /** A premium of this share in thousandths, or more, is worth a question. */
    static final int HIGH_PREMIUM = 150;
    /** A premium that stays within so many thousandths is not asked about again. */
    private static final int PREMIUM_STEP = 50;
    /** What is above the suggested price costs at once, but is no news: a tenth of it counts. */
    private static final int PREMIUM_SHARE = 10;

    private final Map<String, Double> kinds;

    /** {@code kinds}: by which factor each kind moved since the last edition, where that is known. */
    OfMoves(Map<String, Double> kinds) {
        this.kinds = kinds;
    }

    Stream<Item> of(EvaluatedEdition edition) {
        var moved = new LinkedHashMap<Moved, Item>();
        var items = new ArrayList<Item>();
        ChosenParts.of(edition)
                .byPart()
                .forEach((part, at) -> at.get(0).line().price().offer().ifPresent(now -> {
                    move(part, at, now).ifPresent(move -> moved.put(move, moved(part, at, move, now)));
                    premium(part, at, now).ifPresent(items::add);
                }));
        items.addAll(gathered(moved));
        return items.stream();
    }

    private static Optional<Moved> move(Part part, List<Place> at, Offer now) {
        return ChosenParts.before(at)
                .filter(b -> !b.equals(now.price()))
                .map(b -> new Moved("part:" + part.id(), part.kind().name(), b, now.price(), ChosenParts.tiers(at)));
    }

    private static Item moved(Part part, List<Place> at, Moved move, Offer offer) {
        return Item.of(
                        Matter.MOVED,
                        move.key(),
                        "MOVED %d %d"
                                .formatted(move.before().minor(), move.now().minor()),
                        part.fullName(),
                        "%s at %s".formatted(move.now(), offer.seller().label()),
                        move.weight(),
                        ChosenParts.places(at))
                .with(Item.Prices.of(move.before(), move.now(), move.permille()))
                .about(part.id(), Optional.of(part.kind()));
    }

    private static Optional<Item> premium(Part part, List<Place> at, Offer now) {
        return now.premium(part.suggestedPrice())
                .filter(permille -> permille >= HIGH_PREMIUM)
                .flatMap(permille -> part.suggestedPrice()
                        .map(suggested -> Item.of(
                                        Matter.PREMIUM,
                                        "premium:" + part.id(),
                                        "PREMIUM " + permille / PREMIUM_STEP,
                                        part.fullName(),
                                        "%d%% above the maker's suggested %s"
                                                .formatted(Math.round(permille / 10.0), suggested),
                                        now.price().minus(suggested).minor() * ChosenParts.tiers(at) / PREMIUM_SHARE,
                                        ChosenParts.places(at))
                                .with(Item.Prices.of(suggested, now.price(), permille))
                                .about(part.id(), Optional.of(part.kind()))));
    }

    /** What moved, with what went along with a kind put together, and what hardly moved. */
    private List<Item> gathered(Map<Moved, Item> moved) {
        var items = new ArrayList<Item>();
        var alone = new LinkedHashMap<>(moved);
        for (var kind : KindMove.of(List.copyOf(moved.keySet()), kinds)) {
            items.add(kind(kind, taken(alone, kind.along())));
        }
        var small = alone.keySet().stream().filter(Moved::isSmall).toList();
        if (small.size() > 1) {
            items.add(small(taken(alone, small)));
        }
        items.addAll(alone.values());
        return items;
    }

    private static List<Item> taken(Map<Moved, Item> from, List<Moved> which) {
        return which.stream()
                .flatMap(m -> Optional.ofNullable(from.remove(m)).stream())
                .toList();
    }

    private static Item kind(KindMove move, List<Item> inside) {
        var kind = Kind.valueOf(move.kind());
        var percent = (move.factor() - 1) * 100;
        return Item.of(
                        Matter.KIND_MOVED,
                        "kind:" + move.kind(),
                        OfDoubts.together(inside),
                        "%s as a whole".formatted(kind.plural()),
                        "%s since the last edition; %d choices went along"
                                .formatted(Percent.signed(percent, 1), inside.size()),
                        move.weight(),
                        places(inside))
                .with(new Item.Prices(Optional.empty(), Optional.empty(), Optional.of((int) Math.round(percent * 10))))
                .about(kind)
                .holding(inside);
    }

    private static Item small(List<Item> inside) {
        var sum = inside.stream()
                .mapToLong(i -> i.prices().now().orElseThrow().minor()
                        - i.prices().before().orElseThrow().minor())
                .sum();
        return Item.of(
                        Matter.SMALL_MOVES,
                        "small",
                        OfDoubts.together(inside),
                        "%d small moves".formatted(inside.size()),
                        "each under %d%%: %s"
                                .formatted(
                                        Moved.SMALL / 10,
                                        inside.stream().map(Item::what).collect(Collectors.joining(", "))),
                        Math.abs(sum),
                        places(inside))
                .holding(inside);
    }

    private static List<At> places(List<Item> inside) {
        return inside.stream().flatMap(i -> i.places().stream()).toList();
    }

    /** Parts without a price once each, wherever they are chosen; every other item as it is. */
    static List<Item> goneOnce(List<Item> items) {
        var gone = new LinkedHashMap<UUID, List<Item>>();
        var once = new ArrayList<Item>();
        for (var item : items) {
            if (item.matter() == Matter.NO_PRICE && item.part().isPresent()) {
                gone.computeIfAbsent(item.part().get(), p -> new ArrayList<>()).add(item);
            } else {
                once.add(item);
            }
        }
        gone.forEach((part, at) -> once.add(gone(part, at)));
        return once.stream().sorted(AttentionList.HEAVIEST_FIRST).toList();
    }

    private static Item gone(UUID part, List<Item> at) {
        var first = at.get(0);
        var places = places(at);
        var tiers = places.stream().map(At::tier).distinct().count();
        return Item.of(Matter.NO_PRICE, "part:" + part, "GONE", first.what(), first.detail(), tiers, places)
                .with(first.prices())
                .about(part, first.kind());
    }
}
