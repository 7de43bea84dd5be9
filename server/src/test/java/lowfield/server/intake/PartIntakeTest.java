package lowfield.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lowfield.core.offer.Stock;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.server.catalogue.Catalogue;
import lowfield.server.catalogue.Chips;
import lowfield.server.catalogue.PartNumbers;
import lowfield.server.catalogue.Parts;
import lowfield.server.outbound.Fetched;
import lowfield.server.shops.PageAddress;
import lowfield.server.shops.ShopPages;
import lowfield.server.shops.Shops;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a product page is read into, whatever stands on it. */
class PartIntakeTest {
    private static final String ADDRESS = "https://ferrowby.example/p/ridge";
    private static final String RIDGE = """
            <html><h1>Kelder Ridge 650 W</h1>
            <script type="application/ld+json">{"@type":"Product","name":"Kelder Ridge 650 W","category":"Power supplies",
            "brand":{"@type":"Brand","name":"Kelder"},"gtin13":"4006381333931","mpn":"KR-650",
            "weight":{"@type":"QuantitativeValue","value":"1.6","unitCode":"KGM"},
            "additionalProperty":[{"@type":"PropertyValue","name":"Length","value":"14","unitCode":"CMT"}],
            "offers":{"@type":"Offer","price":"89.90","priceCurrency":"EUR","availability":"InStock"}}</script>
            <table><tr><th>Efficiency</th><td>80 PLUS Gold</td></tr><tr><td>Form factor</td><td>ATX</td></tr>
            <tr><td>Wattage</td><td>%s</td></tr></table>
            <dl><dt>Modularity</dt><dd>Fully modular</dd></dl><ul><li>SATA connectors: 8</li></ul></html>
            """;

    private final ShopPages pages = mock(ShopPages.class);
    private final Parts parts = mock(Parts.class);
    private final PartNumbers numbers = mock(PartNumbers.class);
    private final Chips chips = mock(Chips.class);
    private final Shops shops = mock(Shops.class);
    private final PartIntake intake = new PartIntake(pages, parts, numbers, chips, shops, Clock.systemUTC());

    @BeforeEach
    void aCatalogueThatKnowsNothing() {
        when(numbers.part(any(), any())).thenReturn(Optional.empty());
        when(chips.all()).thenReturn(List.of());
        var empty = mock(Catalogue.class);
        when(parts.catalogue()).thenReturn(empty);
    }

    private void page(Fetched fetched) {
        var shop = mock(Shops.Shop.class);
        when(shop.id()).thenReturn(UUID.randomUUID());
        when(shop.name()).thenReturn("Ferrowby");
        when(shop.currency()).thenReturn("EUR");
        when(pages.fetch(ADDRESS))
                .thenReturn(new ShopPages.Page(shop, new PageAddress("ferrowby.example", "/p/ridge"), fetched));
    }

    private PartIntake.PageRead read(String html) {
        page(new Fetched.Page(html, Optional.empty()));
        return intake.read(ADDRESS, null);
    }

    private static Map<String, List<String>> shown(PartIntake.ReadPart part) {
        return part.figures().stream()
                .collect(Collectors.toMap(
                        PartIntake.FigureRead::field,
                        f -> f.values().stream()
                                .map(PartIntake.ReadValue::shown)
                                .distinct()
                                .toList()));
    }

    @Test
    void anOfferIsReadWithItsStockMembershipValidityAndShipping() {
        var html = RIDGE.formatted("650 W")
                .replace(
                        "\"availability\":\"InStock\"",
                        "\"availability\":\"SoldOut\",\"priceValidUntil\":\"2026-01-31\",\"validForMemberTier\":{},"
                                + "\"shippingDetails\":{\"shippingRate\":{\"value\":\"4.90\",\"currency\":\"EUR\"}}");
        var offer = read(html).products().get(0).offer();
        assertThat(offer.stock()).isEqualTo(Stock.OUT_OF_STOCK);
        assertThat(offer.membersOnly()).isTrue();
        assertThat(offer.validUntil()).isEqualTo("2026-01-31");
        assertThat(offer.shippingMinor()).isEqualTo(490);
    }

    @Test
    void aPartIsRecognisedByItsAddressWhereThePageShowsOneProduct() {
        var known = UUID.randomUUID();
        when(shops.partAt(new PageAddress("ferrowby.example", "/p/ridge"))).thenReturn(Optional.of(known));
        var part = mock(Part.class);
        when(part.id()).thenReturn(known);
        when(part.kind()).thenReturn(Kind.POWER_SUPPLY);
        when(part.fullName()).thenReturn("Kelder Ridge 650 W");
        when(part.spec()).thenReturn(Kind.POWER_SUPPLY.schema().read(Map.of()));
        var catalogue = mock(Catalogue.class);
        when(catalogue.part(known)).thenReturn(part);
        when(parts.catalogue()).thenReturn(catalogue);
        assertThat(read(RIDGE.formatted("650 W")).products().get(0).known().id())
                .isEqualTo(known);
    }

