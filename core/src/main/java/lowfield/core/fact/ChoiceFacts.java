package lowfield.core.fact;

import java.util.Locale;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.part.Part;
import lowfield.core.total.LinePrice;

/** What stands on a line: its part with every figure, its price, and what it was in the last edition. */
final class ChoiceFacts {
    private final EvaluatedBuild build;
    private final EvaluatedLine line;
    private final FactList facts;

    ChoiceFacts(EvaluatedBuild build, EvaluatedLine line, FactList facts) {
        this.build = build;
        this.line = line;
        this.facts = facts;
    }

    void choice() {
        var price = line.price();
        var offer = price.offer();
        facts.add("part", "the choice", new FactValue.Words(line.choice().label()));
        facts.add("price", "its price", FactList.sum(price));
        facts.add(
                "shop",
                "where it is bought",
                offer.<FactValue>map(o -> new FactValue.Words(o.seller().label()))
                        .orElseGet(() -> FactList.notKnown("nobody sells it")));
        facts.add(
                "condition",
                "in which condition",
                offer.<FactValue>map(o -> new FactValue.Words(o.condition().label()))
                        .orElseGet(() -> FactList.notKnown("nobody sells it")));
        facts.add(
                "seen",
                "when its price was seen",
                offer.<FactValue>map(o -> new FactValue.Day(o.seenAt()))
                        .orElseGet(() -> FactList.notKnown("nobody sells it")));
        facts.against("change", "its price against the last edition", change());
        facts.add(
                "before",
                "what stood here in the last edition",
                line.change().before().isEmpty()
                        ? FactList.notKnown("nothing stood here")
                        : new FactValue.Words(line.change().before()));
        facts.add("share", "its share of the total", share());
        facts.add("msrp", "its MSRP", suggested());
        facts.against("msrp", "its price against the MSRP", againstMsrp());
    }

    private Difference change() {
        return new Difference(
                line.change().difference(), price().isWithheld(), "the last edition has no price for this choice");
    }

    private LinePrice price() {
        return line.price();
    }

    private FactValue share() {
        var total = build.total().total().known().filter(t -> t.minor() > 0);
        var goods = price().ownGoods();
        if (FactList.hides(build)) {
            return new FactValue.Withheld();
        }
        return goods.isPresent() && total.isPresent()
                ? new FactValue.Share(Math.toIntExact(
                        (goods.get().minor() * 1000 + total.get().minor() / 2)
                                / total.get().minor()))
                : FactList.notKnown("a price is missing, or included in a package");
    }

    private Difference againstMsrp() {
        var msrp = price().overMsrp().flatMap(any -> line.choice().part()).flatMap(Part::suggestedPrice);
        return new Difference(
                msrp.flatMap(m -> price().offer().map(o -> o.price().minus(m))),
                price().isWithheld(),
                "there is no MSRP, or no price of a new one");
    }

    private FactValue suggested() {
        return line.choice()
                .part()
                .flatMap(Part::suggestedPrice)
                .<FactValue>map(m -> new FactValue.Sum(m))
                .orElseGet(() -> FactList.notKnown("there is no MSRP"));
    }

    void figures() {
        line.choice().part().ifPresent(part -> {
            var schema = part.kind().schema();
            for (var field : schema.fields()) {
                var figure = schema.figureOf(part.spec(), field);
                facts.add(
                        "spec." + field.name().toLowerCase(Locale.ROOT),
                        field.label(),
                        figure.value()
                                .<FactValue>map(v -> new FactValue.Words(field.worded(v)))
                                .orElseGet(() -> FactList.notKnown(
                                        field.label() + " of " + part.fullName() + " is not on file")));
            }
        });
    }
}
