package lowfield.core.history;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.function.Function;

/**
 * Prices in doubt as a person is asked about them. Some slips of a shop are some questions; where they are many the shop
 * itself is in doubt, and it is one question.
 */
public final class Doubts {
    /** From so many prices of one shop on they are one question. */
    public static final int MANY = 5;

    private Doubts() {}

    /** The prices of each question, in the order of the first of them; a list of one is asked about by itself. */
    public static <P, S> List<List<P>> questions(List<P> waiting, Function<P, S> shop) {
        var byShop = new LinkedHashMap<S, List<P>>();
        waiting.forEach(p ->
                byShop.computeIfAbsent(shop.apply(p), s -> new ArrayList<>()).add(p));
        return byShop.values().stream()
                .flatMap(of -> of.size() < MANY ? of.stream().map(List::of) : List.of(List.copyOf(of)).stream())
                .toList();
    }
}
