package lowfield.core.attention;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.Fingerprint;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.history.Doubts;

/** Prices that were set aside: each by itself, or those of a shop that is in doubt itself. */
final class OfDoubts {
    /** What a tier that is touched adds to the weight, more than any number of prices. */
    private static final long TIER = 10_000;

    private OfDoubts() {}

    static Stream<Item> of(List<Doubt> waiting, EvaluatedEdition edition) {
        var chosen = ChosenParts.of(edition);
        return Doubts.questions(waiting, Doubt::shop).stream()
                .map(question -> question.size() == 1 ? price(question.get(0), chosen) : shop(question, chosen));
    }

    private static Item price(Doubt doubt, ChosenParts chosen) {
        var at = chosen.of(doubt.variant());
        return Item.of(
                        Matter.SUSPICIOUS_PRICE,
                        "price:" + doubt.listing(),
                        "ASIDE " + doubt.id(),
                        doubt.part(),
                        doubt.where() + ": " + doubt.why(),
                        ChosenParts.tiers(at) * TIER + 1,
                        ChosenParts.places(chosen.naming(doubt.variant())))
                .with(new Item.Prices(doubt.last(), Optional.of(doubt.price()), Optional.empty()))
                .about(doubt.variant(), Optional.empty())
                .about(doubt.id());
    }

    /** A shop of which so many prices wait that they are one question. */
    private static Item shop(List<Doubt> question, ChosenParts chosen) {
        var inside = question.stream()
                .map(d -> price(d, chosen))
                .sorted(AttentionList.HEAVIEST_FIRST)
                .toList();
        var touched = inside.stream()
                .filter(i -> !i.places().isEmpty())
                .map(Item::what)
                .distinct()
                .toList();
        var at = question.stream().flatMap(d -> chosen.of(d.variant()).stream()).toList();
        var naming = question.stream()
                .flatMap(d -> chosen.naming(d.variant()).stream())
                .toList();
        return Item.of(
                        Matter.SUSPICIOUS_SHOP,
                        "shop:" + question.get(0).shop(),
                        together(inside),
                        "%d prices of %s"
                                .formatted(inside.size(), question.get(0).shopName()),
                        touched.isEmpty()
                                ? "none of them is of a part that is chosen in this edition"
                                : "chosen in this edition: " + String.join(", ", touched),
                        ChosenParts.tiers(at) * TIER + inside.size(),
                        ChosenParts.places(naming))
                .holding(inside);
    }

    /** Of several items as one: another when one of them comes, goes or changes. */
    static String together(List<Item> inside) {
        return Fingerprint.of(
                inside.stream().map(i -> i.key() + " " + i.state()).sorted().toList());
    }
}
