package lowfield.server.exchange;

import java.util.Optional;
import java.util.function.Supplier;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;

/** What a file says that a part was to cost. */
final class SuggestedPrice {
    private static final String RULE =
            "a price such as 309.00, above zero and up to 10,000,000, in a currency of ISO 4217 such as EUR";

    private SuggestedPrice() {}

    /** The price that can be made of what is said; else a fault and none. */
    static Optional<Money> of(long line, String said, Supplier<Money> made, Report.Faults faults) {
        try {
            return Optional.of(made.get());
        } catch (RuleBroken no) {
            faults.add(line, "suggested_price", said, RULE);
            return Optional.empty();
        }
    }
}
