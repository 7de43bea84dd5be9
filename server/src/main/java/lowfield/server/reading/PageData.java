package lowfield.server.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.select.NodeFilter;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a page describes in schema.org's terms, as pages are really published: JSON-LD in comments or CDATA, with raw control
 * characters, in several scripts whose nodes point to each other by {@code @id}; else microdata. Pages are hostile: depth and
 * sizes are bounded.
 */
final class PageData {
    private static final int DEEPEST = 30;
    /** Nodes that are put in for those that point to them; a page that points in circles ends here. */
    private static final int MOST_JOINED = 2_000;
    /** What is copied for them, all in all: a large node that many point to would multiply. */
    private static final int MOST_NODES = 200_000;

    private static final int DEEPEST_ELEMENT = 120;
    private static final int MOST_SCRIPTS = 200;
    private static final int MOST_PRODUCTS = 500;

    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .enable(JsonReadFeature.ALLOW_UNESCAPED_CONTROL_CHARS)
                    .enable(JsonReadFeature.ALLOW_TRAILING_COMMA)
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(50)
                            .maxNumberLength(40)
                            .maxStringLength(200_000)
                            .build())
                    .build())
            .build();

    private final Document page;
    private final List<Found> products = new ArrayList<>();
    private final boolean isBroken;
    private int joined;
    private int copied;

    private PageData(String html) {
        page = Jsoup.parse(html);
        page.filter(PageData::cut);
        isBroken = described();
        if (products.isEmpty()) {
            add(Found.in(Microdata.of(page), "the page's elements"));
        }
    }

    /** No page of a shop nests so deep; what is nested deeper is looked at once for each element around it. */
    private static NodeFilter.FilterResult cut(Node node, int depth) {
        if (depth < DEEPEST_ELEMENT) {
            return NodeFilter.FilterResult.CONTINUE;
        }
        if (node instanceof Element element) {
            element.empty();
        }
        return NodeFilter.FilterResult.SKIP_CHILDREN;
    }

    private void add(List<Found> found) {
        found.stream().limit(MOST_PRODUCTS - products.size()).forEach(products::add);
    }

    static PageData of(String html) {
        return new PageData(html);
    }

    Document page() {
        return page;
    }

    List<Found> products() {
        return products;
    }

    /** Whether a script that should describe something is no JSON. */
    boolean isBroken() {
        return isBroken;
    }

    private boolean described() {
        var broken = false;
        var trees = new ArrayList<JsonNode>();
        for (var script : page.select("script[type=application/ld+json]").stream()
                .limit(MOST_SCRIPTS)
                .toList()) {
            try {
                trees.add(JSON.readTree(Wrapped.bare(script.data())));
            } catch (JacksonException unreadable) {
                trees.add(JSON.createArrayNode());
                broken = true;
            }
        }
        var byId = new HashMap<String, ObjectNode>();
        trees.forEach(tree -> index(tree, byId, 0));
        for (int i = 0; i < trees.size(); i++) {
            add(Found.in(whole(trees.get(i), byId, 0), "script " + (i + 1)));
        }
        return broken;
    }

    private static void index(JsonNode node, Map<String, ObjectNode> byId, int depth) {
        if (depth > DEEPEST) {
            return;
        }
        if (node instanceof ObjectNode object && object.size() > 1) {
            Nodes.text(object, "@id").ifPresent(id -> byId.putIfAbsent(id, object));
        }
        node.forEach(child -> index(child, byId, depth + 1));
    }

    /** The same tree with each node that only points to another replaced by it. */
    private JsonNode whole(JsonNode node, Map<String, ObjectNode> byId, int depth) {
        if (depth > DEEPEST || joined > MOST_JOINED || copied++ > MOST_NODES) {
            return node;
        }
        if (node instanceof ArrayNode array) {
            var all = JSON.createArrayNode();
            array.forEach(child -> all.add(whole(child, byId, depth + 1)));
            return all;
        }
        if (!(node instanceof ObjectNode object)) {
            return node;
        }
        var meant = object;
        if (object.size() == 1 && object.has("@id")) {
            meant = Nodes.text(object, "@id").map(byId::get).orElse(object);
            joined += meant == object ? 0 : 1;
        }
        var all = JSON.createObjectNode();
        for (var field : meant.properties()) {
            all.set(field.getKey(), whole(field.getValue(), byId, depth + 1));
        }
        return all;
    }
}
