package lowfield.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Currency;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.offer.Stock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Figures on shop pages that are not the price of one piece, and prices in places where shops put them. */
class PricesNobodyPaysTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);

    private static PageReading read(String html, String currency) {
        return new PageReader("Ferrowby", Currency.getInstance(currency), TODAY).read(html, Optional.empty());
    }

    private static String script(String json) {
        return "<script type=\"application/ld+json\">" + json + "</script>";
    }

    private static PageReading offers(String... offers) {
        return read(
                script("{\"@type\":\"Product\",\"name\":\"Card\",\"offers\":[%s]}".formatted(String.join(",", offers))),
                "EUR");
    }

    private static String offer(String price, String more) {
        return "{\"@type\":\"Offer\",\"priceCurrency\":\"EUR\",\"availability\":\"InStock\",\"price\":\"%s\"%s}"
                .formatted(price, more);
    }

    private static String specified(String... specifications) {
        return "{\"@type\":\"Offer\",\"availability\":\"InStock\",\"priceSpecification\":[%s]}"
                .formatted(String.join(",", specifications));
    }

    private static String specification(String price, String more) {
        return "{\"@type\":\"UnitPriceSpecification\",\"price\":%s,\"priceCurrency\":\"EUR\"%s}".formatted(price, more);
    }

    private static final String PRICE = specification("309", "");

    @ParameterizedTest
    @ValueSource(
            strings = {
                ",\"eligibleQuantity\":{\"@type\":\"QuantitativeValue\",\"minValue\":10}",
                ",\"eligibleQuantity\":{\"@type\":\"QuantitativeValue\",\"value\":\"10\"}",
                ",\"valueAddedTaxIncluded\":false",
                ",\"valueAddedTaxIncluded\":\"False\"",
                ",\"unitCode\":\"MON\"",
                ",\"billingDuration\":24",
                ",\"referenceQuantity\":{\"value\":1,\"unitCode\":\"MON\"}",
                ",\"priceComponentType\":\"https://schema.org/Downpayment\"",
                ",\"priceComponentType\":\"Installment\"",
                ",\"name\":\"Deposit\"",
                ",\"name\":\"with trade-in\"",
                ",\"unitText\":\"per month\""
            })
    void isPassedOverForThePriceOfOnePiece(String more) {
        var first = offers(specified(specification("12", more), PRICE));
        assertThat(first.offers()).hasSize(1);
        assertThat(first.offers().get(0).price()).contains(Money.of(30900, "EUR"));
        var alone = offers(specified(specification("12", more)));
        assertThat(alone.offers()).isEmpty();
        assertThat(alone.told()).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                ",\"eligibleQuantity\":{\"minValue\":10}",
                ",\"businessFunction\":\"http://purl.org/goodrelations/v1#LeaseOut\"",
                ",\"businessFunction\":\"http://purl.org/goodrelations/v1#Buy\"",
                ",\"name\":\"Deposit for your order\""
            })
    void anOfferOfAnotherKindIsPassedOver(String more) {
        var reading = offers(offer("12", more), offer("309", ""));
        assertThat(reading.offers()).hasSize(1);
        assertThat(reading.offers().get(0).price()).contains(Money.of(30900, "EUR"));
    }

    @Test
    void aSmallLeastOrderIsAPriceOfOnePiece() {
        assertThat(offers(offer("309", ",\"eligibleQuantity\":{\"minValue\":1}"))
                        .offers())
                .hasSize(1);
    }

    @Test
    void aPriceWithoutTaxIsThePriceWhereTheShopsPricesHoldNone() {
        var net = new PageReader(new ShopTerms("Ferrowby", Currency.getInstance("EUR"), TODAY, false))
                .read(
                        script("{\"@type\":\"Product\",\"offers\":%s}"
                                .formatted(offer("309", ",\"valueAddedTaxIncluded\":false"))),
                        Optional.empty());
        assertThat(net.offers()).hasSize(1);
    }

    @Test
    void anOfferMayStandOnTop() {
        var reading = read(
                script(
                        "{\"@type\":\"Offer\",\"price\":\"309\",\"priceCurrency\":\"EUR\",\"itemOffered\":{\"@type\":\"Product\",\"name\":\"Card\"}}"),
                "EUR");
        assertThat(reading.offers()).hasSize(1);
        assertThat(reading.offers().get(0).price()).contains(Money.of(30900, "EUR"));
    }

    @Test
    void aBlockWithoutAPriceBesideOneWithAPriceIsATemplate() {
        var template = "{\"@type\":\"Product\",\"name\":\"Card\",\"offers\":%s}".formatted(offer("0.00", ""));
        var real = "{\"@type\":\"Product\",\"name\":\"Card\",\"offers\":%s}".formatted(offer("309", ""));
        for (var page : new String[] {script(template) + script(real), script(real) + script(template)}) {
            assertThat(read(page, "EUR").offers().get(0).price()).contains(Money.of(30900, "EUR"));
        }
        var both = offers(offer("0.00", ""), offer("309", ""));
        assertThat(both.offers()).hasSize(1);
        assertThat(both.told()).isEmpty();
        assertThat(offers(offer("0.00", "")).told()).contains("a price is zero");
    }

    @Test
    void whatIsOnlyInTheShopCannotBeOrdered() {
        var here = offers(offer("309", "").replace("InStock", "https://schema.org/InStoreOnly"));
        assertThat(here.offers().get(0).stock()).isEqualTo(Stock.OUT_OF_STOCK);
    }

    @ParameterizedTest
    @CsvSource({
        "eur, EUR, true",
        "€, EUR, true",
        "zł, PLN, true",
        "£, GBP, true",
        "$, USD, false",
        "kr, SEK, false",
        "¥, JPY, false",
        "usd, EUR, false",
        "€, SEK, false"
    })
    void aCurrencyIsReadWhereItCanMeanOneThingOnly(String written, String currency, boolean isRead) {
        var json = "{\"@type\":\"Product\",\"offers\":{\"price\":\"309\",\"priceCurrency\":\"%s\"}}".formatted(written);
        assertThat(read(script(json), currency).offers().isEmpty()).isEqualTo(!isRead);
    }

    @ParameterizedTest
    @CsvSource({"309 €, EUR, true", "€309, EUR, true", "309 kr, SEK, false", "309, EUR, false", "309 €, SEK, false"})
    void aSignInThePriceIsItsCurrencyWhereNoneIsNamed(String price, String currency, boolean isRead) {
        var json = "{\"@type\":\"Product\",\"offers\":{\"price\":\"%s\"}}".formatted(price);
        assertThat(read(script(json), currency).offers().isEmpty()).isEqualTo(!isRead);
    }

    @Test
    void aProductWithoutAnOfferFallsBackToTheOtherMarkings() {
        var bare = script("{\"@type\":\"Product\",\"name\":\"Card\"}");
        var elements = """
                <div itemscope itemtype="https://schema.org/Product"><h1 itemprop="name">Card</h1>
                <div itemprop="offers" itemscope itemtype="https://schema.org/Offer">
                <span itemprop="price">309,00</span><meta itemprop="priceCurrency" content="EUR"></div></div>""";
        var meta =
                "<meta property=\"product:price:amount\" content=\"309\"><meta property=\"product:price:currency\" content=\"EUR\">";
        for (var fallback : new String[] {elements, meta}) {
            assertThat(read(bare + fallback, "EUR").offers().get(0).price()).contains(Money.of(30900, "EUR"));
            var described = ProductPage.read(
                    bare + fallback, new ShopTerms("Ferrowby", Currency.getInstance("EUR"), TODAY, true));
            assertThat(described.get(0).offers().offers().get(0).price()).contains(Money.of(30900, "EUR"));
        }
    }

    @Test
    void untilWhenAPriceIsValidIsToldWithIt() {
        var ended = offers(offer("309", ",\"priceValidUntil\":\"2026-11-30\""));
        assertThat(ended.offers().get(0).validUntil()).contains(LocalDate.of(2026, 11, 30));
    }
}
