package lowfield.server.reading;

import java.io.Reader;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import lowfield.core.RuleBroken;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;

/**
 * The items of a list in JSON, one at a time and token by token: of an item only the values are held that a column is named
 * for, and of the file nothing but the token at hand.
 */
final class JsonLines {
    private static final JsonFactory JSON = JsonFactory.builder()
            .disable(JsonFactory.Feature.CANONICALIZE_PROPERTY_NAMES)
            .streamReadConstraints(StreamReadConstraints.builder()
                    .maxNestingDepth(60)
                    .maxNumberLength(1_000)
                    .maxNameLength(1_000)
                    .maxStringLength(100_000)
                    .build())
            .build();

    private final String place;
    private final Set<String> columns;

    /**
     * @param place the path to the list of items, its steps parted by dots; empty when the file is the list
     * @param columns paths within an item
     */
    JsonLines(String place, Set<String> columns) {
        this.place = place;
        this.columns = columns;
    }

    /** Gives each item as a function from a column to its value. */
    void read(Reader text, Consumer<Function<String, Optional<String>>> sink) {
        try (var parser = JSON.createParser(ObjectReadContext.empty(), text)) {
            parser.nextToken();
            for (var step : place.split("\\.")) {
                if (!step.isEmpty()) {
                    enter(parser, step);
                }
            }
            if (parser.currentToken() != JsonToken.START_ARRAY) {
                throw noItems();
            }
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                var values = new HashMap<String, String>();
                item(parser, "", values);
                sink.accept(column -> Optional.ofNullable(values.get(column)));
            }
            while (parser.nextToken() != null) {
                // To its end, so that a list cut short is told even where its items are whole.
            }
        } catch (StreamConstraintsException tooLong) {
            throw new RuleBroken(
                    "the list is broken JSON: it holds a name, a figure or a text that is too long, or nests too deep");
        } catch (JacksonException broken) {
            throw new RuleBroken("the list is broken JSON");
        }
    }

    private RuleBroken noItems() {
        return new RuleBroken("there is no list of items at \"%s\"".formatted(place.isEmpty() ? "the top" : place));
    }

    private void enter(JsonParser parser, String step) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw noItems();
        }
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            var isIt = parser.currentName().equals(step);
            parser.nextToken();
            if (isIt) {
                return;
            }
            parser.skipChildren();
        }
        throw noItems();
    }

    private void item(JsonParser parser, String path, Map<String, String> values) {
        if (parser.currentToken() == JsonToken.START_OBJECT) {
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                var inner = path.isEmpty() ? parser.currentName() : path + "." + parser.currentName();
                parser.nextToken();
                item(parser, inner, values);
            }
        } else if (parser.currentToken() == JsonToken.START_ARRAY) {
            parser.skipChildren();
        } else if (columns.contains(path) && parser.currentToken() != JsonToken.VALUE_NULL) {
            var value = parser.getString().strip();
            if (!value.isEmpty()) {
                values.put(path, value);
            }
        }
    }
}
