package lowfield.server.reading;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** What a list calls its columns, before anybody has said what they mean; only its beginning is read. */
public final class FeedColumns {
    private static final int MOST = 60;
    private static final int BEGINNING = 200_000;

    private FeedColumns() {}

    /** The first line's fields, or the paths within the first item of the first list in a JSON file. */
    public static List<String> of(Reader text) {
        var beginning = beginning(text).replace("\ufeff", "");
        var start = beginning.stripLeading();
        if (start.startsWith("{") || start.startsWith("[")) {
            return ofJson(start);
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
