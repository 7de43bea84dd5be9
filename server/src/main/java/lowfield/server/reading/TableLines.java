package lowfield.server.reading;

import java.io.IOException;
import java.io.PushbackReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import lowfield.core.RuleBroken;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** The lines of a list that is a table with a header, one at a time. */
final class TableLines {
    private static final char BYTE_ORDER_MARK = '\ufeff';
    private static final int LONGEST_LINE = 200_000;

    private final char delimiter;
    private final Collection<String> columns;

    /** @param columns the names that the header must have */
    TableLines(char delimiter, Collection<String> columns) {
        this.delimiter = delimiter;
        this.columns = columns;
    }

    /** Gives each line as a function from a column's name to its cell. */
    void read(Reader text, Consumer<Function<String, Optional<String>>> sink) {
        var format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .setQuote(delimiter == '\t' ? null : '"')
                .get();
        var bounded = new BoundedReader(unmarked(text), LONGEST_LINE, "a line of the list");
        try (var parser = CSVParser.parse(bounded, format)) {
            for (var column : columns) {
                RuleBroken.unless(parser.getHeaderMap().containsKey(column), "the list has no column \"%s\"", column);
            }
            for (var row : parser) {
                bounded.pieceRead();
                sink.accept(column ->
                        row.isSet(column) ? Optional.of(row.get(column)).filter(c -> !c.isEmpty()) : Optional.empty());
            }
        } catch (UncheckedIOException | IOException | IllegalArgumentException | IllegalStateException broken) {
            throw new RuleBroken("the list is broken: " + Nodes.shortened(String.valueOf(broken.getMessage())));
        }
    }

    /** Without the mark of byte order that some programs put before a list. */
    private static Reader unmarked(Reader text) {
        try {
            var reader = new PushbackReader(text, 1);
            var first = reader.read();
            if (first >= 0 && first != BYTE_ORDER_MARK) {
                reader.unread(first);
            }
            return reader;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
