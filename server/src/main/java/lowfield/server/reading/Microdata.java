package lowfield.server.reading;

import java.util.Optional;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Microdata on a page's elements (WHATWG HTML, microdata), as the tree that JSON-LD would have been. */
final class Microdata {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int DEEPEST = 20;
    /** Parts that stand elsewhere on the page may point on; a page that points in circles ends here. */
    private static final int DEEPEST_REFERENCE = 2;

    private static final int MOST_REFERENCES = 20;

    private Microdata() {}

    /** The page's outermost items. */
    static ArrayNode of(Document page) {
        var items = JSON.createArrayNode();
        for (var element : page.select("[itemscope]:not([itemprop])")) {
            items.add(item(element, 0));
        }
        return items;
    }

    private static ObjectNode item(Element element, int depth) {
        var node = JSON.createObjectNode();
        node.put("@type", element.attr("itemtype"));
        properties(element, node, depth);
        if (depth <= DEEPEST_REFERENCE) {
            Stream.of(element.attr("itemref").split("\\s+"))
                    .limit(MOST_REFERENCES)
                    .filter(id -> !id.isEmpty())
                    .map(id -> Optional.ofNullable(element.ownerDocument()).map(page -> page.getElementById(id)))
                    .flatMap(Optional::stream)
                    .forEach(elsewhere -> property(elsewhere, node, depth));
        }
        return node;
    }

    private static void properties(Element parent, ObjectNode item, int depth) {
        if (depth > DEEPEST) {
            return;
        }
        parent.children().forEach(child -> property(child, item, depth));
    }

    private static void property(Element element, ObjectNode item, int depth) {
        var isItem = element.hasAttr("itemscope");
        for (var name : element.attr("itemprop").split("\\s+")) {
            if (!name.isEmpty()) {
                var list = item.withArray(name);
                if (isItem) {
                    list.add(item(element, depth + 1));
                } else {
                    list.add(value(element));
                }
            }
        }
        if (!isItem) {
            properties(element, item, depth + 1);
        }
    }

    private static String value(Element element) {
        if (element.hasAttr("content")) {
            return element.attr("content");
        }
        return switch (element.normalName()) {
            case "link", "a", "area" -> element.attr("href");
            case "data", "meter" -> element.attr("value");
            case "time" -> element.hasAttr("datetime") ? element.attr("datetime") : element.text();
            default -> element.text();
        };
    }
}
