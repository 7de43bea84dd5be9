package lowfield.server.exchange;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.postgresql.copy.CopyManager;

/** Rows of one table, written in the text form that COPY takes. */
final class CopyRows {
    private static final int AT_ONCE = 1 << 16;

    private final String statement;
    private final StringBuilder text = new StringBuilder();

    CopyRows(String table, String columns) {
        statement = "copy %s (%s) from stdin".formatted(table, columns);
    }

    void add(@Nullable Object... cells) {
        for (int i = 0; i < cells.length; i++) {
            if (i > 0) {
                text.append('\t');
            }
            if (cells[i] == null) {
                text.append("\\N");
            } else {
                escaped(cells[i].toString());
            }
        }
        text.append('\n');
    }

    private void escaped(String value) {
        for (int i = 0; i < value.length(); i++) {
            var c = value.charAt(i);
            switch (c) {
                case '\\' -> text.append("\\\\");
                case '\t' -> text.append("\\t");
                case '\n' -> text.append("\\n");
                case '\r' -> text.append("\\r");
                default -> text.append(c);
            }
        }
    }

    int letters() {
        return text.length();
    }

    void copy(CopyManager copies) throws SQLException, IOException {
        if (!text.isEmpty()) {
            var bytes = text.toString().getBytes(StandardCharsets.UTF_8);
            copies.copyIn(statement, new ByteArrayInputStream(bytes), AT_ONCE);
        }
    }
}
