package lowfield.core.money;

import java.util.List;
import java.util.Optional;

/** A sum that is known exactly or not known; one that is not known says which lines are to blame, and carries that through sums. */
public sealed interface Amount {
    /** The exact sum. */
    record Known(Money money) implements Amount {}

    /** No sum: each sentence names a line and why it has no price. Never empty. */
    record NotKnown(List<String> blame) implements Amount {
        public NotKnown {
            blame = List.copyOf(blame);
        }
    }

    static Amount of(Money money) {
        return new Known(money);
    }

    static Amount notKnown(String blame) {
        return new NotKnown(List.of(blame));
    }

    default Optional<Money> known() {
        return this instanceof Known k ? Optional.of(k.money()) : Optional.empty();
    }

    default List<String> blame() {
        return this instanceof NotKnown n ? n.blame() : List.of();
    }

    default Amount plus(Amount other) {
        if (this instanceof Known a && other instanceof Known b) {
            return of(a.money().plus(b.money()));
        }
        return new NotKnown(java.util.stream.Stream.concat(blame().stream(), other.blame().stream())
                .toList());
    }

    /** This minus the other; not known when either is. */
    default Amount minus(Amount other) {
        return plus(other instanceof Known k ? of(k.money().times(-1)) : other);
    }
}
