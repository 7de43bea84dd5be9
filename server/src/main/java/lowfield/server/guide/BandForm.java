package lowfield.server.guide;

import java.util.Currency;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import org.jspecify.annotations.Nullable;

/** A band as it is typed and stored: sums in minor units of the guide's currency; what does not apply is absent. */
public record BandForm(
        Type type,
        @Nullable Long fromMinor,
        @Nullable Long toMinor,
        @Nullable Long pointMinor,
        @Nullable Integer tolerancePermille) {
    /** The three forms of a band. */
    public enum Type {
        FROM_TO,
        POINT,
        NONE
    }

    public static BandForm none() {
        return new BandForm(Type.NONE, null, null, null, null);
    }

    /** The band, or a sentence about what is wrong with it. */
    public Band band(Currency currency) {
        return switch (type) {
            case NONE -> new Band.None();
            case FROM_TO ->
                new Band.FromTo(sum("lower limit", fromMinor, currency), sum("upper limit", toMinor, currency));
            case POINT ->
                new Band.Point(
                        sum("price point", pointMinor, currency),
                        Optional.ofNullable(tolerancePermille).orElse(0));
        };
    }

    private static Money sum(String what, @Nullable Long minor, Currency currency) {
        RuleBroken.unless(minor != null, "The band's %s is missing; type a figure.", what);
        return Money.typed(minor, currency);
    }
}
