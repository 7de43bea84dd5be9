package lowfield.server.exchange;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.postgresql.copy.CopyIn;
import org.postgresql.copy.CopyManager;

/**
 * Rows of one table, written in the binary form that COPY takes: nothing in it has to be escaped here and read back there.
 * A cell has the type of its column, since nothing is converted on the way.
 */
final class CopyRows {
    private static final int AT_ONCE = 1 << 16;
    private static final byte[] SIGNATURE = "PGCOPY\n\377\r\n\0".getBytes(StandardCharsets.ISO_8859_1);
    private static final int HEADER = SIGNATURE.length + Long.BYTES;
    private static final Instant EPOCH = Instant.parse("2000-01-01T00:00:00Z");

    private final String statement;
    private final List<ByteBuffer> pieces = new ArrayList<>();
    private ByteBuffer last = ByteBuffer.allocate(0);
    private int bytes;

    CopyRows(String table, String columns) {
        statement = "copy %s (%s) from stdin (format binary)".formatted(table, columns);
    }

    /** Cells in the order of the columns: a uuid, a bigint, a timestamptz, a text, or a json in bytes of UTF-8. */
    void add(@Nullable Object... cells) {
        if (isEmpty()) {
            room(HEADER).put(SIGNATURE).putLong(0);
        }
        room(Short.BYTES).putShort((short) cells.length);
        for (var cell : cells) {
            put(cell);
        }
    }

    private void put(@Nullable Object cell) {
        if (cell == null) {
            room(Integer.BYTES).putInt(-1);
        } else if (cell instanceof UUID id) {
            headed(16).putLong(id.getMostSignificantBits()).putLong(id.getLeastSignificantBits());
        } else if (cell instanceof Long number) {
            headed(Long.BYTES).putLong(number);
        } else if (cell instanceof Instant at) {
            headed(Long.BYTES).putLong(EPOCH.until(at, ChronoUnit.MICROS));
        } else if (cell instanceof byte[] json) {
            headed(json.length).put(json);
        } else {
            var text = ((String) cell).getBytes(StandardCharsets.UTF_8);
            headed(text.length).put(text);
        }
    }

    private ByteBuffer headed(int length) {
        return room(Integer.BYTES + length).putInt(length);
    }

    private ByteBuffer room(int more) {
        if (last.remaining() < more) {
            last = ByteBuffer.allocate(Math.max(AT_ONCE, more));
            pieces.add(last);
        }
        bytes += more;
        return last;
    }

    private boolean isEmpty() {
        return bytes == 0;
    }

    int bytes() {
        return bytes;
    }

    void copy(CopyManager copies) throws SQLException {
        if (!isEmpty()) {
            room(Short.BYTES).putShort((short) -1);
            write(copies.copyIn(statement));
        }
    }

    private void write(CopyIn copy) throws SQLException {
        try {
            for (var piece : pieces) {
                copy.writeToCopy(piece.array(), 0, piece.position());
            }
            copy.endCopy();
        } finally {
            // One that was left open would keep the connection from being used again, also for taking everything back.
            if (copy.isActive()) {
                copy.cancelCopy();
            }
        }
    }
}
