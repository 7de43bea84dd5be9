package lowfield.server.reading;

import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Microdata on a page's elements (WHATWG HTML, microdata), as the tree that JSON-LD would have been. */
final class Microdata {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int DEEPEST = 20;
    /** Parts that stand elsewhere on the page may point on; a page that points in circles ends here. */
    private static final int DEEPEST_REFERENCE = 2;

    private static final int MOST_REFERENCES = 20;
    /** Of a whole page: each sends the search through it once more. */
    private static final int MOST_SEARCHES = 200;

    private static final int MOST_NAMES = 10;
    /** What of a page is looked at; parts that point to each other would multiply without it. */
    private static final int MOST_ELEMENTS = 50_000;

    private final Document page;
    private int elements;
    private int searches;

    private Microdata(Document page) {
        this.page = page;
    }

    /** The page's outermost items. */
    static ArrayNode of(Document page) {
        var reading = new Microdata(page);
        var items = JSON.createArrayNode();
        for (var element : page.select("[itemscope]:not([itemprop])")) {
            if (reading.elements < MOST_ELEMENTS) {
                items.add(reading.item(element, 0));
            }
        }
        return items;
    }

    private ObjectNode item(Element element, int depth) {
        var node = JSON.createObjectNode();
        node.put("@type", element.attr("itemtype"));
        properties(element, node, depth);
        if (depth <= DEEPEST_REFERENCE) {
            words(element, "itemref", MOST_REFERENCES)
                    .filter(id -> searches++ < MOST_SEARCHES)
                    .flatMap(id -> Optional.ofNullable(page.getElementById(id)).stream())
                    .forEach(elsewhere -> property(elsewhere, node, depth));
        }
        return node;
    }

    private void properties(Element parent, ObjectNode item, int depth) {
        if (depth > DEEPEST) {
            return;
        }
        for (var child : parent.children()) {
            if (elements++ < MOST_ELEMENTS) {
                property(child, item, depth);
            }
        }
    }

    private void property(Element element, ObjectNode item, int depth) {
        var isItem = element.hasAttr("itemscope");
        var names = words(element, "itemprop", MOST_NAMES).toList();
        if (!names.isEmpty()) {
            var said = isItem ? item(element, depth + 1) : StringNode.valueOf(value(element));
            names.forEach(name -> item.withArray(name).add(said));
        }
        if (!isItem) {
            properties(element, item, depth + 1);
        }
    }

    private static Stream<String> words(Element element, String attribute, int most) {
        var text = element.attr(attribute);
        return text.isEmpty()
                ? Stream.empty()
                : Pattern.compile("\\s+")
                        .splitAsStream(text)
                        .filter(word -> !word.isEmpty())
                        .limit(most);
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
