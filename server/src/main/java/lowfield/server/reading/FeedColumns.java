package lowfield.server.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a list calls its columns, before anybody has said what they mean. */
public final class FeedColumns {
    private static final int MOST = 60;

    private FeedColumns() {}

    /** The first line's fields, or the paths within the first item of the first list in a JSON file. */
    public static List<String> of(String text) {
        var start = text.stripLeading();
        if (start.startsWith("{") || start.startsWith("[")) {
            return ofJson(text);
        }
        var header = text.lines().findFirst().orElse("").replace("\ufeff", "");
        var delimiter = List.of("\t", ";", ",").stream()
                .max(Comparator.comparingInt(d -> header.split(d, -1).length))
                .orElseThrow();
        return Arrays.stream(header.split(delimiter, -1))
                .map(c -> c.strip().replaceAll("^\"|\"$", ""))
                .filter(c -> !c.isEmpty())
                .limit(MOST)
                .toList();
    }

    private static List<String> ofJson(String text) {
        try {
            var columns = new LinkedHashSet<String>();
            var root = new JsonMapper().readTree(text);
            var list = root.isArray() ? root : firstList(root);
            if (list != null && !list.isEmpty()) {
                paths(list.get(0), "", columns);
            }
            return new ArrayList<>(columns);
        } catch (JacksonException broken) {
            return List.of();
        }
    }

    private static @org.jspecify.annotations.Nullable JsonNode firstList(JsonNode root) {
        return root.valueStream().filter(JsonNode::isArray).findFirst().orElse(null);
    }

    private static void paths(JsonNode node, String before, Set<String> columns) {
        node.propertyStream().forEach(p -> {
            var path = before.isEmpty() ? p.getKey() : before + "." + p.getKey();
            if (p.getValue().isObject()) {
                paths(p.getValue(), path, columns);
            } else if (columns.size() < MOST) {
                columns.add(path);
            }
        });
    }
}
