package lowfield.server.prices;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.offer.Condition;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Stock;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** What parts cost as time passes and nothing else is seen. */
class PriceListsTest {
    private static final PricePolicy SEVEN_DAYS =
            new PricePolicy(Set.of(Condition.NEW), Set.of(Stock.values()), false, 7);

    private final World world = new World();
    private final Offers offers = world.stage.bean(Offers.class);
    private final Set<UUID> shops = world.ines
            .get("/api/shops")
            .json()
            .valueStream()
            .map(s -> UUID.fromString(s.path("id").asString()))
            .collect(Collectors.toSet());

    /** How many of the small world's parts have a price. */
    private long priced(PricePolicy policy, Instant at) {
        var prices = offers.prices(policy, new Offers.Buyer(UUID.randomUUID(), shops), at);
        return world.parts.values().stream()
                .filter(part -> prices.of(UUID.fromString(part)).offer().isPresent())
                .count();
    }

    @Test
    void aPriceIsGoneWhenItHasBecomeTooOldAndNotBefore() {
        world.round();
        var now = Instant.now();
        var all = priced(SEVEN_DAYS, now);
        assertThat(all).isPositive();
        var minute = Duration.ofMinutes(1);
        var days = Duration.ofDays(7);
        assertThat(Stream.of(Duration.ZERO, Duration.ofHours(5), days.minus(minute.multipliedBy(30)), days.plus(minute))
                        .map(later -> priced(SEVEN_DAYS, now.plus(later))))
                .containsExactly(all, all, all, 0L);
    }

    @Test
    void aListOfALaterMomentIsNotTakenForAnEarlierOne() {
        world.round();
        var now = Instant.now();
        assertThat(priced(SEVEN_DAYS, now.plus(Duration.ofDays(8)))).isZero();
        assertThat(priced(SEVEN_DAYS, now)).isPositive();
    }

    @Test
    void anotherPolicyHasAListOfItsOwn() {
        world.round();
        var later = Instant.now().plus(Duration.ofDays(8));
        var nineDays = new PricePolicy(Set.of(Condition.NEW), Set.of(Stock.values()), false, 9);
        assertThat(priced(SEVEN_DAYS, later)).isZero();
        assertThat(priced(nineDays, later)).isPositive();
    }
}
