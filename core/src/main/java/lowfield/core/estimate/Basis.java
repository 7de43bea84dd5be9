package lowfield.core.estimate;

import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;

/**
 * From what an estimate follows, as the author sets it; each gives or takes a share of the likely price, in thousandths, 0
 * to 500.
 */
public sealed interface Basis {
    int spreadPermille();

    /** A comparable part's price times a factor, in thousandths, 100 to 10,000. */
    record Times(UUID comparable, int factorPermille, int spreadPermille) implements Basis {
        public Times {
            checkSpread(spreadPermille);
            RuleBroken.unless(factorPermille >= 100 && factorPermille <= 10_000, "A factor is between 0.1 and 10.");
        }
    }

    /** A comparable part's price plus a step, which may be negative. */
    record Step(UUID comparable, Money step, int spreadPermille) implements Basis {
        public Step {
            checkSpread(spreadPermille);
        }
    }

    /** The maker's suggested price times what its kind costs now against suggested prices. */
    record Suggested(int spreadPermille) implements Basis {
        public Suggested {
            checkSpread(spreadPermille);
        }
    }

    private static void checkSpread(int permille) {
        RuleBroken.unless(permille >= 0 && permille <= 500, "An estimate gives or takes 0 to 50%%.");
    }
}
