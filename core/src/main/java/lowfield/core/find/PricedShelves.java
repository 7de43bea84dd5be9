package lowfield.core.find;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.IntStream;
import lowfield.core.offer.PriceList;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/** One catalogue at the prices of one list: what each part of a kind costs, and what of it can be bought. Each is worked out once. */
public final class PricedShelves {
    private final Function<Kind, Shelf> shelves;
    private final PriceList prices;
    private final Map<Kind, Shelf.Prices> ofKind = new ConcurrentHashMap<>();
    private final Map<Kind, List<Part>> forSale = new ConcurrentHashMap<>();

    public PricedShelves(Function<Kind, Shelf> shelves, PriceList prices) {
        this.shelves = shelves;
        this.prices = prices;
    }

    public PriceList list() {
        return prices;
    }

    public Shelf shelf(Kind kind) {
        return shelves.apply(kind);
    }

    /** What one piece of each part of a kind costs. */
    public Shelf.Prices prices(Kind kind) {
        return ofKind.computeIfAbsent(kind, this::price);
    }

    /** The parts of a kind that have a price and are not advised against, cheapest first. */
    public List<Part> forSale(Kind kind) {
        return forSale.computeIfAbsent(kind, this::sorted);
    }

    private Shelf.Prices price(Kind kind) {
        return new Shelf.Prices(shelf(kind).parts().stream()
                .mapToInt(p -> prices.of(p.id())
                        .offer()
                        .map(o -> (int) Math.min(Integer.MAX_VALUE, o.price().minor()))
                        .orElse(Shelf.Prices.NONE))
                .toArray());
    }

    private List<Part> sorted(Kind kind) {
        var parts = shelf(kind).parts();
        var minor = prices(kind).minor();
        return IntStream.range(0, minor.length)
                .filter(row -> minor[row] >= 0)
                .boxed()
                .sorted(Comparator.comparingInt(row -> minor[row]))
                .map(parts::get)
                .filter(p -> p.avoid().isEmpty())
                .toList();
    }
}
