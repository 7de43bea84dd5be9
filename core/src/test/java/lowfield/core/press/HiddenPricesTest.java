package lowfield.core.press;

import static lowfield.core.edition.TestEdition.eur;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.Option;
import lowfield.core.edition.TestEdition;
import lowfield.core.edition.TestLines;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Bundle;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Stock;
import lowfield.core.offer.Terms;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** Prices that a shop does not let stand. */
class HiddenPricesTest extends PublicationCase {
    /** 304.90 is 300 in every sum. */
    @Test
    void aPriceThatMayNotStandIsWithheldAndRoundedBeforeItIsAdded() {
        edition.soldBy(HIDDEN, CARD, eur(30_490), eur(0));
        var build = published();
        assertThat(card(build).price()).isEqualTo(new Cell.Withheld());
        assertThat(card(build).source()).isPresent();
        assertThat(build.goods()).isEqualTo(new Cell.Rounded(others().plus(eur(30_000))));
        assertThat(build.total()).isEqualTo(new Cell.Rounded(others().plus(eur(30_000))));
        assertThat(build.available()).isEqualTo(new Cell.Rounded(others().plus(eur(30_000))));
        assertThat(build.charges()).contains(new Publication.Charge("Quillmarket", new Cell.Withheld()));
    }

    private static List<Publication.SoldTogether> together(Seller cardSeller) {
        var bundle = new Bundle(
                OPEN,
                Map.of(CARD.id(), 1, TestEdition.part(BUILD, Slot.COOLER).id(), 1),
                eur(30_000),
                Optional.empty(),
                Stock.IN_STOCK,
                false,
                TestEdition.NOW,
                "https://shop.example");
        var edition = new TestEdition().sellsTogether(bundle).soldBy(cardSeller, CARD, eur(25_000), eur(0));
        return publish(edition.tier("Mate", BUILD).edition(), Optional.empty())
                .tiers()
                .get(0)
                .main()
                .together();
    }

    @Test
    void whatSellersSellTogetherIsToldUnlessItHoldsAHiddenPrice() {
        assertThat(together(OPEN)).extracting(Publication.SoldTogether::saves).containsExactly(eur(5_000));
        assertThat(together(HIDDEN)).isEmpty();
    }

    /**
     * Whatever is told follows from hidden prices to the nearest ten: any others that round alike make the same document,
     * so that no reader can narrow one down, by whichever sums. Seed 20261127.
     */
    @Test
    void aDocumentTellsNoMoreOfHiddenPricesThanTheirTens() {
        var chance = new Random(20261127);
        var moved = 0;
        for (int round = 0; round < 400; round++) {
            var market = new HiddenMarket(chance.nextLong());
            var first = publish(market.edition(false), Optional.empty());
            var second = publish(market.edition(true), Optional.empty());
            assertThat(second).as("round %d", round).isEqualTo(first);
            assertThat(today(market.edition(true))).as("round %d", round).isEqualTo(today(market.edition(false)));
            moved += market.isMoved() ? 1 : 0;
        }
        assertThat(moved).as("documents with other hidden prices").isGreaterThan(300);
    }

    private static List<Cell> today(EvaluatedEdition edition) {
        return edition.builds().map(TodayTotal::of).toList();
    }

    /** A sound build bought at shops that let prices stand and shops that do not, with options; drawn from a seed. */
    private static final class HiddenMarket {
        private final Map<Part, Seller> sellers = new HashMap<>();
        private final Map<Part, Long> prices = new HashMap<>();
        private final Map<Part, Long> others = new HashMap<>();
        private final Map<UUID, Option> options = new HashMap<>();

        HiddenMarket(long seed) {
            var chance = new Random(seed);
            var shops = List.of(
                    OPEN,
                    seller("Freeport", 2_000 + chance.nextInt(60_000), Terms.NOT_TOLD),
                    HIDDEN,
                    seller("Tallymart", 2_000 + chance.nextInt(60_000), HIDING));
            BUILD.build().filled().forEach(line -> {
                draw(line.choice().part().orElseThrow(), shops, chance);
                if (chance.nextInt(3) == 0) {
                    var different = another(line.choice().part().orElseThrow());
                    draw(different, shops, chance);
                    var purpose = chance.nextBoolean() ? Option.Purpose.ALTERNATIVE : Option.Purpose.UPGRADE;
                    options.put(line.id(), new Option(purpose, different, ""));
                }
            });
        }

        private static Part another(Part part) {
            return new Part(
                    UUID.nameUUIDFromBytes(("another" + part.id()).getBytes()),
                    part.product(),
                    part.kind(),
                    part.maker(),
                    "Another",
                    "",
                    part.release(),
                    Optional.empty(),
                    Optional.empty(),
                    part.added(),
                    part.spec());
        }

        private void draw(Part part, List<Seller> shops, Random chance) {
            var ten = 1_000L * (1 + chance.nextInt(60));
            sellers.put(part, shops.get(chance.nextInt(shops.size())));
            prices.put(part, ten - 500 + chance.nextInt(1_000));
            others.put(part, ten - 500 + chance.nextInt(1_000));
        }

        private boolean isHidden(Part part) {
            return !sellers.get(part).terms().mayStand();
        }

        boolean isMoved() {
            return sellers.keySet().stream()
                    .anyMatch(p -> isHidden(p) && !prices.get(p).equals(others.get(p)));
        }

        EvaluatedEdition edition(boolean otherHiddenPrices) {
            var edition = new TestEdition()
                    .planning(l -> Optional.ofNullable(options.get(l.id()))
                            .map(o -> TestLines.offering(l, o))
                            .orElse(l));
            sellers.forEach((part, seller) -> {
                var price = otherHiddenPrices && isHidden(part) ? others.get(part) : prices.get(part);
                edition.soldBy(seller, part, eur(price), eur(490));
            });
            return edition.tier("Mate", BUILD).edition();
        }
    }
}
