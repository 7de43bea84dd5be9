package lowfield.core.reason;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import lowfield.core.money.Money;
import lowfield.core.part.Equivalence;
import lowfield.core.part.Part;

/**
 * What a reader would ask of a choice, from the data: why not the next cheaper part and not the next dearer one, and what is
 * given up against each.
 */
public record ReasonQuestions(Optional<Neighbour> cheaper, Optional<Neighbour> dearer) {
    /** A part at its price. */
    public record Priced(Part part, Money price) {}

    /**
     * The part next to the choice in price.
     *
     * @param by how far its price is from the choice's, above zero
     * @param choiceGivesUp what the choice lacks against it, each like "8 GB instead of 12 GB"
     * @param givesUp what it lacks against the choice
     */
    public record Neighbour(Part part, Money price, Money by, List<String> choiceGivesUp, List<String> givesUp) {}

    /** Of other products of the same kind that somebody sells and that the author does not advise against. */
    public static ReasonQuestions of(Part chosen, Money price, List<Priced> others) {
        var candidates = others.stream()
                .filter(o -> o.part().kind() == chosen.kind()
                        && !o.part().product().equals(chosen.product())
                        && o.part().avoid().isEmpty())
                .toList();
        var byPrice =
                Comparator.comparing(Priced::price).thenComparing(o -> o.part().fullName());
        return new ReasonQuestions(
                next(chosen, price, candidates, o -> o.price().compareTo(price) < 0, byPrice.reversed()),
                next(chosen, price, candidates, o -> o.price().compareTo(price) > 0, byPrice));
    }

    private static Optional<Neighbour> next(
            Part chosen, Money price, List<Priced> all, Predicate<Priced> side, Comparator<Priced> order) {
        return all.stream().filter(side).min(order).map(o -> {
            var difference = o.price().minus(price);
            return new Neighbour(
                    o.part(),
                    o.price(),
                    difference.isNegative() ? price.minus(o.price()) : difference,
                    said(Equivalence.of(o.part(), chosen)),
                    said(Equivalence.of(chosen, o.part())));
        });
    }

    private static List<String> said(Equivalence equivalence) {
        return equivalence.losses().stream().map(Equivalence.Loss::said).toList();
    }
}
