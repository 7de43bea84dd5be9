package lowfield.server.exchange;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.postgresql.copy.CopyManager;

/** Rows of one table, written in the text form that COPY takes. */
final class CopyRows {
    private static final int AT_ONCE = 1 << 16;
    private static final byte[] NOTHING = {'\\', 'N'};

    private final String statement;
    private final ByteArrayOutputStream text = new ByteArrayOutputStream();

    CopyRows(String table, String columns) {
        statement = "copy %s (%s) from stdin".formatted(table, columns);
    }

    /** Cells in the order of the columns: bytes of UTF-8 as they are, everything else by its text. */
    void add(@Nullable Object... cells) {
        for (int i = 0; i < cells.length; i++) {
            if (i > 0) {
                text.write('\t');
            }
            if (cells[i] == null) {
                text.writeBytes(NOTHING);
            } else {
                escaped(
                        cells[i] instanceof byte[] utf8
                                ? utf8
                                : cells[i].toString().getBytes(StandardCharsets.UTF_8));
            }
        }
        text.write('\n');
    }

    /** In pieces, since hardly a cell has anything to escape. */
    private void escaped(byte[] cell) {
        int from = 0;
        for (int i = 0; i < cell.length; i++) {
            var letter = escape(cell[i]);
            if (letter != 0) {
                text.write(cell, from, i - from);
                text.write('\\');
                text.write(letter);
                from = i + 1;
            }
        }
        text.write(cell, from, cell.length - from);
    }

    /** The letter that stands for a byte behind a backslash; 0 where the byte stands for itself. */
    private static int escape(byte of) {
        return switch (of) {
            case '\\' -> '\\';
            case '\t' -> 't';
            case '\n' -> 'n';
            case '\r' -> 'r';
            default -> 0;
        };
    }

    int bytes() {
        return text.size();
    }

    void copy(CopyManager copies) throws SQLException, IOException {
        if (text.size() > 0) {
            copies.copyIn(statement, new ByteArrayInputStream(text.toByteArray()), AT_ONCE);
        }
    }
}
