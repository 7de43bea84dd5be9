package lowfield.server.exchange;

import java.sql.SQLException;
import java.util.List;
import org.postgresql.copy.CopyManager;

/**
 * Rows that go into the database together: new parts with what is above them, and what a file says of parts that are there.
 *
 * @param full in bytes, from 64 KB to 2 MB: the first batches are small, so that the database has something to do soon, the
 *     later ones so large that it does not wait for the next each time that the reading halts
 */
record Batch(int full, CopyRows makers, CopyRows families, CopyRows products, CopyRows parts, CopyRows known) {
    private static final int FIRST = 1 << 16;
    private static final int LARGEST = 1 << 21;

    static Batch first() {
        return empty(FIRST);
    }

    Batch next() {
        return empty(Math.min(full / 2 * 3, LARGEST));
    }

    private static Batch empty(int full) {
        var told = "gtin, maker_number, release, suggested_minor, suggested_currency, avoid, spec";
        return new Batch(
                full,
                new CopyRows("maker", "id, name"),
                new CopyRows("family", "id, maker_id, kind, name"),
                new CopyRows("product", "id, family_id, name"),
                new CopyRows("variant", "id, product_id, name, added_at, " + told),
                new CopyRows("known_in", "id, " + told));
    }

    boolean isFull() {
        return products.bytes() + parts.bytes() + known.bytes() > full;
    }

    /** In the order in which they refer to each other. */
    void copy(CopyManager copies) throws SQLException {
        for (var rows : List.of(makers, families, products, parts, known)) {
            rows.copy(copies);
        }
    }
}
