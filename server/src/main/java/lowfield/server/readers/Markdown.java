package lowfield.server.readers;

import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.owasp.html.HtmlPolicyBuilder;
import org.owasp.html.PolicyFactory;

/** Reasons as HTML: HTML typed in them is shown as text, and what comes out is sanitised once more. */
final class Markdown {
    private static final Parser PARSER = Parser.builder().build();
    private static final HtmlRenderer RENDERER =
            HtmlRenderer.builder().escapeHtml(true).sanitizeUrls(true).build();
    private static final PolicyFactory POLICY = new HtmlPolicyBuilder()
            .allowElements("p", "em", "strong", "ul", "ol", "li", "blockquote", "code", "pre", "br", "hr")
            .allowElements((element, attributes) -> "h4", "h1", "h2", "h3", "h4", "h5", "h6")
            .allowElements("a")
            .allowAttributes("href")
            .onElements("a")
            .allowUrlProtocols("https")
            .requireRelsOnLinks("nofollow", "noopener", "noreferrer")
            .toFactory();

    private Markdown() {}

    static String html(String markdown) {
        return POLICY.sanitize(RENDERER.render(PARSER.parse(markdown)));
    }
}
