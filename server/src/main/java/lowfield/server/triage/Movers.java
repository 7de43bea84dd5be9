package lowfield.server.triage;

import java.util.List;
import lowfield.core.attention.At;
import lowfield.core.attention.Item;
import lowfield.core.attention.Matter;
import lowfield.core.money.Money;

/** The round's items as they are sent, and stored with a decision. */
final class Movers {
    private Movers() {}

    static List<Mover> of(List<Item> items) {
        return items.stream().map(Movers::mover).toList();
    }

    private static Mover mover(Item item) {
        var prices = item.prices();
        return new Mover(
                item.key(),
                form(item.matter()),
                item.state(),
                isOfBuild(item) ? item.sentence() : item.what(),
                item.detail(),
                item.kind().map(Enum::name).orElse(null),
                item.part().orElse(null),
                prices.before().map(Money::minor).orElse(null),
                prices.now().map(Money::minor).orElse(null),
                prices.permille().orElse(null),
                item.weight(),
                item.places().stream().map(Movers::place).toList(),
                item.setAside().orElse(null),
                of(item.inside()),
                null);
    }

    /** What is about a whole build names it. */
    private static boolean isOfBuild(Item item) {
        return item.matter() == Matter.OVER_BAND || item.matter() == Matter.UNDER_BAND;
    }

    private static Mover.ChosenAt place(At at) {
        return new Mover.ChosenAt(at.name(), at.build(), at.line().orElse(null), at.slot());
    }

    private static Mover.Form form(Matter matter) {
        return switch (matter) {
            case NO_PRICE -> Mover.Form.GONE;
            case OVER_BAND -> Mover.Form.OVER;
            case UNDER_BAND -> Mover.Form.UNDER;
            case SUSPICIOUS_PRICE -> Mover.Form.SET_ASIDE;
            case SUSPICIOUS_SHOP -> Mover.Form.SHOP;
            case KIND_MOVED -> Mover.Form.KIND;
            case PREMIUM -> Mover.Form.PREMIUM;
            case SMALL_MOVES -> Mover.Form.SMALL;
            case MOVED -> Mover.Form.MOVED;
            default -> throw new IllegalArgumentException(matter + " is no matter of the round");
        };
    }
}
