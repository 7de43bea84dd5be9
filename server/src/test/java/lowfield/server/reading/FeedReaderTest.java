package lowfield.server.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Random;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.core.part.Gtin;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FeedReaderTest {
    private static final String HEADER = "ean;title;price;state;stock;delivery;address\n";
    private static final String LINE =
            "2040000001681;Aldane Fennel Eight;1.312,00 €;new;few;4,90;https://ferrowby.example/p/aldane-fennel-eight\n";
    private static final FeedForm TABLE = new FeedForm(
            "/lists/all.csv",
            FeedForm.Format.SEMICOLON,
            null,
            Map.of(
                    FeedForm.Field.GTIN, "ean",
                    FeedForm.Field.PRICE, "price",
                    FeedForm.Field.CONDITION, "state",
                    FeedForm.Field.STOCK, "stock",
                    FeedForm.Field.SHIPPING, "delivery",
                    FeedForm.Field.LINK, "address"));
    private static final FeedForm JSON = new FeedForm(
            "/feed/offers.json",
            FeedForm.Format.JSON,
            "list.items",
            Map.of(
                    FeedForm.Field.MAKER_NUMBER, "mpn",
                    FeedForm.Field.SELLER, "merchant",
                    FeedForm.Field.PRICE, "price.value",
                    FeedForm.Field.CURRENCY, "price.currency",
                    FeedForm.Field.MEMBERS, "members",
                    FeedForm.Field.LINK, "url"));

    private final List<FeedLine> lines = new ArrayList<>();

    private FeedReader.Outcome read(FeedForm form, String text) {
        return new FeedReader("Ferrowby", "ferrowby.example", Currency.getInstance("EUR"), form)
                .read(new StringReader(text), lines::add);
    }

    @Test
    void aTableIsReadInItsOwnNotation() {
        var outcome = read(TABLE, HEADER + LINE);
        assertThat(outcome.lines()).isOne();
        assertThat(outcome.sentence()).isEmpty();
        var line = lines.get(0);
        assertThat(line.identity().gtin()).contains(new Gtin("2040000001681"));
        assertThat(line.path()).isEqualTo("/p/aldane-fennel-eight");
        assertThat(line.offer().price()).contains(Money.of(131200, "EUR"));
        assertThat(line.offer().shipping()).contains(Money.of(490, "EUR"));
        assertThat(line.offer().stock()).isEqualTo(Stock.LIMITED);
        assertThat(line.offer().condition()).isEqualTo(Condition.NEW);
        assertThat(line.offer().seller()).isEqualTo("Ferrowby");
    }

    @Test
    void jsonIsReadByPaths() {
        read(JSON, """
                {"made":"today","list":{"items":[{"mpn":"AF-8","merchant":"Pier <b>Nine</b>","price":{"value":"309.00",
                "currency":"EUR"},"members":true,"url":"/p/x?seller=9"}]}}""");
        assertThat(lines.get(0).offer().seller()).isEqualTo("Pier Nine");
        assertThat(lines.get(0).offer().membersOnly()).isTrue();
        assertThat(lines.get(0).offer().stock()).isEqualTo(Stock.NOT_STATED);
        assertThat(lines.get(0).identity().makerNumber()).contains("AF-8");
        assertThat(lines.get(0).path()).isEqualTo("/p/x?seller=9");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0,00 | a price is zero",
                "-5 | a price is negative",
                "call us | no figure",
                "'' | has no price",
                "1.2.3 | no figure"
            })
    void aLineWithoutAUsablePriceIsLeftOutAndTold(String price, String why) {
        var outcome = read(TABLE, HEADER + LINE + LINE.replace("1.312,00 €", price));
        assertThat(lines).hasSize(1);
        assertThat(outcome.refused()).isOne();
        assertThat(outcome.sentence()).contains(why);
    }

    @Test
    void aLineThatHoldsMoreThanTextIsLeftOutAndTold() {
        var outcome = read(
                JSON,
                "{\"list\":{\"items\":[{\"mpn\":\"AF\\u00008\",\"price\":{\"value\":\"9\"},\"url\":\"/p/x\"},"
                        + "{\"mpn\":\"AF-9\",\"price\":{\"value\":\"9\"},\"url\":\"/p/y\"}]}}");
        assertThat(lines).extracting(FeedLine::path).containsExactly("/p/y");
        assertThat(outcome.sentence()).isEqualTo("a line holds more than text");
    }

    @Test
    void theSameMistakeManyTimesIsToldOnce() {
        var outcome = read(TABLE, HEADER + LINE.replace("1.312,00 €", "0").repeat(300));
        assertThat(outcome.refused()).isEqualTo(300);
        assertThat(outcome.sentence()).isEqualTo("300 times: a price is zero");
    }

    @Test
    void anotherCurrencyAndAnotherHostNeverComeIn() {
        read(
                JSON,
                "{\"list\":{\"items\":[{\"price\":{\"value\":\"9\",\"currency\":\"PLN\"},\"url\":\"/p/x\"},"
                        + "{\"price\":{\"value\":\"9\"},\"url\":\"https://elsewhere.example/p/x\"},"
                        + "{\"price\":{\"value\":\"9\"},\"url\":\"javascript:alert(1)\"}]}}");
        assertThat(lines).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"'' | has no lines", "ean;title;price | no column", "<html><h1>Down</h1></html> | no column"})
    void whatIsNoListIsRefusedAsAWhole(String text, String why) {
        assertThatThrownBy(() -> read(TABLE, text.isEmpty() ? HEADER : text))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining(why);
    }

    @Test
    void brokenJsonIsRefusedAsAWhole() {
        assertThatThrownBy(() -> read(JSON, "{\"list\":{\"items\":[{\"price\":"))
                .hasMessageContaining("broken JSON");
        assertThatThrownBy(() -> read(JSON, "{\"list\":{}}")).hasMessageContaining("no list of items at");
    }

    @Test
    void columnsAreToldBeforeAnybodyMappedThem() {
        assertThat(FeedColumns.of(new StringReader(HEADER)))
                .contains("ean", "address")
                .hasSize(7);
        assertThat(FeedColumns.of(new StringReader("a\tb\n1\t2"))).containsExactly("a", "b");
        assertThat(FeedColumns.of(
                        new StringReader("{\"items\":[{\"price\":{\"value\":1,\"currency\":\"EUR\"},\"url\":\"/\"}]}")))
                .containsExactly("price.value", "price.currency", "url");
        assertThat(FeedColumns.of(new StringReader("{\"items\":"))).isEmpty();
    }

    @Test
    void aFormNamesWhatItCannotDoWithout() {
        assertThatThrownBy(() -> new FeedForm("lists", FeedForm.Format.TAB, null, Map.of()))
                .hasMessageContaining("is a path");
        assertThatThrownBy(() -> new FeedForm("/l", FeedForm.Format.TAB, null, Map.of(FeedForm.Field.LINK, "url")))
                .hasMessageContaining("column for the price");
    }

    /** Whatever happens to a list on its way, reading it ends in lines or a sentence, never in another error. */
    @Test
    void aDamagedListIsNeverAnError() {
        var random = new Random(23);
        for (int i = 0; i < 1000; i++) {
            var damaged = new StringBuilder(HEADER + LINE.repeat(3));
            for (int k = 0; k < 1 + random.nextInt(5); k++) {
                var at = random.nextInt(damaged.length());
                switch (random.nextInt(3)) {
                    case 0 -> damaged.deleteCharAt(at);
                    case 1 -> damaged.setCharAt(at, (char) random.nextInt(256));
                    default -> damaged.insert(at, "\";\n,\"".charAt(random.nextInt(5)));
                }
            }
            try {
                read(TABLE, damaged.toString());
            } catch (RuleBroken told) {
                assertThat(told.getMessage()).isNotBlank();
            }
        }
        assertThat(lines)
                .allSatisfy(l -> assertThat(l.offer().price().map(Money::minor).orElse(1L))
                        .isPositive());
    }
}
