package lowfield.core.offer;

import java.util.Collection;
import java.util.Currency;
import java.util.Optional;
import lowfield.core.money.Money;

/** What a thing goes for: the middle of what several ask for it. */
public final class GoingPrice {
    private GoingPrice() {}

    /**
     * Of those who ask in a currency; none when nobody does. Of two in the middle the higher: a price too high harms nobody
     * where the cheapest counts.
     */
    public static Optional<Money> of(Collection<Money> asked, Currency currency) {
        var sorted = asked.stream()
                .filter(m -> m.currency().equals(currency))
                .sorted()
                .toList();
        return sorted.isEmpty() ? Optional.empty() : Optional.of(sorted.get(sorted.size() / 2));
    }
}
