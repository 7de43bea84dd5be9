package lowfield.server.prices;

import java.time.Instant;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.estimate.Basis;
import lowfield.core.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * The basis of an estimate as it is typed and stored: a comparable part's price times a factor or plus a step, or the
 * suggested price at its kind's premium; with what it gives or takes, and when it was stated or confirmed last.
 */
public record EstimateForm(
        Type type,
        @Nullable UUID comparable,
        @Nullable Integer factorPermille,
        @Nullable Long stepMinor,
        @Nullable String currency,
        int spreadPermille,
        @Nullable Instant statedAt) {
    /** The same, stated at a moment. */
    public EstimateForm stated(@Nullable Instant at) {
        return new EstimateForm(type, comparable, factorPermille, stepMinor, currency, spreadPermille, at);
    }

    /** From what it follows. */
    public enum Type {
        TIMES,
        STEP,
        SUGGESTED
    }

    Basis basis() {
        return switch (type) {
            case TIMES -> new Basis.Times(other(), given(factorPermille, "factor"), spreadPermille);
            case STEP ->
                new Basis.Step(
                        other(), Money.of(given(stepMinor, "step"), given(currency, "currency")), spreadPermille);
            case SUGGESTED -> new Basis.Suggested(spreadPermille);
        };
    }

    private UUID other() {
        return given(comparable, "comparable part");
    }

    private static <T> T given(@Nullable T value, String what) {
        if (value == null) {
            throw new RuleBroken("An estimate of this kind needs a " + what + ".");
        }
        return value;
    }
}
