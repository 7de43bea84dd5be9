package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What of a text becomes HTML: words, links, tables and the author's own pictures, and nothing else. */
class MarkdownTest {
    private static final String PICTURE = "11111111-2222-3333-4444-555555555555";

    @Test
    void ownPicturesAndTablesAreShown() {
        assertThat(Markdown.html("![The \"bench\"](picture:" + PICTURE + " \"title\")"))
                .contains("src=\"/pictures/" + PICTURE + "/medium\"")
                .doesNotContain("title=");
        assertThat(Markdown.html("| a | b |\n|---|---|\n| 1 | 2 |")).contains("<th>a</th>", "<td>2</td>");
    }

    /** Of any other image only its words are left. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "![words](https://evil.example/x.png)",
                "![words](//evil.example/x.png)",
                "![words](javascript:alert(1))",
                "![words](data:image/svg+xml;base64,PHN2Zz4=)",
                "![words](/pictures/11111111-2222-3333-4444-555555555555/medium)",
                "![words](picture:../../etc/passwd)",
                "![words](picture:11111111-2222-3333-4444-55555555555G)",
                "![words](picture:)",
                "![words](PICTURE:11111111-2222-3333-4444-555555555555)",
                "![words][ref]\n\n[ref]: https://evil.example/x.png",
            })
    void noOtherImageIs(String markdown) {
        assertThat(Markdown.html(markdown))
                .contains("words")
                .doesNotContain("<img")
                .doesNotContain("evil.example");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "![\" onerror=\"alert(1)](picture:11111111-2222-3333-4444-555555555555)",
                "![<script>alert(1)</script>](picture:11111111-2222-3333-4444-555555555555)",
                "| <img src=x onerror=alert(1)> |\n|---|\n| <svg onload=alert(1)> |",
                "| [a](javascript:alert(1)) |\n|:-:|\n| b |",
            })
    void attackStringsStayWords(String markdown) {
        assertThat(Markdown.html(markdown))
                .doesNotContain("<script", "<svg", "href=\"javascript")
                .doesNotContainPattern("<[^>]*\\son[a-z]+=");
    }
}
