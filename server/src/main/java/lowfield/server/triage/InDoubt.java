package lowfield.server.triage;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lowfield.core.history.Doubts;
import lowfield.core.history.Weight;
import lowfield.server.prices.Acceptances;

/** Prices that were set aside: each by itself, or those of a shop that is in doubt itself. */
final class InDoubt {
    private InDoubt() {}

    private record Waiting(Acceptances.SetAside price, List<Choices.At> at, Mover mover) {}

    static Stream<Mover> of(List<Acceptances.SetAside> waiting, Choices choices) {
        return Doubts.questions(waiting, Acceptances.SetAside::shop).stream().map(question -> {
            var each = new ArrayList<Waiting>();
            for (var price : question) {
                var at = choices.of(price.variant());
                each.add(new Waiting(price, at, mover(price, at)));
            }
            return each.size() == 1 ? each.get(0).mover() : shop(each);
        });
    }

    private static Mover mover(Acceptances.SetAside price, List<Choices.At> at) {
        return new MoverDraft(
                        Mover.Form.SET_ASIDE,
                        "price:" + price.listing(),
                        "ASIDE " + price.id(),
                        price.part(),
                        price.where() + ": " + price.why())
                .of(price.id(), price.variant())
                .before(price.lastMinor())
                .now(price.priceMinor())
                .at(Choices.places(at))
                .weighing(Weight.setAside(1, Choices.tiers(at)));
    }

    /** A shop of which so many prices wait that they are one question. */
    private static Mover shop(List<Waiting> each) {
        var one = each.get(0).price();
        var inside =
                each.stream().map(Waiting::mover).sorted(Movers.HEAVIEST_FIRST).toList();
        var chosen = inside.stream()
                .filter(m -> !m.places().isEmpty())
                .map(Mover::title)
                .distinct()
                .toList();
        var at = each.stream().flatMap(w -> w.at().stream()).toList();
        return new MoverDraft(
                        Mover.Form.SHOP,
                        "shop:" + one.shop(),
                        Movers.fingerprint(inside),
                        "%d prices of %s".formatted(inside.size(), one.shopName()),
                        chosen.isEmpty()
                                ? "none of them is of a part that is chosen in this edition"
                                : "chosen in this edition: " + String.join(", ", chosen))
                .at(Choices.places(at))
                .with(inside)
                .weighing(Weight.setAside(inside.size(), Choices.tiers(at)));
    }
}
