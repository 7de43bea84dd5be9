package lowfield.core.press;

import static lowfield.core.edition.TestEdition.eur;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.Option;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.money.Rate;
import lowfield.core.offer.Bundle;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Stock;
import lowfield.core.offer.Terms;
import lowfield.core.part.Part;
import lowfield.core.total.ReaderRegion;
import org.junit.jupiter.api.Test;

/** What a document tells, and what it must not: prices that their shop does not let stand. */
class PublicationMakerTest {
    private static final Terms HIDING = new Terms("", Optional.empty(), false, Optional.empty());
    private static final Seller OPEN = seller("Pier Nine", 0, Terms.NOT_TOLD);
    private static final Seller HIDDEN = seller("Quillmarket", 0, HIDING);
    private static final TestBuild BUILD = TestBuild.sound();
    private static final Part CARD = TestEdition.part(BUILD, Slot.GRAPHICS_CARD);

    private final TestEdition edition = new TestEdition();

    private static Seller seller(String name, long freeFrom, Terms terms) {
        return new Seller(
                UUID.nameUUIDFromBytes(name.getBytes()),
                name,
                name,
                freeFrom == 0 ? Optional.empty() : Optional.of(eur(freeFrom)),
                terms);
    }

    private static PressMaterial material(EvaluatedEdition edition, Optional<Publication> last) {
        return new PressMaterial(
                new Publication.Guide(
                        "guide", "A Guide", "Skerries", ZoneId.of("CET"), Money.currencyOf("EUR"), "en-150", ""),
                last.map(p -> p.number() + 1).orElse(1),
                LocalDate.of(2026, 12, 1),
                TestEdition.NOW,
                edition.tiers().stream()
                        .collect(Collectors.toMap(
                                t -> t.id(), t -> new PressMaterial.TierText("everybody", "everything", true))),
                List.of(),
                List.of(),
                new PressMaterial.Regions(
                        List.of(new ReaderRegion("Nordholm", "SEK", 250)),
                        to -> Optional.of(new Rate(
                                Money.currencyOf("EUR"),
                                to,
                                new BigDecimal("11.0827"),
                                LocalDate.of(2026, 12, 3),
                                "rates.example")),
                        Map.of("Pier Nine", 210, "Quillmarket", 240, "Shop", 210)),
                last,
                id -> CARD,
                ids -> List.of());
    }

    private static Publication publish(EvaluatedEdition edition, Optional<Publication> last) {
        return new PublicationMaker(material(edition, last)).make(edition);
    }

    private Publication.Build published() {
        return publish(edition.tier("Mate", BUILD).edition(), Optional.empty())
                .tiers()
                .get(0)
                .main();
    }

    private static Publication.Line card(Publication.Build build) {
        return build.lines().stream()
                .filter(l -> l.slot().equals(Slot.GRAPHICS_CARD.label()))
                .findFirst()
                .orElseThrow();
    }

    /** Each other part of the sound build costs 100.00. */
    private static Money others() {
        return eur(10_000L * (BUILD.build().filled().count() - 1));
    }

    @Test
    void aPriceThatMayStandIsToldExactlyAndSoAreTheSums() {
        edition.soldBy(OPEN, CARD, eur(30_490), eur(490));
        var build = published();
        assertThat(card(build).price()).isEqualTo(new Cell.Exact(eur(30_490)));
        assertThat(build.goods()).isEqualTo(new Cell.Exact(others().plus(eur(30_490))));
        assertThat(build.total()).isEqualTo(new Cell.Exact(others().plus(eur(30_980))));
        assertThat(build.charges()).contains(new Publication.Charge("Pier Nine", new Cell.Exact(eur(490))));
    }

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

    @Test
    void theChangeOfATotalIsOfTotalsAsTheyWereTold() {
        edition.soldBy(HIDDEN, CARD, eur(30_490), eur(0));
        var first = publish(edition.tier("Mate", BUILD).edition(), Optional.empty());
        var later = new TestEdition().soldBy(OPEN, CARD, eur(31_250), eur(0)).tier("Mate", BUILD);
        var second = publish(later.edition(), Optional.of(first));
        assertThat(second.number()).isEqualTo(2);
        assertThat(second.tiers().get(0).main().change()).isEqualTo(new Cell.Rounded(eur(1_250)));
        assertThat(first.tiers().get(0).main().change()).isEqualTo(new Cell.NotKnown());
    }

    @Test
    void withoutAPriceSumsAreNotKnown() {
        edition.gone(CARD);
        var build = published();
        assertThat(card(build).price()).isEqualTo(new Cell.NotKnown());
        assertThat(card(build).source()).isEmpty();
        assertThat(build.total()).isEqualTo(new Cell.NotKnown());
        assertThat(build.regions()).isEmpty();
    }

    private static List<Publication.SoldTogether> together(Seller cardSeller) {
        var bundle = new Bundle(
                OPEN,
                Map.of(CARD.id(), 1, TestEdition.part(BUILD, Slot.COOLER).id(), 1),
                eur(30_000),
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
            moved += market.isMoved() ? 1 : 0;
        }
        assertThat(moved).as("documents with other hidden prices").isGreaterThan(300);
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
                            .map(o -> TestEdition.offering(l, o))
                            .orElse(l));
            sellers.forEach((part, seller) -> {
                var price = otherHiddenPrices && isHidden(part) ? others.get(part) : prices.get(part);
                edition.soldBy(seller, part, eur(price), eur(490));
            });
            return edition.tier("Mate", BUILD).edition();
        }
    }
}
