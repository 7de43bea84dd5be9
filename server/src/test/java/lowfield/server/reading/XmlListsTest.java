package lowfield.server.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.offer.Stock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lists of shops in XML: a repeated element whose children are the columns. */
class XmlListsTest {
    private static final FeedForm FORM = new FeedForm(
            "/lists/all.xml",
            FeedForm.Format.XML,
            "item",
            Map.of(
                    FeedForm.Field.GTIN, "gtin",
                    FeedForm.Field.PRICE, "price",
                    FeedForm.Field.STOCK, "availability",
                    FeedForm.Field.SHIPPING, "shipping.price",
                    FeedForm.Field.LINK, "link"));
    private static final String ITEM = """
            <item>
              <title><![CDATA[Fennel & Eight]]></title>
              <g:gtin>2040000001681</g:gtin>
              <g:price>312.90 EUR</g:price><g:price>299.00 EUR</g:price>
              <g:availability>in_stock</g:availability>
              <g:shipping><g:country>coast</g:country><g:price>4.90</g:price></g:shipping>
              <link>https://ferrowby.example/p/aldane-fennel-eight</link>
            </item>
            """;

    private final List<FeedLine> lines = new ArrayList<>();

    private static String list(String items) {
        return "<?xml version=\"1.0\"?><rss xmlns:g=\"http://shop.example/ns\"><channel><title>All</title>" + items
                + "</channel></rss>";
    }

    private FeedReader.Outcome read(String text) {
        return new FeedReader("Ferrowby", "ferrowby.example", Currency.getInstance("EUR"), FORM)
                .read(new StringReader(text), lines::add);
    }

    @Test
    void childrenInAnyNamespaceAreColumns() {
        var outcome = read(list(ITEM + ITEM.replace("312.90", "412.90")));
        assertThat(outcome.sentence()).isEmpty();
        assertThat(lines).hasSize(2);
        var offer = lines.get(0).offer();
        assertThat(offer.price()).contains(Money.of(31290, "EUR"));
        assertThat(offer.shipping()).contains(Money.of(490, "EUR"));
        assertThat(offer.stock()).isEqualTo(Stock.IN_STOCK);
        assertThat(lines.get(1).offer().price()).contains(Money.of(41290, "EUR"));
    }

    @Test
    void itsColumnsAreProposed() {
        assertThat(FeedColumns.of(new StringReader(list(ITEM + ITEM))))
                .contains("gtin", "price", "availability", "link", "title");
        assertThat(FeedColumns.repeated(list(ITEM + ITEM))).contains("item");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<rss><item><price>1</price></item>",
                "<!DOCTYPE r [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><r><item><price>&x;</price></item></r>",
                "<!DOCTYPE r [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;\">]><r><item><price>&b;</price></item></r>",
                "no markup at all",
            })
    void whatIsNoSuchListIsRefused(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(RuleBroken.class);
        assertThat(lines).isEmpty();
    }

    @Test
    void nestingWithoutEndIsRefused() {
        assertThatThrownBy(() -> read("<r><item>" + "<a>".repeat(5_000)))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("nests too deep");
    }

    @Test
    void aListWithoutItsElementHasNoLines() {
        assertThatThrownBy(() -> read("<rss><entry><price>1</price></entry></rss>"))
                .hasMessageContaining("has no lines");
    }

    @Test
    void theRepeatedElementIsNamed() {
        assertThatThrownBy(() -> new FeedForm(
                        "/all.xml",
                        FeedForm.Format.XML,
                        " ",
                        Map.of(FeedForm.Field.PRICE, "price", FeedForm.Field.LINK, "link")))
                .hasMessageContaining("repeated");
    }
}
