package lowfield.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pages as shops really publish them: wrapped, split, with several products, or with meta tags alone. */
class PagesAsTheyAreTest {
    private static final String OFFER =
            "\"offers\":{\"@type\":\"Offer\",\"price\":\"309.00\",\"priceCurrency\":\"EUR\",\"availability\":\"InStock\"}";
    private static final PageReader READER = new PageReader("Ferrowby", Money.currencyOf("EUR"));

    private static String script(String json) {
        return "<script type=\"application/ld+json\">" + json + "</script>";
    }

    private static PageReading read(String html) {
        return READER.read(html, Optional.empty());
    }

    private static void tells309(PageReading reading) {
        assertThat(reading.refused()).isEmpty();
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
        assertThat(reading.refused()).isNotEmpty();
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
        assertThat(read(two).refused().get(0)).contains("describes 2 products");
        assertThat(READER.read(two, Optional.of("4006381333931")).offers()).hasSize(1);
        var byNumber = READER.read(two, new Identity(Optional.empty(), Optional.of("w-1")));
        assertThat(byNumber.offers().get(0).price().orElseThrow().minor()).isEqualTo(31900);
    }

    @Test
    void theSameProductDescribedTwiceIsOne() {
        var one = script("{\"@type\":\"Product\",\"name\":\"V\",\"gtin13\":\"4006381333931\"," + OFFER + "}");
        tells309(read(one + one));
    }
}
