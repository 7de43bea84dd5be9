package lowfield.core.press;

import java.util.List;
import lowfield.core.money.Money;

/**
 * What a reader with more money, or less, would change.
 *
 * @param limit how much more there is to spend; below zero: how much is to be saved
 * @param changes each other part, and what it stands in for
 * @param difference of the total
 * @param gains what it brings and, behind "but", gives up; only what it gives up where money is saved
 */
public record PublishedAdvice(Money limit, List<String> changes, Cell difference, List<String> gains) {
    public PublishedAdvice {
        changes = List.copyOf(changes);
        gains = List.copyOf(gains);
    }
}
