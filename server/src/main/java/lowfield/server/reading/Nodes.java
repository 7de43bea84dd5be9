package lowfield.server.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jsoup.Jsoup;
import tools.jackson.databind.JsonNode;

/** Reading schema.org data as shops write it: one value or a list, text or a number, a type with or without its host. */
final class Nodes {
    private static final int LONGEST = 2_000;

    private Nodes() {}

    /** The last word of a schema.org term: {@code InStock} of {@code https://schema.org/InStock}. */
    static String term(String stated) {
        var end = Math.max(stated.lastIndexOf('/'), Math.max(stated.lastIndexOf('#'), stated.lastIndexOf(':')));
        return stated.substring(end + 1).strip();
    }

    static boolean isType(JsonNode node, String type) {
        return each(node.path("@type")).stream()
                .anyMatch(t -> term(t.asString("")).equals(type));
    }

    /** The elements of a list, the one value alone, or nothing. */
    static List<JsonNode> each(JsonNode node) {
        var nodes = new ArrayList<JsonNode>();
        if (node.isArray()) {
            node.forEach(nodes::add);
        } else if (!node.isMissingNode() && !node.isNull()) {
            nodes.add(node);
        }
        return nodes;
    }

    /** Whether it says no, as a value or in words; nothing said is not no. */
    static boolean isFalse(JsonNode node) {
        return node.isBoolean()
                ? !node.asBoolean()
                : node.isString() && term(node.asString()).equalsIgnoreCase("false");
    }

    /** What it says, unless it says more than any name, number or address: then it says nothing. */
    static Optional<String> text(JsonNode node, String field) {
        return each(node.path(field)).stream()
                .filter(v -> v.isString() || v.isNumber())
                .map(v -> v.asString().strip())
                .filter(t -> !t.isEmpty() && t.length() <= LONGEST)
                .findFirst();
    }

    /** A name without markup and control letters. */
    static String plain(String name) {
        var beginning = name.length() > LONGEST ? name.substring(0, LONGEST) : name;
        return Jsoup.parse(beginning).text().replaceAll("\\p{Cntrl}", " ").strip();
    }

    /** For a sentence: not long, and without control letters. */
    static String shortened(String text) {
        var plain = (text.length() > 31 ? text.substring(0, 31) : text).replaceAll("\\p{Cntrl}", " ");
        return plain.length() > 30 ? plain.substring(0, 30) + "…" : plain;
    }
}
