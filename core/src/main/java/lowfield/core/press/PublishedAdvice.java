package lowfield.core.press;

import java.util.List;
import lowfield.core.money.Money;

/**
 * What a reader with more money, or less, would change.
 *
 * @param limit how much more there is to spend; below zero: how much is to be saved
 * @param changes each other part, and what it stands in for
 * @param difference of the total
 * @param gains what it brings; nothing where money is saved
 * @param losses what it gives up
 */
public record PublishedAdvice(
        Money limit, List<String> changes, Cell difference, List<String> gains, List<String> losses) {
    public PublishedAdvice {
        changes = List.copyOf(changes);
        gains = List.copyOf(gains);
        losses = List.copyOf(losses);
    }
}
