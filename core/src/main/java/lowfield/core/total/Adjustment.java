package lowfield.core.total;

import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.Text;
import lowfield.core.money.Money;

/** A named sum beside the lines of a build: a discount (below zero), a surcharge, a service, an allowance. */
public record Adjustment(UUID id, String name, Money sum) {
    /** So many a build at most. */
    public static final int MOST = 20;

    public Adjustment {
        name = name.strip();
        RuleBroken.unless(
                !name.isEmpty() && name.length() <= 80 && Text.isOne(name),
                "A discount, surcharge or service has a name of 1 to 80 letters.");
        RuleBroken.unless(sum.minor() != 0, "%s: type a sum that is not zero; a discount has a minus before it.", name);
    }
}
