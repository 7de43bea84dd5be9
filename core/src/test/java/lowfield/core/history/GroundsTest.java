package lowfield.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Guard;
import org.junit.jupiter.api.Test;

class GroundsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 3);
    private static final UUID FERROWBY = new UUID(1, 1);
    private static final UUID QUILLMARKET = new UUID(1, 2);

    private static Money euro(double sum) {
        return Money.of(Math.round(sum * 100), "EUR");
    }

    private static UUID part(int number) {
        return new UUID(2, number);
    }

    private static Grounds.Past past(int part, UUID shop, int daysAgo, double price) {
        return new Grounds.Past(
                part(part), part(part), "MEMORY", Condition.NEW, shop, TODAY.minusDays(daysAgo), euro(price));
    }

    private static Grounds.Seen seen(int part, UUID shop, double price, Optional<Double> last) {
        return new Grounds.Seen(
                new UUID(shop.getLeastSignificantBits(), part),
                part(part),
                part(part),
                "MEMORY",
                Condition.NEW,
                shop,
                euro(price),
                last.map(p -> new Grounds.Accepted(euro(p), TODAY.minusDays(14))),
                List.of());
    }

    private static boolean accepts(Grounds grounds, Grounds.Seen seen) {
        return Guard.USUAL.judge(grounds.ground(seen), seen.price()).accepted();
    }

    @Test
    void memoryThatTreblesOverMonthsIsNeverFrozen() {
        var random = new Random(41);
        var past = new ArrayList<Grounds.Past>();
        var prices = new double[12];
        for (int part = 0; part < 12; part++) {
            prices[part] = 40 + 10 * part;
        }
        // Twelve fortnights, each about a tenth dearer: 1.1^12 is 3.1.
        for (int fortnight = 12; fortnight >= 1; fortnight--) {
            var seen = new ArrayList<Grounds.Seen>();
            for (int part = 0; part < 12; part++) {
                var before = prices[part];
                prices[part] *= 1.1 + 0.02 * random.nextGaussian();
                seen.add(seen(part, FERROWBY, prices[part], fortnight == 12 ? Optional.empty() : Optional.of(before)));
            }
            var day = fortnight;
            var recent = past.stream()
                    .filter(p -> !p.day().isBefore(TODAY.minusDays(14L * day + 90)))
                    .toList();
            var grounds = Grounds.of(seen, recent);
            assertThat(seen).allSatisfy(s -> assertThat(accepts(grounds, s)).isTrue());
            for (int part = 0; part < 12; part++) {
                past.add(past(part, FERROWBY, 14 * fortnight, prices[part]));
            }
        }
    }

    @Test
    void whileTheKindMovesASlipStandsOutAllTheSame() {
        var past = new ArrayList<Grounds.Past>();
        var seen = new ArrayList<Grounds.Seen>();
        for (int part = 0; part < 8; part++) {
            for (int fortnight = 1; fortnight <= 6; fortnight++) {
                past.add(past(part, FERROWBY, 14 * fortnight, 100));
            }
            seen.add(seen(part, FERROWBY, 130, Optional.of(100.0)));
            seen.add(seen(10 + part, QUILLMARKET, 131, Optional.of(100.0)));
        }
        var slip = seen(0, QUILLMARKET, 13, Optional.of(100.0));
        seen.add(slip);
        var grounds = Grounds.of(seen, past);
        assertThat(accepts(grounds, seen.get(3))).isTrue();
        assertThat(accepts(grounds, slip)).isFalse();
        // One that stays where it was while all others rose by a third is looked at, too.
        assertThat(accepts(grounds, seen(5, QUILLMARKET, 100, Optional.empty())))
                .isFalse();
    }

    /** Eight products at a shop, which have cost a hundred for months, now at a factor. */
    private static List<Grounds.Seen> throughout(UUID shop, double factor) {
        return java.util.stream.IntStream.range(0, 8)
                .mapToObj(part -> seen(part, shop, 100 * factor, Optional.of(100.0)))
                .toList();
    }

    private static List<Grounds.Past> months(UUID... shops) {
        var past = new ArrayList<Grounds.Past>();
        for (var shop : shops) {
            for (int part = 0; part < 8; part++) {
                for (int fortnight = 1; fortnight <= 6; fortnight++) {
                    past.add(past(part, shop, 14 * fortnight, 100));
                }
            }
        }
        return past;
    }

    private static List<Grounds.Seen> together(List<Grounds.Seen> some, List<Grounds.Seen> others) {
        var all = new ArrayList<>(some);
        all.addAll(others);
        return all;
    }

    @Test
    void aShopThatIsWrongThroughoutMovesNoKind() {
        for (var factor : new double[] {100, 1.9, 0.5, 0.01}) {
            var wrong = throughout(QUILLMARKET, factor);
            var alone = Grounds.of(wrong, months(FERROWBY, QUILLMARKET));
            assertThat(wrong).noneMatch(s -> accepts(alone, s));

            var right = throughout(FERROWBY, 1.01);
            var beside = Grounds.of(together(wrong, right), months(FERROWBY, QUILLMARKET));
            assertThat(wrong).noneMatch(s -> accepts(beside, s));
            assertThat(right).allMatch(s -> accepts(beside, s));
        }
    }

    @Test
    void whatTwoShopsTellMovesAKindAndWhatOneTellsOnlyALittle() {
        var here = throughout(FERROWBY, 1.3);
        var there = throughout(QUILLMARKET, 1.28);
        var both = Grounds.of(together(here, there), months(FERROWBY, QUILLMARKET));
        assertThat(together(here, there)).allMatch(s -> accepts(both, s));
        var little = throughout(FERROWBY, 1.2);
        assertThat(little).allMatch(s -> accepts(Grounds.of(little, months(FERROWBY)), s));
        assertThat(here).noneMatch(s -> accepts(Grounds.of(here, months(FERROWBY)), s));
    }

    @Test
    void tooFewProductsDoNotMoveAKind() {
        var past = new ArrayList<Grounds.Past>();
        var seen = new ArrayList<Grounds.Seen>();
        for (int part = 0; part < 4; part++) {
            for (int fortnight = 1; fortnight <= 6; fortnight++) {
                past.add(past(part, FERROWBY, 14 * fortnight, 100));
            }
            seen.add(seen(part, FERROWBY, 130, Optional.of(100.0)));
        }
        assertThat(accepts(Grounds.of(seen, past), seen.get(0))).isFalse();
    }

    @Test
    void aSecondShopThatAgreesLetsARealHalfPriceThrough() {
        var past = new ArrayList<Grounds.Past>();
        for (int fortnight = 1; fortnight <= 6; fortnight++) {
            past.add(past(1, FERROWBY, 14 * fortnight, 372));
            past.add(past(1, QUILLMARKET, 14 * fortnight, 380));
        }
        var here = seen(1, FERROWBY, 186, Optional.of(372.0));
        var there = seen(1, QUILLMARKET, 190, Optional.of(380.0));
        assertThat(accepts(Grounds.of(List.of(here, there), past), here)).isTrue();
        assertThat(accepts(Grounds.of(List.of(here), past), here)).isFalse();
    }

    @Test
    void ofTwoThatWereNeverSeenTheLowerIsHeldAgainstTheHigher() {
        var usual = seen(1, FERROWBY, 61.90, Optional.empty());
        var slip = seen(1, QUILLMARKET, 6.25, Optional.empty());
        var grounds = Grounds.of(List.of(usual, slip), List.of());
        assertThat(accepts(grounds, usual)).isTrue();
        assertThat(accepts(grounds, slip)).isFalse();
    }

    /** A price of 1,200.00 at a shop that tells its prices in kronor. */
    private static Grounds.Seen inKronor(Optional<Grounds.Accepted> own, Money... peers) {
        return new Grounds.Seen(
                new UUID(3, 1),
                part(1),
                part(1),
                "MEMORY",
                Condition.NEW,
                QUILLMARKET,
                Money.of(120_000, "SEK"),
                own,
                List.of(peers));
    }

    @Test
    void whatIsAskedInAnotherCurrencyTellsNothing() {
        var seen = inKronor(Optional.empty(), euro(100), euro(110), euro(105));
        var grounds = Grounds.of(List.of(seen, seen(1, FERROWBY, 101, Optional.empty())), months(FERROWBY));
        assertThat(grounds.ground(seen)).isEqualTo(Guard.Ground.NOTHING);
        assertThat(accepts(grounds, seen)).isTrue();

        var among = inKronor(Optional.empty(), euro(100), Money.of(1_300_000, "SEK"));
        assertThat(accepts(Grounds.of(List.of(among), List.of()), among)).isFalse();
    }

    @Test
    void aShopThatChangedItsCurrencyIsHeldAgainstOthers() {
        var own = Optional.of(new Grounds.Accepted(euro(100), TODAY.minusDays(14)));
        var alone = inKronor(own);
        assertThat(accepts(Grounds.of(List.of(alone), List.of()), alone)).isTrue();
        var slip = inKronor(own, Money.of(1_200_000, "SEK"));
        assertThat(Guard.USUAL
                        .judge(Grounds.of(List.of(slip), List.of()).ground(slip), slip.price())
                        .why())
                .isEqualTo("1,200.00 SEK is under 65% of 12,000.00 SEK, which others ask");
    }

    @Test
    void pricesInAnotherCurrencyDoNotMoveAKind() {
        var here = throughout(FERROWBY, 1.01);
        var kronor = java.util.stream.IntStream.range(0, 8)
                .mapToObj(part -> new Grounds.Past(
                        part(part),
                        part(part),
                        "MEMORY",
                        Condition.NEW,
                        QUILLMARKET,
                        TODAY.minusDays(7),
                        Money.of(1000, "SEK")))
                .toList();
        var past = new ArrayList<>(months(FERROWBY));
        past.addAll(kronor);
        assertThat(here).allMatch(s -> accepts(Grounds.of(here, past), s));
    }
}
