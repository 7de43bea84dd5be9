package lowfield.measure;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.Locale;
import java.util.UUID;
import lowfield.database.Access;
import org.postgresql.PGConnection;

/** Half a million observations written down by the server, beside COPY of the same rows, ready as text, into the same tables. */
final class IngestMeasure {
    private static final int ROWS = 500_000;
    private static final int ROUNDS = 5;

    private IngestMeasure() {}

    static void run(Access database) throws Exception {
        try (var floor = FloorServer.start()) {
            run(Client.signedIn(floor.base()), database);
        }
    }

    private static void run(Client client, Access database) throws Exception {
        var ratios = new ArrayList<Double>();
        var text = text(database);
        for (int round = -1; round < ROUNDS; round++) {
            var server = Double.parseDouble(client.get("/api/floor/-/observations?rows=" + ROWS)) / 1000;
            var copy = copy(database, text);
            System.out.printf(
                    Locale.ROOT,
                    "%s: %d observations in %.2f s, copied in %.2f s%n",
                    round < 0 ? "warming up" : "round " + round,
                    ROWS,
                    server,
                    copy);
            if (round >= 0) {
                ratios.add(copy / server);
            }
        }
        System.out.printf(Locale.ROOT, "ratio=%.2f%n", ImportMeasure.median(ratios));
    }

    private static String text(Access database) throws Exception {
        var listings = new ArrayList<UUID>();
        try (var connection = database.open();
                var statement = connection.createStatement();
                var result = statement.executeQuery("select id from listing order by id")) {
            while (result.next()) {
                listings.add(result.getObject(1, UUID.class));
            }
        }
        var text = new StringBuilder();
        for (int i = 0; i < ROWS; i++) {
            text.append(listings.get(i % listings.size()))
                    .append("\t2026-12-04 06:00:00+00\t")
                    .append(1000 + i % 90_000)
                    .append("\tEUR\t490\tIN_STOCK\tfalse\n");
        }
        return text.toString();
    }

    private static double copy(Access database, String text) throws Exception {
        try (var connection = database.open()) {
            connection.setAutoCommit(false);
            var start = System.nanoTime();
            connection
                    .unwrap(PGConnection.class)
                    .getCopyAPI()
                    .copyIn(
                            "copy observation (listing_id, seen_at, price_minor, currency, shipping_minor, stock, members_only) from stdin",
                            new StringReader(text));
            var took = (System.nanoTime() - start) / 1e9;
            connection.rollback();
            return took;
        }
    }
}
