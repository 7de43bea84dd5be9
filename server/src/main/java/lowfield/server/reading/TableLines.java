package lowfield.server.reading;

import java.io.FilterReader;
import java.io.IOException;
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
        var bounded = new Bounded(text);
        try (var parser = CSVParser.parse(bounded, format)) {
            for (var column : columns) {
                RuleBroken.unless(parser.getHeaderMap().containsKey(column), "the list has no column \"%s\"", column);
            }
            for (var row : parser) {
                bounded.lineRead();
                sink.accept(column ->
                        row.isSet(column) ? Optional.of(row.get(column)).filter(c -> !c.isEmpty()) : Optional.empty());
            }
        } catch (UncheckedIOException | IOException | IllegalArgumentException | IllegalStateException broken) {
            throw new RuleBroken("the list is broken: " + Nodes.shortened(String.valueOf(broken.getMessage())));
        }
    }

    /**
     * Gives up on a line longer than any of a list, quoted line breaks and all, so that hostile lists stay small in memory;
     * leaves a byte order mark out.
     */
    private static final class Bounded extends FilterReader {
        private int sinceLine;
        private boolean isBegun;

        Bounded(Reader in) {
            super(in);
        }

        /** What the parser has read ahead counts for the next line, which is why the bound is generous. */
        void lineRead() {
            sinceLine = 0;
        }

        @Override
        public int read() throws IOException {
            var one = new char[1];
            return read(one, 0, 1) < 0 ? -1 : one[0];
        }

        @Override
        public int read(char[] buffer, int from, int length) throws IOException {
            var n = super.read(buffer, from, length);
            if (!isBegun && n > 0) {
                isBegun = true;
                if (buffer[from] == BYTE_ORDER_MARK) {
                    System.arraycopy(buffer, from + 1, buffer, from, n - 1);
                    n = n == 1 ? super.read(buffer, from, length) : n - 1;
                }
            }
            sinceLine += Math.max(0, n);
            RuleBroken.unless(sinceLine <= LONGEST_LINE, "a line of the list is longer than %,d letters", LONGEST_LINE);
            return n;
        }
    }
}
