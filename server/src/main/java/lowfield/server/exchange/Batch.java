package lowfield.server.exchange;

import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import org.postgresql.copy.CopyManager;

/** Rows that go into the database together: new parts with what is above them, and what a file says of parts that are there. */
record Batch(CopyRows makers, CopyRows families, CopyRows products, CopyRows parts, CopyRows known) {
    private static final int FULL = 1 << 19;

    static Batch empty() {
        var told = "gtin, maker_number, release, suggested_minor, suggested_currency, avoid, spec";
        return new Batch(
                new CopyRows("maker", "id, name"),
                new CopyRows("family", "id, maker_id, kind, name"),
                new CopyRows("product", "id, family_id, name"),
                new CopyRows("variant", "id, product_id, name, added_at, " + told),
                new CopyRows("known_in", "id, " + told));
    }

    boolean isFull() {
        return products.bytes() + parts.bytes() + known.bytes() > FULL;
    }

    /** In the order in which they refer to each other. */
    void copy(CopyManager copies) throws SQLException, IOException {
        for (var rows : List.of(makers, families, products, parts, known)) {
            rows.copy(copies);
        }
    }
}
