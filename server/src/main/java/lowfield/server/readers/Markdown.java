package lowfield.server.readers;

import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import lowfield.core.press.TextPictures;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Image;
import org.commonmark.node.Node;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.owasp.html.HtmlPolicyBuilder;
import org.owasp.html.PolicyFactory;

/**
 * Texts as HTML: HTML typed in them is shown as text, and what comes out is sanitised once more. Of images only the author's
 * own pictures are shown; of any other only its words are left.
 */
final class Markdown {
    private static final List<TablesExtension> TABLES = List.of((TablesExtension) TablesExtension.create());
    private static final Parser PARSER = Parser.builder().extensions(TABLES).build();
    private static final HtmlRenderer RENDERER = HtmlRenderer.builder()
            .extensions(TABLES)
            .escapeHtml(true)
            .sanitizeUrls(true)
            .build();
    private static final Pattern OWN_PICTURE = Pattern.compile("/pictures/[0-9a-f-]{36}/medium");
    private static final PolicyFactory POLICY = new HtmlPolicyBuilder()
            .allowElements("p", "em", "strong", "ul", "ol", "li", "blockquote", "code", "pre", "br", "hr")
            .allowElements("table", "thead", "tbody", "tr", "th", "td")
            .allowElements((element, attributes) -> "h4", "h1", "h2", "h3", "h4", "h5", "h6")
            .allowElements("a")
            .allowAttributes("href")
            .onElements("a")
            .allowUrlProtocols("https")
            .requireRelsOnLinks("nofollow", "noopener", "noreferrer")
            .allowElements("img")
            .allowAttributes("src")
            .matching(OWN_PICTURE)
            .onElements("img")
            .allowAttributes("alt")
            .onElements("img")
            .toFactory();

    private Markdown() {}

    static String html(String markdown) {
        var text = PARSER.parse(markdown);
        text.accept(new OwnPictures());
        return POLICY.sanitize(RENDERER.render(text));
    }

    /** Gives the author's own pictures their address, and leaves of every other image its words. */
    private static final class OwnPictures extends AbstractVisitor {
        @Override
        public void visit(Image image) {
            var address = image.getDestination();
            if (address.startsWith(TextPictures.SCHEME) && isId(address.substring(TextPictures.SCHEME.length()))) {
                image.setDestination("/pictures/" + address.substring(TextPictures.SCHEME.length()) + "/medium");
                image.setTitle(null);
            } else {
                leaveWords(image);
            }
        }

        private static boolean isId(String text) {
            try {
                return UUID.fromString(text).toString().equals(text);
            } catch (IllegalArgumentException malformed) {
                return false;
            }
        }

        private static void leaveWords(Image image) {
            for (Node word = image.getFirstChild(); word != null; word = image.getFirstChild()) {
                image.insertBefore(word);
            }
            image.unlink();
        }
    }
}
