package lowfield.server.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lowfield.core.RuleBroken;
import org.jspecify.annotations.Nullable;

/**
 * How a shop's list is read: where it lies, its format, and which of its columns say what. Columns of JSON and
 * XML lists are paths with dots.
 *
 * @param items for JSON, the path to the list of items, empty when the file is the list; for XML, the element that is repeated
 * @param columns by field, the shop's own column; a field that is not named is not in the list
 */
public record FeedForm(String path, Format format, @Nullable String items, Map<Field, String> columns) {
    /** How the list is written. */
    public enum Format {
        COMMA(','),
        SEMICOLON(';'),
        TAB('\t'),
        JSON(' '),
        XML(' ');

        final char delimiter;

        Format(char delimiter) {
            this.delimiter = delimiter;
        }
    }

    /** What a column can say. */
    public enum Field {
        GTIN,
        MAKER_NUMBER,
        NAME,
        SELLER,
        PRICE,
        CURRENCY,
        CONDITION,
        STOCK,
        SHIPPING,
        LINK,
        MEMBERS
    }

    public FeedForm {
        columns = Map.copyOf(columns);
        RuleBroken.unless(
                path.startsWith("/") && path.length() <= 500,
                "A feed's place is a path on the shop's host, like /lists/all.csv.");
        RuleBroken.unless(
                format != Format.XML || items != null && !items.isBlank(),
                "Say which element of an XML list is repeated, such as item.");
        RuleBroken.unless(columns.containsKey(Field.PRICE), "A feed needs a column for the price.");
        RuleBroken.unless(columns.containsKey(Field.LINK), "A feed needs a column for the link to the product's page.");
        RuleBroken.unless(
                List.of(Field.GTIN, Field.MAKER_NUMBER, Field.LINK).stream().anyMatch(columns::containsKey),
                "A feed needs a column by which parts are known: GTIN, maker's number or link.");
        columns.values()
                .forEach(c ->
                        RuleBroken.unless(!c.isBlank() && c.length() <= 100, "A column's name has 1 to 100 letters."));
    }

    Optional<String> column(Field field) {
        return Optional.ofNullable(columns.get(field));
    }
}
