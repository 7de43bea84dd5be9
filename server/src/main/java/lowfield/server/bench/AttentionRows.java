package lowfield.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lowfield.core.attention.At;
import lowfield.core.attention.Item;
import lowfield.core.attention.Matter;

/** How the items of the attention list stand on the desk: a mark, the words of the button, and where it leads. */
final class AttentionRows {
    private AttentionRows() {}

    static List<DeskViews.Wanted> of(List<Item> items) {
        return items.stream().map(AttentionRows::row).toList();
    }

    private static DeskViews.Wanted row(Item item) {
        // Prices in doubt are decided in the round.
        var first =
                isInDoubt(item) ? Optional.<At>empty() : item.places().stream().findFirst();
        return new DeskViews.Wanted(
                sign(item.matter()),
                isInDoubt(item) ? "Suspicious price" : item.where(),
                item.what(),
                item.detail(),
                action(item.matter()),
                first.map(At::build).orElse(null),
                first.flatMap(At::line).orElse(null),
                item.text().orElse(null),
                item.weight());
    }

    /** How many reasons want the author. */
    static DeskViews.ReasonCounts reasons(List<Item> items) {
        return new DeskViews.ReasonCounts(
                count(items, Set.of(Matter.STALE_REASON, Matter.UNREAD_TEXT)),
                count(items, Set.of(Matter.SLIP, Matter.FACT)),
                count(items, Set.of(Matter.NO_REASON)),
                count(items, Set.of(Matter.READ_AGAIN, Matter.MAYBE_SLIP)));
    }

    private static int count(List<Item> items, Set<Matter> matters) {
        return (int) items.stream().filter(i -> matters.contains(i.matter())).count();
    }

    private static boolean isInDoubt(Item item) {
        return item.matter() == Matter.SUSPICIOUS_PRICE || item.matter() == Matter.SUSPICIOUS_SHOP;
    }

    private static DeskViews.Wanted.Sign sign(Matter matter) {
        return switch (matter) {
            case NO_PRICE, EMPTY_SLOT, CLASH, OVER_BAND -> DeskViews.Wanted.Sign.CLASH;
            case FIGURE, ADVISORY, TOTAL_NOT_KNOWN -> DeskViews.Wanted.Sign.NOT_KNOWN;
            default -> DeskViews.Wanted.Sign.CAUTION;
        };
    }

    private static String action(Matter matter) {
        return switch (matter) {
            case NO_PRICE -> "Find";
            case EMPTY_SLOT -> "Choose";
            case CLASH -> "Mend";
            case STALE_REASON -> "Rewrite";
            case NO_REASON -> "Write";
            case FACT, SLIP -> "Mend";
            case READ_AGAIN, MAYBE_SLIP, UNREAD_TEXT -> "Read";
            case CAUTION -> "Answer";
            case FIGURE, ADVISORY -> "Look up";
            case SUSPICIOUS_PRICE, SUSPICIOUS_SHOP -> "Judge";
            default -> "Look";
        };
    }
}
