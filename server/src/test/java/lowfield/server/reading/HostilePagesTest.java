package lowfield.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Pages of two megabytes that are made to cost time. What is bounded takes seconds; each of these took from minutes to hours
 * where its pattern looked for an end at every letter, so that the limit of the test says nothing of speed.
 */
class HostilePagesTest {
    private static final int LETTERS = 2_000_000;
    private static final Duration FOREVER = Duration.ofMinutes(3);

    private static String full(String before, IntFunction<String> more, String after) {
        var text = new StringBuilder(before);
        for (int n = 0; text.length() < LETTERS; n++) {
            text.append(more.apply(n));
        }
        return text.append(after).toString();
    }

    private static String script(String text) {
        return "<script type=\"application/ld+json\">" + text + "</script>";
    }

    private static Arguments page(String name, String html) {
        return Arguments.of(name, html);
    }

    private static final String ITEM =
            "<div itemscope itemtype=\"https://schema.org/Product\" id=\"%s\" itemref=\"%s\">";

    static Stream<Arguments> pages() {
        var references = String.join(
                " ",
                java.util.stream.IntStream.range(0, 20).mapToObj(n -> "r" + n).toList());
        return Stream.of(
                page("spaces in a script", script(full("x", n -> " ", "x"))),
                page("spaces before a mark", script(full("{} ", n -> " ", "]]>x"))),
                page("comment marks in a script", script(full("", n -> "// ", "x"))),
                page(
                        "a long price",
                        script("{\"@type\":\"Product\",\"offers\":{\"price\":\"" + full("", n -> "9", "")
                                + "\",\"priceCurrency\":\"EUR\"}}")),
                page(
                        "200,000 digits",
                        script("{\"@type\":\"Product\",\"offers\":{\"price\":\"" + "9".repeat(200_000)
                                + "\",\"priceCurrency\":\"EUR\"}}")),
                page("slashes", script("{\"@type\":\"" + full("", n -> "/#:", "") + "\"}")),
                page("deep JSON", script(full("", n -> "[", ""))),
                page(
                        "a node that many point to",
                        script("[{\"@id\":\"a\",\"x\":[" + "1,".repeat(300_000) + "1]}"
                                + ",{\"@id\":\"a\"}".repeat(100_000) + "]")),
                page(
                        "many products",
                        script("[" + full("", n -> "{\"@type\":\"Product\",\"name\":\"n%d\"},".formatted(n), "{}]"))),
                page("nested boxes", full("", n -> "<div>", "")),
                page("nested boxes of two", full("", n -> "<div><p>a</p>", "")),
                page("nested tables", full("", n -> "<table><tr><td>", "")),
                page("nested lists", full("", n -> "<ul><li>", "")),
                page("nested bold", full("", n -> "<b>a:", "")),
                page("nested items", full("", n -> "<div itemscope itemtype=\"https://schema.org/Product\">", "")),
                page("nested properties", full(ITEM.formatted("a", ""), n -> "<p itemprop=\"name\">", "")),
                page(
                        "many names of a property",
                        ITEM.formatted("a", "") + "<p itemprop=\"" + full("", n -> "n" + n + " ", "") + "\">a</p>"),
                page("items that point to each other", full("", n -> ITEM.formatted("r" + n, references), "")),
                page("a row of boxes", full("<div>", n -> "<p>a</p><b>b</b>", "</div>")),
                page("many scripts", full("", n -> script("{}"), "")),
                page("many attributes", full("<div ", n -> "a" + n + "=1 ", ">")),
                page("entities", full("", n -> "&amp;&#x41;", "")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("pages")
    void noPageIsReadForever(String name, String html) {
        var day = LocalDate.of(2026, 11, 4);
        var euro = Currency.getInstance("EUR");
        Assertions.assertTimeoutPreemptively(FOREVER, () -> {
            var reading = new PageReader("Ferrowby", euro, day).read(html, Optional.of("2040000001544"));
            assertThat(reading.offers()).isEmpty();
            ProductPage.read(html, "Ferrowby", euro, day);
        });
    }

    static Stream<Arguments> lists() {
        return Stream.of(
                page("no end of an element", full("<list>", n -> "<a ", "")),
                page("no end of a text", full("<list><a><b>", n -> "<c><![CDATA[", "")),
                page("no end of an item", full("<list><a><b>x</b></a>", n -> "<a><b>", "")),
                page("spaces", full("<list><a>", n -> " ", "")),
                page("one name", full("<", n -> "a", "")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("lists")
    void noListIsLookedAtForever(String name, String list) {
        Assertions.assertTimeoutPreemptively(
                FOREVER,
                () -> assertThat(FeedColumns.of(new StringReader(list)).size()).isLessThanOrEqualTo(60));
    }

    /** What scripts are wrapped in is taken off as before. */
    @Test
    void wrappingsOfScriptsAreTakenOff() {
        for (var wrapped : List.of(
                "{}",
                "<!-- {} -->",
                "<!-- {} //-->",
                "//<![CDATA[\n{}\n//]]>",
                "/*<![CDATA[*/ {} /*]]>*/",
                "/* <![CDATA[ */{}/* ]]> */",
                "<![CDATA[{}]]>",
                "// <![CDATA[\n{}\n// ]]>")) {
            assertThat(Wrapped.bare(wrapped)).as(wrapped).isEqualTo("{}");
        }
    }
}
