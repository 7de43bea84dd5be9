package lowfield.server.reading;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** What a list calls its columns, before anybody has said what they mean; only its beginning is read. */
public final class FeedColumns {
    private static final int MOST = 60;
    private static final int BEGINNING = 200_000;

    /** An element that begins with an element. */
    private static final Pattern OPEN =
            Pattern.compile("<(?:[\\w.-]{1,60}:)?([A-Za-z_][\\w.-]{0,60})(?:\\s[^>]{0,1000})?>\\s{0,200}(?=<[^/!])");

    private static final Pattern CHILD = Pattern.compile(
            "<(?:[\\w.-]{1,60}:)?([A-Za-z_][\\w.-]{0,60})(?:\\s[^>]{0,1000})?>[^<]{0,1000}(?:<!\\[CDATA\\[.{0,1000}?]]>)?[^<]{0,1000}</",
            Pattern.DOTALL);

    private FeedColumns() {}

    /** The first line's fields, or the paths within the first item of the first list in a JSON file. */
    public static List<String> of(Reader text) {
        var beginning = beginning(text).replace("\ufeff", "");
        var start = beginning.stripLeading();
        if (start.startsWith("{") || start.startsWith("[")) {
            return ofJson(start);
        }
        if (start.startsWith("<")) {
            return ofXml(start);
        }
        var header = beginning.lines().findFirst().orElse("");
        var delimiter = List.of("\t", ";", ",").stream()
                .max(Comparator.comparingInt(d -> header.split(d, -1).length))
                .orElseThrow();
        return Arrays.stream(header.split(delimiter, -1))
                .map(c -> c.strip().replaceAll("^\"|\"$", ""))
                .filter(c -> !c.isEmpty())
                .limit(MOST)
                .toList();
    }

    private static String beginning(Reader text) {
        try (text) {
            var buffer = new char[BEGINNING];
            var length = 0;
            for (int n = 0; n >= 0 && length < BEGINNING; n = text.read(buffer, length, BEGINNING - length)) {
                length += n;
            }
            return new String(buffer, 0, length);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static List<String> ofJson(String beginning) {
        var columns = new LinkedHashSet<String>();
        try (var parser = new JsonFactory().createParser(ObjectReadContext.empty(), beginning)) {
            while (parser.nextToken() != JsonToken.START_ARRAY) {
                if (parser.currentToken() == null) {
                    return List.of();
                }
            }
            if (parser.nextToken() == JsonToken.START_OBJECT) {
                paths(parser, "", columns);
            }
        } catch (JacksonException cutOff) {
            // What was seen until then stands; a file that is none has no columns.
        }
        return List.copyOf(columns);
    }

    /** The children of the first element that is seen twice; they are its columns. */
    private static List<String> ofXml(String beginning) {
        var columns = new LinkedHashSet<String>();
        var repeated = repeated(beginning);
        repeated.flatMap(item -> body(beginning, item)).ifPresent(body -> {
            var child = CHILD.matcher(body);
            while (child.find() && columns.size() < MOST) {
                columns.add(child.group(1));
            }
        });
        return List.copyOf(columns);
    }

    /** What stands in the first element of a name; absent where it does not end. */
    private static Optional<String> body(String beginning, String item) {
        var named = "(?:[\\w.-]{1,60}:)?" + Pattern.quote(item);
        var open = Pattern.compile("<%s\\b[^>]{0,1000}>".formatted(named)).matcher(beginning);
        var close = Pattern.compile("</%s>".formatted(named)).matcher(beginning);
        return open.find() && close.find(open.end())
                ? Optional.of(beginning.substring(open.end(), close.start()))
                : Optional.empty();
    }

    /** The element that a list in XML repeats: the first with children whose name is seen a second time. */
    public static Optional<String> repeated(String beginning) {
        var seen = new HashSet<String>();
        var open = OPEN.matcher(beginning);
        while (open.find()) {
            if (!seen.add(open.group(1))) {
                return Optional.of(open.group(1));
            }
        }
        return Optional.empty();
    }

    private static void paths(JsonParser parser, String before, Set<String> columns) {
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            var path = before.isEmpty() ? parser.currentName() : before + "." + parser.currentName();
            if (parser.nextToken() == JsonToken.START_OBJECT) {
                paths(parser, path, columns);
            } else {
                parser.skipChildren();
                if (columns.size() < MOST) {
                    columns.add(path);
                }
            }
        }
    }
}