    @Test
    void aPageGivesNameNumbersPriceAndFigures() {
        var part = read(RIDGE.formatted("650 W")).products().get(0);
        assertThat(part.kind()).isEqualTo(Kind.POWER_SUPPLY);
        assertThat(part.maker()).isEqualTo("Kelder");
        assertThat(part.name()).isEqualTo("Ridge 650 W");
        assertThat(part.gtin()).isEqualTo("4006381333931");
        assertThat(part.makerNumber()).isEqualTo("KR-650");
        assertThat(part.offer().priceMinor()).isEqualTo(8990);
        assertThat(shown(part))
                .containsEntry("rating", List.of("650 W"))
                .containsEntry("length", List.of("140 mm"))
                .containsEntry("efficiency", List.of("80 PLUS Gold"))
                .containsEntry("cables", List.of("modular"))
                .containsEntry("format", List.of("ATX"))
                .containsEntry("sataPlugs", List.of("8"));
    }

    @Test
    void eachValueTellsWhereAndFromWhichWordsItWasRead() {
        var rating = read(RIDGE.formatted("650 W")).products().get(0).figures().stream()
                .filter(f -> f.field().equals("rating"))
                .findFirst()
                .orElseThrow();
        assertThat(rating.values())
                .extracting(PartIntake.ReadValue::where, PartIntake.ReadValue::words)
                .contains(
                        org.assertj.core.groups.Tuple.tuple("table 1", "Wattage: 650 W"),
                        org.assertj.core.groups.Tuple.tuple("the name", "650 w"));
    }

    @Test
    void whatThePageContradictsItselfInStandsSideBySide() {
        assertThat(shown(read(RIDGE.formatted("750 W")).products().get(0)))
                .containsEntry("rating", List.of("750 W", "650 W"));
    }

    @Test
    void anAbsurdFigureIsNotRead() {
        assertThat(shown(read(RIDGE.formatted("650000000 W")).products().get(0)))
                .containsEntry("rating", List.of("650 W"));
    }

    @Test
    void aPartThatTheCatalogueKnowsIsRecognised() {
        var known = new Part(
                UUID.randomUUID(),
                UUID.randomUUID(),
                Kind.POWER_SUPPLY,
                "Kelder",
                "Kelder Ridge 650 W",
                "",
                Release.ON_SALE,
                Optional.empty(),
                Optional.empty(),
                java.time.Instant.EPOCH,
                Kind.POWER_SUPPLY.schema().read(Map.of("rating", 650)));
        when(numbers.part(Optional.of("4006381333931"), Optional.of("KR-650"))).thenReturn(Optional.of(known.id()));
        var catalogue = mock(Catalogue.class);
        when(catalogue.part(known.id())).thenReturn(known);
        when(parts.catalogue()).thenReturn(catalogue);
        var read = read(RIDGE.formatted("650 W")).products().get(0).known();
        assertThat(read).isNotNull();
        assertThat(read.id()).isEqualTo(known.id());
        assertThat(read.spec()).containsEntry("rating", 650);
    }

    @Test
    void theKindThatTheAuthorSaysWins() {
        page(new Fetched.Page("<h1>Ridge 650 W</h1>", Optional.empty()));
        assertThat(intake.read(ADDRESS, Kind.CASE).products().get(0).kind()).isEqualTo(Kind.CASE);
        assertThat(intake.read(ADDRESS, null).products().get(0).kind()).isNull();
    }

    @Test
    void aPageOfManyVariantsGivesThemAllAndGuessesNone() {
        var many = IntStream.range(0, 30)
                .mapToObj(i -> "{\"@type\":\"Product\",\"name\":\"Ridge %d W\"}".formatted(400 + i))
                .collect(Collectors.joining(",", "[", "]"));
        var read = read("<script type=\"application/ld+json\">" + many
                + "</script><table><tr><td>Wattage</td><td>9 W</td></tr></table>");
        assertThat(read.products()).hasSize(30);
        assertThat(read.products().get(7).name()).isEqualTo("407 W");
        assertThat(read.products().get(7).maker()).isEqualTo("Ridge");
        assertThat(read.products().get(7).makerProposed()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "<p>nothing</p>", "<script type=\"application/ld+json\">{broken</script>"})
    void aPageWithoutAProductSaysSo(String html) {
        assertThat(read(html).sentence()).isEqualTo("the page names no product");
    }

    @Test
    void aPageThatCannotBeHadIsToldInTheFetchersWords() {
        page(new Fetched.Failed("the shop could not be reached", true));
        assertThat(intake.read(ADDRESS, null).sentence()).isEqualTo("the shop could not be reached");
    }

    @Test
    void namesAreTextWhateverStandsInThem() {
        var part =
                read("<script type=\"application/ld+json\">{\"@type\":\"Product\",\"name\":\"<b>Ridge</b>\\u0007 %s\"}</script>"
                                .formatted("x".repeat(300)))
                        .products()
                        .get(0);
        var shown = part.maker() + " " + part.name();
        assertThat(shown).startsWith("Ridge").doesNotContain("<").hasSizeLessThanOrEqualTo(201);
        assertThat(shown.chars().noneMatch(Character::isISOControl)).isTrue();
    }
}
