package lowfield.core.offer;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From when on a price policy says something else of an offer. */
class PricePolicyTest {
    private static final Instant SEEN = Instant.parse("2026-11-02T09:30:00Z");

    private static PricePolicy atMost(int days) {
        return new PricePolicy(Set.of(Condition.NEW), Set.of(Stock.IN_STOCK), false, days);
    }

    private static Offer offer(Optional<Integer> shownDays) {
        var seller = new Seller(
                UUID.randomUUID(),
                "Ferrowby",
                "Ferrowby",
                Optional.empty(),
                new Terms("", Optional.empty(), true, shownDays));
        return new Offer(
                UUID.randomUUID(),
                seller,
                Condition.NEW,
                Money.of(12000, "EUR"),
                Optional.empty(),
                Stock.IN_STOCK,
                false,
                SEEN,
                "");
    }

    @ParameterizedTest(name = "{0} days allowed, shown for {1}, {2} old: {3}")
    @CsvSource({
        "7, '', PT0S,      P7DT0.000000001S",
        "7, '', PT1H,      P7DT0.000000001S",
        "7, '', P7D,       P7DT0.000000001S",
        "7, '', P7DT0.5S,  P8D",
        "7, '', P8D,       P9D",
        "7, '', P30DT23H,  P31D",
        "7, 2,  PT1H,      P2DT0.000000001S",
        "7, 2,  P2D,       P2DT0.000000001S",
        "7, 2,  P3D,       P7DT0.000000001S",
        "7, 10, P8DT1H,    P9D",
        "7, 10, P10D,      P10DT0.000000001S",
        "7, 10, P11DT1H,   P12D",
    })
    void nothingElseIsSaidUntil(int days, String shown, Duration age, Duration until) {
        var offer = offer(Optional.of(shown).filter(s -> !s.isEmpty()).map(Integer::valueOf));
        assertThat(atMost(days).nextChange(offer, SEEN.plus(age))).isEqualTo(SEEN.plus(until));
    }

    /** Whatever is asked in between is answered in the same words, and at the moment itself in others. */
    @Test
    void theNextChangeIsOne() {
        var chance = new Random(20261127);
        for (int i = 0; i < 20_000; i++) {
            var policy = atMost(1 + chance.nextInt(20));
            var offer = offer(chance.nextBoolean() ? Optional.empty() : Optional.of(chance.nextInt(20)));
            var now = SEEN.plusSeconds(chance.nextLong(Duration.ofDays(40).toSeconds()));
            var next = policy.nextChange(offer, now);
            var said = policy.refuse(offer, now);
            var between =
                    now.plusNanos(chance.nextLong(Duration.between(now, next).toNanos()));
            assertThat(next).isAfter(now);
            assertThat(policy.refuse(offer, between)).isEqualTo(said);
            assertThat(policy.refuse(offer, next)).isNotEqualTo(said);
        }
    }
}
