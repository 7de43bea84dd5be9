package lowfield.database;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.postgresql.copy.CopyIn;

/**
 * Reads the rows out of a dump as {@code pg_restore --data-only} writes it, and nothing else: what is neither a block of rows
 * nor the value of a sequence is passed over, never run.
 */
final class DumpReader {
    /** What comes next in a dump. */
    sealed interface Entry {}

    /** The head of a block of rows; its rows follow. */
    record Block(String table, Set<String> columns) implements Entry {}

    record SequenceValue(String sequence, long last, boolean isCalled) implements Entry {}

    private static final String NAME = "(?:[a-z_][a-z0-9_]{0,62}|\"[a-z_][a-z0-9_]{0,62}\")";
    private static final Pattern ROWS =
            Pattern.compile("COPY public\\.(" + NAME + ") \\((" + NAME + "(?:, " + NAME + "){0,199})\\) FROM stdin;");
    private static final Pattern VALUE =
            Pattern.compile("SELECT pg_catalog\\.setval\\('public\\.(" + NAME + ")', (\\d{1,18}), (true|false)\\);");
    private static final int BUFFER = 1 << 17;
    private static final int LONGEST_LINE = 1 << 16;

    private final InputStream in;
    private final byte[] buffer = new byte[BUFFER];
    private int at;
    private int end;

    DumpReader(InputStream in) {
        this.in = in;
    }

    /** The next block or value; absent at the end. The rows of the block before must have been read or skipped. */
    Optional<Entry> next() throws IOException {
        for (var line = line(); line.isPresent(); line = line()) {
            var entry = entry(line.get());
            if (entry.isPresent()) {
                return entry;
            }
        }
        return Optional.empty();
    }

    private static Optional<Entry> entry(String line) {
        var rows = ROWS.matcher(line);
        if (rows.matches()) {
            var columns = new LinkedHashSet<String>();
            for (var column : rows.group(2).split(", ")) {
                columns.add(bare(column));
            }
            return Optional.of(new Block(bare(rows.group(1)), columns));
        }
        if (line.startsWith("COPY ")) {
            throw BackupFile.damaged();
        }
        return Optional.of(VALUE.matcher(line))
                .filter(Matcher::matches)
                .map(m -> new SequenceValue(
                        bare(m.group(1)), Long.parseLong(m.group(2)), m.group(3).equals("true")));
    }

    private static String bare(String name) {
        return name.replace("\"", "");
    }

    private boolean fill() throws IOException {
        if (at > 0) {
            System.arraycopy(buffer, at, buffer, 0, end - at);
            end -= at;
            at = 0;
        }
        var n = end == BUFFER ? 0 : in.read(buffer, end, BUFFER - end);
        end += Math.max(0, n);
        return n > 0;
    }

    /** Of a line that is too long, its beginning: no line that counts is. */
    private Optional<String> line() throws IOException {
        var text = new StringBuilder();
        for (; ; ) {
            for (int i = at; i < end; i++) {
                if (buffer[i] == '\n') {
                    add(text, i);
                    at = i + 1;
                    return Optional.of(text.toString());
                }
            }
            add(text, end);
            at = end;
            if (!fill()) {
                return text.isEmpty() ? Optional.empty() : Optional.of(text.toString());
            }
        }
    }

    private void add(StringBuilder text, int until) {
        if (text.length() < LONGEST_LINE) {
            text.append(new String(buffer, at, until - at, StandardCharsets.UTF_8));
        }
    }

    void skip() throws IOException {
        try {
            rows((from, length) -> {});
        } catch (SQLException never) {
            throw new IllegalStateException(never);
        }
    }

    /** Sends the rows of the block, as they are: the database reads each by the types of its columns. */
    void into(CopyIn copy) throws IOException, SQLException {
        try {
            rows((from, length) -> copy.writeToCopy(buffer, from, length));
            copy.endCopy();
        } finally {
            if (copy.isActive()) {
                copy.cancelCopy();
            }
        }
    }

    private interface Sink {
        void take(int from, int length) throws SQLException;
    }

    /** Up to the line that holds {@code \.} alone. A row may be longer than the buffer, so it goes on piece by piece. */
    private void rows(Sink sink) throws IOException, SQLException {
        var isAtStart = true;
        for (; ; ) {
            while (isAtStart && end - at < 3) {
                if (!fill()) {
                    throw BackupFile.damaged();
                }
            }
            if (isAtStart && buffer[at] == '\\' && buffer[at + 1] == '.' && buffer[at + 2] == '\n') {
                at += 3;
                return;
            }
            if (at == end && !fill()) {
                throw BackupFile.damaged();
            }
            var until = at;
            while (until < end && buffer[until] != '\n') {
                until++;
            }
            isAtStart = until < end;
            until = isAtStart ? until + 1 : end;
            sink.take(at, until - at);
            at = until;
        }
    }
}
