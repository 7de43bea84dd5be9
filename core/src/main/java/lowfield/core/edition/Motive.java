package lowfield.core.edition;

import java.util.List;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.Stock;
import lowfield.core.part.Equivalence;
import lowfield.core.part.Part;
import lowfield.core.part.Replacement;
import lowfield.core.total.LinePrice;

/** Why one would take an alternative. Its name is stored. A motive is held against the data: it can pass. */
public enum Motive {
    CHEAPER("cheaper for the same", "costs less and gives nothing up"),
    BETTER("better for the same", "is better at no more than a twentieth above the price"),
    SAVING("to save", "costs less"),
    IN_STOCK("in stock", "is in stock while the choice is not"),
    QUIETER("quieter", "is quieter"),
    SMALLER("smaller", "is smaller"),
    LESS_DRAW("less draw", "draws less"),
    OTHER_COLOUR("another colour", "has another colour"),
    OTHER_MAKER("another maker", "is of another maker"),
    REFURBISHED("refurbished", "is offered refurbished or used");

    /** Sizes by which a part is small, the first that both have counts. */
    private static final List<String> SIZES = List.of("volume", "length", "height");
    /** What a part draws. */
    private static final List<String> DRAWS = List.of("boardPower", "nominal", "limit", "draw");

    private final String word;
    private final String claim;

    Motive(String word, String claim) {
        this.word = word;
        this.claim = claim;
    }

    /** As readers and authors read it. */
    public String word() {
        return word;
    }

    /** The choice and the other part, each with what its line costs. */
    public record Sides(Part now, LinePrice nowPrice, Part other, LinePrice otherPrice) {
        private Optional<Money> cost(LinePrice price) {
            return price.goods().known();
        }

        /** By how much the other is dearer, in minor units; absent while a price is missing. */
        Optional<Long> dearer() {
            return cost(otherPrice).flatMap(o -> cost(nowPrice).map(n -> o.minor() - n.minor()));
        }
    }

    /** Whether it holds; absent while a figure or price is missing that would decide it. */
    public Optional<Boolean> holds(Sides sides) {
        return switch (this) {
            case CHEAPER -> sides.dearer().map(d -> d < 0 && isWhole(sides));
            case SAVING -> sides.dearer().map(d -> d < 0);
            case BETTER ->
                sides.dearer()
                        .map(d -> d * 20
                                        <= sides.cost(sides.nowPrice())
                                                .orElseThrow()
                                                .minor()
                                && isWhole(sides)
                                && !Replacement.of(sides.now(), sides.other())
                                        .gains()
                                        .isEmpty());
            case IN_STOCK -> Optional.of(isInStock(sides.otherPrice()) && !isInStock(sides.nowPrice()));
            case QUIETER -> less(sides, List.of("noise"));
            case SMALLER -> less(sides, SIZES);
            case LESS_DRAW -> less(sides, DRAWS);
            case OTHER_COLOUR -> differs(sides, "colour");
            case OTHER_MAKER ->
                Optional.of(!sides.now().maker().equals(sides.other().maker()));
            case REFURBISHED -> sides.otherPrice().offer().map(Offer::condition).map(c -> c != Condition.NEW);
        };
    }

    /** Why it has passed; absent while it holds, or cannot be told. */
    public Optional<String> passed(Sides sides) {
        return holds(sides).filter(h -> !h).map(h -> "no longer so: it %s".formatted(claim));
    }

    private static boolean isWhole(Sides sides) {
        return Equivalence.of(sides.now(), sides.other()).isWhole();
    }

    private static boolean isInStock(LinePrice price) {
        return price.offer()
                .filter(o -> o.stock() == Stock.IN_STOCK || o.stock() == Stock.LIMITED)
                .isPresent();
    }

    private static Optional<Boolean> less(Sides sides, List<String> figures) {
        return figures.stream()
                .flatMap(name ->
                        figure(sides.now(), name)
                                .flatMap(n -> figure(sides.other(), name).map(o -> o < n))
                                .stream())
                .findFirst();
    }

    private static Optional<Integer> figure(Part part, String name) {
        var schema = part.kind().schema();
        return schema.field(name)
                .flatMap(f -> schema.figureOf(part.spec(), f).value())
                .filter(Integer.class::isInstance)
                .map(Integer.class::cast);
    }

    private static Optional<Boolean> differs(Sides sides, String name) {
        return text(sides.now(), name).flatMap(n -> text(sides.other(), name).map(o -> !o.equals(n)));
    }

    private static Optional<String> text(Part part, String name) {
        var schema = part.kind().schema();
        return schema.field(name)
                .flatMap(f -> schema.figureOf(part.spec(), f).value())
                .map(Object::toString);
    }
}
