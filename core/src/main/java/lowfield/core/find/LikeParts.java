package lowfield.core.find;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import lowfield.core.check.FigureRef;
import lowfield.core.check.rules.Checks;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/**
 * Of parts that look the same to every check that decides what is forced, the cheapest, and of equal ones the one with the
 * least id: no other can be in the answer.
 */
final class LikeParts {
    private final Function<Kind, List<Part>> forSale;
    private final ToLongFunction<Part> price;
    private final Function<Part, Object> offered;
    private final Map<Kind, List<Part>> known = new EnumMap<>(Kind.class);

    /** @param offered what of the offer that counts a check can see */
    LikeParts(Function<Kind, List<Part>> forSale, ToLongFunction<Part> price, Function<Part, Object> offered) {
        this.forSale = forSale;
        this.price = price;
        this.offered = offered;
    }

    /** In the order in which they are for sale, cheapest first. */
    synchronized List<Part> of(Kind kind) {
        return known.computeIfAbsent(kind, this::unlike);
    }

    private List<Part> unlike(Kind kind) {
        var reads = Checks.sound().stream()
                .<FigureRef<?, ?>>flatMap(c -> c.reads().stream())
                .filter(r -> r.kind() == kind)
                .distinct()
                .toList();
        var first = new LinkedHashMap<List<Object>, Part>();
        for (var part : forSale.apply(kind)) {
            first.merge(look(reads, part), part, this::better);
        }
        var order = new ArrayList<>(first.values());
        order.sort((a, b) -> Long.compare(price.applyAsLong(a), price.applyAsLong(b)));
        return List.copyOf(order);
    }

    private List<Object> look(List<FigureRef<?, ?>> reads, Part part) {
        var look = new ArrayList<Object>(reads.size() + 3);
        look.add(offered.apply(part));
        look.add(part.release());
        look.add(part.avoid());
        reads.forEach(r -> look.add(r.of(part)));
        return look;
    }

    private Part better(Part one, Part other) {
        var byPrice = Long.compare(price.applyAsLong(one), price.applyAsLong(other));
        return byPrice < 0
                        || byPrice == 0
                                && one.id().toString().compareTo(other.id().toString()) <= 0
                ? one
                : other;
    }
}
