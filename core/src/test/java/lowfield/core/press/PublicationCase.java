package lowfield.core.press;

import static lowfield.core.edition.TestEdition.eur;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.TestEdition;
import lowfield.core.fact.FactValue;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.money.Rate;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Terms;
import lowfield.core.part.Part;
import lowfield.core.total.ReaderRegion;

/** Publishes an edition of one build and reads its document. */
abstract class PublicationCase {
    static final Terms HIDING = new Terms("", Optional.empty(), false, Optional.empty());
    static final Seller OPEN = seller("Pier Nine", 0, Terms.NOT_TOLD);
    static final Seller HIDDEN = seller("Quillmarket", 0, HIDING);
    static final TestBuild BUILD = TestBuild.sound();
    static final Part CARD = TestEdition.part(BUILD, Slot.GRAPHICS_CARD);
    final TestEdition edition = new TestEdition();

    static Seller seller(String name, long freeFrom, Terms terms) {
        return new Seller(
                UUID.nameUUIDFromBytes(name.getBytes()),
                name,
                name,
                freeFrom == 0 ? Optional.empty() : Optional.of(eur(freeFrom)),
                terms);
    }

    static PressMaterial material(EvaluatedEdition edition, Optional<Publication> last) {
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
                PublicationCase::words,
                PressMaterial.Pictures.none(),
                ids -> List.of(),
                PressMaterial.Texts.none(),
                PressMaterial.Own.none(),
                List.of(),
                build -> "");
    }

    private static String words(FactValue value) {
        return value instanceof FactValue.Sum sum ? sum.sum().major().toPlainString() : value.toString();
    }

    static Publication publish(EvaluatedEdition edition, Optional<Publication> last) {
        return new PublicationMaker(material(edition, last)).make(edition);
    }

    Publication.Build published() {
        return publish(edition.tier("Mate", BUILD).edition(), Optional.empty())
                .tiers()
                .get(0)
                .main();
    }

    static Publication.Line card(Publication.Build build) {
        return build.lines().stream()
                .filter(l -> l.slot().equals(Slot.GRAPHICS_CARD.label()))
                .findFirst()
                .orElseThrow();
    }

    /** Each other part of the sound build costs 100.00. */
    static Money others() {
        return eur(10_000L * (BUILD.build().filled().count() - 1));
    }
}
