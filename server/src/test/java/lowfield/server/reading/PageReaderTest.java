package lowfield.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Currency;
import java.util.Optional;
import java.util.Random;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.core.part.Gtin;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PageReaderTest {
    private static final String OFFER =
            "{\"@type\":\"Offer\",\"price\":\"309.00\",\"priceCurrency\":\"EUR\",\"availability\":\"https://schema.org/InStock\"}";

    private static PageReading read(String json) {
        return new PageReader("Ferrowby", Currency.getInstance("EUR"), LocalDate.of(2026, 12, 1))
                .read("<html><script type=\"application/ld+json\">" + json + "</script></html>", Optional.empty());
    }

    private static String product(String offers) {
        return "{\"@type\":\"Product\",\"offers\":" + offers + "}";
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"@type\":\"Product\",\"offers\":%s}",
                "[{\"@type\":\"WebSite\"},{\"@type\":\"Product\",\"offers\":[%s]}]",
                "{\"@graph\":[{\"@type\":[\"Product\",\"Thing\"],\"offers\":%s}]}",
                "{\"@type\":\"ItemPage\",\"mainEntity\":{\"@type\":\"https://schema.org/Product\",\"offers\":%s}}",
                "{\"@type\":\"Product\",\"offers\":{\"@type\":\"AggregateOffer\",\"lowPrice\":\"1\",\"offers\":[%s]}}",
                "{\"@type\":\"ProductGroup\",\"hasVariant\":[{\"@type\":\"Product\",\"offers\":%s}]}"
            })
    void findsTheProductWhereverItStands(String shape) {
        var offers = read(shape.formatted(OFFER)).offers();
        assertThat(offers).hasSize(1);
        assertThat(offers.get(0).price()).contains(Money.of(30900, "EUR"));
        assertThat(offers.get(0).seller()).isEqualTo("Ferrowby");
        assertThat(offers.get(0).condition()).isEqualTo(Condition.NEW);
        assertThat(offers.get(0).stock()).isEqualTo(Stock.IN_STOCK);
        assertThat(offers.get(0).shipping()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {"\"309,00 €\" | 30900", "309 | 30900", "309.5 | 30950", "\"1.264,80\" | 126480", "3.09e2 | 30900"})
    void readsPricesAsNumbersAndAsText(String price, long minor) {
        assertThat(read(product(OFFER.replace("\"309.00\"", price)))
                        .offers()
                        .get(0)
                        .price())
                .contains(Money.of(minor, "EUR"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "0 | zero",
                "\"0,00\" | zero",
                "-5 | negative",
                "\"call us\" | no figure",
                "1e300 | longer",
                "1e-9 | decimals",
                "[] | no figure",
                "{} | no figure",
                "true | no figure",
                "\"1.2.3\" | no figure"
            })
    void aPriceThatIsNoneNeverComesOut(String price, String why) {
        var reading = read(product(OFFER.replace("\"309.00\"", price)));
        assertThat(reading.offers()).isEmpty();
        assertThat(reading.told().get(0)).contains(why);
    }

    @Test
    void namesFromAPageAreText() {
        var offer =
                OFFER.replace("{\"@type\"", "{\"seller\":{\"name\":\"<b onclick=x>Pier</b> Nine\\u0007\"},\"@type\"");
        assertThat(read(product(offer)).offers().get(0).seller()).isEqualTo("Pier Nine");
    }

    @Test
    void aPageOfAnotherProductIsRefused() {
        var page =
                "<script type=\"application/ld+json\">{\"@type\":\"Product\",\"gtin13\":\"2040000000073\",\"offers\":"
                        + OFFER + "}</script>";
        var reader = new PageReader("Ferrowby", Currency.getInstance("EUR"), LocalDate.of(2026, 12, 1));
        assertThat(reader.read(page, Optional.of("2040000000219")).told().get(0))
                .contains("another product");
        assertThat(reader.read(page, Optional.of("2040000000073")).offers()).hasSize(1);
    }

    @Test
    void oneBadOfferDoesNotSpoilTheOthers() {
        var reading = read(product("[" + OFFER + "," + OFFER.replace("EUR", "PLN") + "]"));
        assertThat(reading.offers()).hasSize(1);
        assertThat(reading.told()).containsExactly("a price is in PLN; this shop's are in EUR");
    }

    @Test
    void deepAndManyStayBounded() {
        assertThat(read("[".repeat(5000)).told()).isNotEmpty();
        assertThat(read(product("[" + (OFFER + ",").repeat(5000) + OFFER + "]")).offers())
                .hasSizeLessThanOrEqualTo(100);
    }

    /** Whatever happens to a page on its way, reading it ends in offers or sentences, never in an error. */
    @Test
    void aDamagedPageIsNeverAnError() {
        var page = "<html><script type=\"application/ld+json\">" + product("[" + OFFER + "]") + "</script></html>";
        var random = new Random(17);
        var reader = new PageReader("Ferrowby", Currency.getInstance("EUR"), LocalDate.of(2026, 12, 1));
        for (int i = 0; i < 2000; i++) {
            var damaged = new StringBuilder(page);
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                var at = random.nextInt(damaged.length());
                switch (random.nextInt(3)) {
                    case 0 -> damaged.deleteCharAt(at);
                    case 1 -> damaged.setCharAt(at, (char) random.nextInt(256));
                    default -> damaged.insert(at, "\"{}[]<>,:0-\\".charAt(random.nextInt(11)));
                }
            }
            var reading = reader.read(damaged.toString(), Optional.empty());
            assertThat(reading.offers().size() + reading.told().size())
                    .as(damaged.toString())
                    .isPositive();
            assertThat(reading.offers())
                    .allSatisfy(
                            o -> o.price().ifPresent(p -> assertThat(p.minor()).isPositive()));
        }
    }

    @Test
    void aSpecificationIsReadAndAStruckOutPriceIsNot() {
        var offer =
                "{\"@type\":\"Offer\",\"priceSpecification\":[{\"priceType\":\"https://schema.org/StrikethroughPrice\","
                        + "\"price\":\"399.00\",\"priceCurrency\":\"EUR\"},{\"price\":\"309.00\",\"priceCurrency\":\"EUR\"}]}";
        assertThat(read(product(offer)).offers().get(0).price()).contains(Money.of(30900, "EUR"));
    }

    @Test
    void aRangeOfPricesIsNoPriceUnlessItIsOne() {
        var range =
                "{\"@type\":\"AggregateOffer\",\"lowPrice\":\"300\",\"highPrice\":\"%s\",\"priceCurrency\":\"EUR\"}";
        assertThat(read(product(range.formatted("340"))).told().get(0)).contains("only a range of prices");
        assertThat(read(product(range.formatted("300"))).offers().get(0).price())
                .contains(Money.of(30000, "EUR"));
    }

    @Test
    void amongSeveralProductsTheOneThatIsLookedForIsRead() {
        var reader = new PageReader("Ferrowby", Currency.getInstance("EUR"), LocalDate.of(2026, 12, 1));
        var page =
                "<script type=\"application/ld+json\">[{\"@type\":\"Product\",\"gtin\":\"2040000000073\",\"offers\":%s},"
                                .formatted(OFFER.replace("309.00", "99.00"))
                        + "{\"@type\":\"Product\",\"mpn\":\"VF-8\",\"offers\":%s}]</script>".formatted(OFFER);
        assertThat(reader.read(page, new Identity(Optional.empty(), Optional.of("vf-8")))
                        .offers()
                        .get(0)
                        .price())
                .contains(Money.of(30900, "EUR"));
        assertThat(reader.read(page, Optional.of("02040000000073"))
                        .offers()
                        .get(0)
                        .price())
                .contains(Money.of(9900, "EUR"));
    }

    @Test
    void propertiesOnThePagesElementsAreReadWhereThereIsNoScript() {
        var page = """
                <div itemscope itemtype="https://schema.org/Product"><h1 itemprop="name">Card</h1>
                <meta itemprop="gtin13" content="2040000000981">
                <div itemprop="offers" itemscope itemtype="https://schema.org/Offer">
                <b><span itemprop="price">1.489,00 €</span></b><meta itemprop="priceCurrency" content="EUR">
                <link itemprop="availability" href="https://schema.org/LimitedAvailability">
                <link itemprop="itemCondition" href="http://schema.org/RefurbishedCondition">
                <span itemprop="seller" itemscope itemtype="https://schema.org/Organization"><i itemprop="name">Turnstone</i></span>
                </div></div>""";
        var offer = new PageReader("Shop", Currency.getInstance("EUR"), LocalDate.of(2026, 12, 1))
                .read(page, Optional.of("2040000000981"))
                .offers()
                .get(0);
        assertThat(offer.price()).contains(Money.of(148900, "EUR"));
        assertThat(offer.seller()).isEqualTo("Turnstone");
        assertThat(offer.condition()).isEqualTo(Condition.REFURBISHED);
        assertThat(offer.stock()).isEqualTo(Stock.LIMITED);
        assertThat(offer.from()).startsWith("the page's elements");
    }

    // ---- things that are sold together ---------------------------------------------------------------

    private static final String PAIR = """
            {"@type":"Offer","price":"307.00","priceCurrency":"EUR","availability":"https://schema.org/InStock",
             "itemOffered":{"@type":"Product","includesObject":[
               {"@type":"TypeAndQuantityNode","amountOfThisGood":1,"typeOfGood":{"@type":"Product","gtin13":"2040000001544"}},
               {"@type":"TypeAndQuantityNode","amountOfThisGood":%s,"typeOfGood":{"@type":"Product"%s}}]}}
            """;

    @Test
    void whatIsSoldTogetherIsNoPriceOfOneOfThem() {
        var reading = read(product("[" + OFFER + "," + PAIR.formatted(2, ",\"gtin\":\"02040000002244\"") + "]"));
        assertThat(reading.offers()).hasSize(1);
        assertThat(reading.offers().get(0).price()).contains(Money.of(30900, "EUR"));
        assertThat(reading.bundles()).hasSize(1);
        assertThat(reading.bundles().get(0).price()).isEqualTo(Money.of(30700, "EUR"));
        assertThat(reading.bundles().get(0).goods())
                .containsExactlyInAnyOrderEntriesOf(
                        java.util.Map.of(new Gtin("2040000001544"), 1, new Gtin("2040000002244"), 2));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "1 | ",
                "0 | ,\"gtin\":\"2040000002244\"",
                "-1 | ,\"gtin\":\"2040000002244\"",
                "\"many\" | ,\"gtin\":\"2040000002244\"",
                "99 | ,\"gtin\":\"2040000002244\""
            })
    void whatDoesNotSayWhatIsInItIsNoBundleAndNoOffer(String amount, String gtin) {
        var reading = read(product("[" + OFFER + "," + PAIR.formatted(amount, gtin == null ? "" : gtin) + "]"));
        assertThat(reading.offers()).hasSize(1);
        assertThat(reading.bundles()).isEmpty();
    }

    @Test
    void aPairInAnotherCurrencyIsRefusedWithASentence() {
        var pair = PAIR.formatted(1, ",\"gtin\":\"2040000002244\"").replace("EUR", "PLN");
        var reading = read(product("[" + OFFER + "," + pair + "]"));
        assertThat(reading.bundles()).isEmpty();
        assertThat(reading.told()).anyMatch(r -> r.contains("PLN"));
    }
}
