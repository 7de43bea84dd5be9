package lowfield.core.guide;

import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;

/** Where a tier's total must lie. Ends belong to the band. */
public sealed interface Band {
    record FromTo(Money from, Money to) implements Band {
        public FromTo {
            RuleBroken.unless(from.minor() > 0, "A band starts above zero; %s does not.", from);
            RuleBroken.unless(
                    from.compareTo(to) <= 0,
                    "Band upper limit %s is below its lower limit %s; swap them or name one figure.",
                    to,
                    from);
        }
    }

    /** A figure with a tolerance in thousandths either way (20 = 2%), at most half. */
    record Point(Money point, int tolerancePermille) implements Band {
        public Point {
            RuleBroken.unless(point.minor() > 0, "A price point is above zero; %s is not.", point);
            RuleBroken.unless(
                    tolerancePermille >= 0 && tolerancePermille <= 500,
                    "A tolerance is 0 to 50%%, not %s%%.",
                    tolerancePermille / 10.0);
        }
    }

    /** No ceiling. */
    record None() implements Band {}

    default Optional<Money> low() {
        if (this instanceof FromTo b) {
            return Optional.of(b.from());
        }
        return this instanceof Point p
                ? Optional.of(p.point().permille(1000 - p.tolerancePermille()))
                : Optional.empty();
    }

    default Optional<Money> high() {
        if (this instanceof FromTo b) {
            return Optional.of(b.to());
        }
        return this instanceof Point p
                ? Optional.of(p.point().permille(1000 + p.tolerancePermille()))
                : Optional.empty();
    }
}
