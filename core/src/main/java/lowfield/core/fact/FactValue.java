package lowfield.core.fact;

import java.time.Instant;
import lowfield.core.money.Money;

/** What a fact says: typed, so that everybody words it for their readers. */
public sealed interface FactValue {
    /** A sum; of a difference, how large it is. */
    record Sum(Money sum) implements FactValue {}

    /** A share in thousandths. */
    record Share(int permille) implements FactValue {}

    /** A moment, told as its day. */
    record Day(Instant at) implements FactValue {}

    /** Words: a name, or a figure with its unit. */
    record Words(String words) implements FactValue {}

    /** There is such a fact and nobody knows it; why, in a sentence's end. */
    record NotKnown(String why) implements FactValue {}

    /** It is known and may not be printed. */
    record Withheld() implements FactValue {}

    default boolean isTold() {
        return !(this instanceof NotKnown) && !(this instanceof Withheld);
    }
}
