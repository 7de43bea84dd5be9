package lowfield.core.attention;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;

/**
 * A price that was set aside for a person.
 *
 * @param part the part's name
 * @param where the shop, or the seller at it
 * @param last the last accepted price; absent when there was none
 * @param why what is suspicious about it
 */
public record Doubt(
        long id,
        UUID listing,
        UUID variant,
        String part,
        String where,
        UUID shop,
        String shopName,
        Money price,
        Optional<Money> last,
        String why) {}
