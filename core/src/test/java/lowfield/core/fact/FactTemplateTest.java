package lowfield.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Texts with facts in them, and what only looks like one. */
class FactTemplateTest {
    private static String filled(String text) {
        return FactTemplate.of(text).filled(path -> "<" + path + ">");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It costs {{price}}. | It costs \\<price\\>.",
                "{{ price }} at {{shop}} | \\<price\\> at \\<shop\\>",
                "{{option.vane-six-12-gb.difference}} | \\<option.vane-six-12-gb.difference\\>",
                "no fact at all | no fact at all",
                "a {single} brace | a {single} brace"
            })
    void wholeTagsAreFilled(String text, String filled) {
        assertThat(filled(text)).isEqualTo(filled);
        assertThat(FactTemplate.of(text).broken()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{{price",
                "price}}",
                "{{ }}",
                "{{Price}}",
                "{{price name}}",
                "{{#if}}",
                "{{a{{b}}",
                "{{{{",
                "{{pri\u200Bce}}",
                "{{price}",
                "{{../etc}}",
                "{{<b>}}"
            })
    void whatIsNoTagStaysTextAndIsTold(String text) {
        var template = FactTemplate.of(text);
        assertThat(template.broken()).isNotEmpty();
        assertThat(template.filled(path -> "x")).contains(text.startsWith("{{a{{") ? "{{a" : text);
    }

    /** What a fact says is text on a page, whatever stands in it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "[click](javascript:alert(1))",
                "<img src=x>",
                "**bold**",
                "`code`",
                "# head",
                "a\nb",
                "&amp;",
                "\\*",
                "~~x~~",
                "{{price}}"
            })
    void wordsAreNoMarkdown(String words) {
        var filled = FactTemplate.of("{{part}}").filled(path -> words);
        assertThat(filled.replaceAll("\\\\[\\\\`*_{}\\[\\]<>()#!|~&]", ""))
                .doesNotContainPattern("[`*_{}\\[\\]<>()#!|~&\n]");
    }

    @Test
    void eachPathIsAskedForOnce() {
        assertThat(FactTemplate.of("{{price}} {{shop}} {{price}}").paths()).containsExactly("price", "shop");
    }

    @Test
    void aVeryLongTextIsReadInOneGo() {
        var text = "{{price}} {{".repeat(10_000);
        assertThat(FactTemplate.of(text).paths()).containsExactly("price");
        assertThat(FactTemplate.of(text).broken()).hasSize(10_000);
    }
}
