package lowfield.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pages as shops really publish them: wrapped, split, with several products, or with meta tags alone. */
class PagesAsTheyAreTest {
    private static final String OFFER =
            "\"offers\":{\"@type\":\"Offer\",\"price\":\"309.00\",\"priceCurrency\":\"EUR\",\"availability\":\"InStock\"}";
    private static final PageReader READER =
            new PageReader("Ferrowby", Money.currencyOf("EUR"), LocalDate.of(2026, 12, 1));

    private static String script(String json) {
        return "<script type=\"application/ld+json\">" + json + "</script>";
    }

    private static PageReading read(String html) {
        return READER.read(html, Optional.empty());
    }

    private static void tells309(PageReading reading) {
        assertThat(reading.told()).isEmpty();
        assertThat(reading.offers())
                .singleElement()
                .satisfies(o -> assertThat(o.price().orElseThrow().minor()).isEqualTo(30900));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!-- %s -->",
                "//<![CDATA[\n%s\n//]]>",
                "/*<![CDATA[*/ %s /*]]>*/",
                "<![CDATA[%s]]>",
                "%s",
            })
    void jsonIsReadThroughCommentsAndCdata(String wrapped) {
        tells309(read(script(wrapped.formatted("{\"@type\":\"Product\",\"name\":\"Vane Five\"," + OFFER + "}"))));
    }

    @Test
    void rawControlCharactersInATextDoNotBreakThePage() {
        tells309(read(
                script("{\"@type\":\"Product\",\"description\":\"line\n\tbreaks\",\"name\":\"V\"," + OFFER + "}")));
    }

    @Test
    void nodesThatPointToEachOtherAcrossScriptsAreJoined() {
        tells309(
                read(
                        script("{\"@type\":\"Product\",\"name\":\"V\",\"offers\":{\"@id\":\"#offer\"}}")
                                + script(
                                        "{\"@id\":\"#offer\",\"@type\":\"Offer\",\"price\":309,\"priceCurrency\":\"EUR\",\"availability\":\"InStock\"}")));
    }

    @Test
    void nodesThatPointInCirclesEnd() {
        var reading = read(
                script(
                        "[{\"@id\":\"#a\",\"@type\":\"Product\",\"offers\":{\"@id\":\"#b\"}},{\"@id\":\"#b\",\"offers\":{\"@id\":\"#a\"}}]"));
        assertThat(reading.offers()).isEmpty();
        assertThat(reading.told()).isNotEmpty();
    }

    @Test
    void microdataWhosePartsStandElsewhereIsRead() {
        tells309(read("""
                <div itemscope itemtype="https://schema.org/Product" itemref="buy self"><span itemprop="name">V</span></div>
                <div id="buy"><div itemprop="offers" itemscope itemtype="https://schema.org/Offer">
                <meta itemprop="price" content="309.00"><meta itemprop="priceCurrency" content="EUR">
                <link itemprop="availability" href="https://schema.org/InStock"></div></div>
                """));
    }

    @Test
    void metaTagsAreReadWhenNothingBetterIsThere() {
        var tags = """
                <meta property="product:price:amount" content="309.00"><meta property="product:price:currency" content="EUR">
                <meta property="product:availability" content="in stock">
                """;
        tells309(read(tags));
        var better = script("{\"@type\":\"Product\",\"name\":\"V\"," + OFFER.replace("309.00", "299.00") + "}");
        assertThat(read(tags + better).offers().get(0).price().orElseThrow().minor())
                .isEqualTo(29900);
    }

    @Test
    void whichOfSeveralProductsIsMeantIsNeverGuessed() {
        var two = script("[{\"@type\":\"Product\",\"name\":\"black\",\"gtin13\":\"4006381333931\"," + OFFER
                + "},{\"@type\":\"Product\",\"name\":\"white\",\"mpn\":\"W-1\"," + OFFER.replace("309", "319") + "}]");
        assertThat(read(two).offers()).isEmpty();
        assertThat(read(two).told().get(0)).contains("describes 2 products");
        assertThat(READER.read(two, Optional.of("4006381333931")).offers()).hasSize(1);
        var byNumber = READER.read(two, new Identity(Optional.empty(), Optional.of("w-1")));
        assertThat(byNumber.offers().get(0).price().orElseThrow().minor()).isEqualTo(31900);
    }

    /** Two colours on one page, each with an address and a number of the shop's own. */
    private static final String TWO = script(
            "[{\"@type\":\"Product\",\"name\":\"black\",\"sku\":\"77-1\",\"url\":\"https://ferrowby.example/p/vane?colour=black\","
                    + OFFER
                    + "},{\"@type\":\"Product\",\"name\":\"white\",\"sku\":\"77-2\",\"url\":\"https://ferrowby.example/p/vane?colour=white\","
                    + OFFER.replace("309", "319") + "}]");

    @ParameterizedTest
    @CsvSource({
        "/p/vane?colour=white, 31900",
        "/p/vane?colour=black, 30900",
        "/p/77-2/vane, 31900",
        "/p/vane?v=77-1, 30900"
    })
    void theAddressTellsWhichProductIsMeant(String path, long minor) {
        var told = READER.read(TWO, Identity.UNKNOWN.at(path)).offers();
        assertThat(told.get(0).price().orElseThrow().minor()).isEqualTo(minor);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/p/vane", "/p/vane?colour=green", "/p/77-12", "/p/77-1/77-2"})
    void anAddressThatNamesNoneOrSeveralTellsNothing(String path) {
        assertThat(READER.read(TWO, Identity.UNKNOWN.at(path)).offers()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"2026-11-30, true", "2026-12-01, false", "2027-01-31T23:59, false", "soon, false", "2026-99-99, false"})
    void aPriceWhoseDateHasPassedIsTakenAndTold(String until, boolean told) {
        var dated = OFFER.replace("\"price\"", "\"priceValidUntil\":\"" + until + "\",\"price\"");
        var reading = read(script("{\"@type\":\"Product\",\"name\":\"V\"," + dated + "}"));
        assertThat(reading.offers().get(0).price().orElseThrow().minor()).isEqualTo(30900);
        assertThat(reading.told().stream().anyMatch(s -> s.contains("valid until " + until)))
                .isEqualTo(told);
    }

    @Test
    void aProductThatItsPagePointsToIsOneToo() {
        var graph =
                "{\"@graph\":[{\"@type\":\"WebPage\",\"mainEntity\":{\"@id\":\"#p\"}},{\"@type\":\"Product\",\"@id\":\"#p\",\"name\":\"V\","
                        + OFFER + "}]}";
        var rows =
                "<div><div><b>Length</b><i>256 mm</i></div><div><b>Board power</b><i>190 W</i></div><div><b>Weight</b><i>1.2 kg</i></div></div>";
        var described =
                ProductPage.read(script(graph) + rows, "Ferrowby", Money.currencyOf("EUR"), LocalDate.of(2026, 12, 1));
        assertThat(described).hasSize(1);
        assertThat(described.get(0).statements())
                .extracting(s -> s.label() + "=" + s.text())
                .contains("Length=256 mm", "Weight=1.2 kg");
    }

    @Test
    void theSameProductDescribedTwiceIsOne() {
        var one = script("{\"@type\":\"Product\",\"name\":\"V\",\"gtin13\":\"4006381333931\"," + OFFER + "}");
        tells309(read(one + one));
    }
}
