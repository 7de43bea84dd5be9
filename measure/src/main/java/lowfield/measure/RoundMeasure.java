package lowfield.measure;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Locale;
import java.util.regex.Pattern;
import lowfield.database.Access;

/**
 * A round of 2,000 pages at four shops that take their time to answer, beside its floor: the time in which every shop, all
 * at once, is asked for its pages at exactly its pace.
 */
final class RoundMeasure {
    private static final int PAGES = 2000;
    private static final int SHOPS = 4;
    private static final int PACE_MS = 30;
    private static final int DELAY_MS = 60;
    private static final int ROUNDS = 3;

    private RoundMeasure() {}

    static void run(Client client, Access database, String market) throws Exception {
        var part = field(client.send("POST", "/api/parts", """
                        {"kind": "OTHER", "maker": "Grown", "family": "", "name": "Grown", "variant": "", "spec": {}}""", ""), "id");
        grow(database, part);
        control(market, "delay?ms=" + DELAY_MS);
        var ratios = new ArrayList<Double>();
        var pages = 0;
        for (int round = 0; round < ROUNDS; round++) {
            clearMarks(database);
            var start = System.nanoTime();
            var id = field(client.send("POST", "/api/guides/the-tidewater-guide/rounds", "", ""), "id");
            var progress = "";
            do {
                Thread.sleep(50);
                progress = client.get("/api/rounds/" + id);
            } while (progress.contains("\"endedAt\":null"));
            var took = (System.nanoTime() - start) / 1e9;
            pages = Integer.parseInt(number(progress, "pages"));
            var floor = most(database, id) * PACE_MS / 1000.0;
            System.out.printf(
                    Locale.ROOT,
                    "round %d: %d pages in %.1f s, floor %.1f s (each answer takes %d ms); %s could not be read%n",
                    round,
                    pages,
                    took,
                    floor,
                    DELAY_MS,
                    number(progress, "failed"));
            ratios.add(took / floor);
        }
        System.out.printf(Locale.ROOT, "pages=%d ratio=%.2f%n", pages, ImportMeasure.median(ratios));
    }

    private static void grow(Access database, String part) throws Exception {
        try (var connection = database.open();
                var statement = connection.createStatement()) {
            statement.execute("update shop set feed = null, pace_ms = " + PACE_MS + ", lanes = 6");
            statement.execute("delete from guide_shop");
            statement.execute("insert into guide_shop select g.id, s.id from guide g, shop s");
            statement.execute("insert into product_page (shop_id, variant_id, path) select s.id,"
                    + " '" + part + "', '/p/grown-' || n from shop s, generate_series(1, "
                    + PAGES / SHOPS + ") n");
        }
    }

    private static void clearMarks(Access database) throws Exception {
        try (var connection = database.open();
                var statement = connection.createStatement()) {
            statement.execute("update product_page set etag = null, etag_at = null");
        }
    }

    /** How many pages the shop has that has most of the round's. */
    private static int most(Access database, String round) throws Exception {
        try (var connection = database.open();
                var statement = connection.createStatement();
                var result = statement.executeQuery(
                        "select max(n) from (select count(*) n from round_page where round_id = '" + round
                                + "' group by shop_id) s")) {
            result.next();
            return result.getInt(1);
        }
    }

    private static void control(String market, String what) throws IOException, InterruptedException {
        HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(market + "/control/" + what))
                                .PUT(HttpRequest.BodyPublishers.noBody())
                                .build(),
                        HttpResponse.BodyHandlers.discarding());
    }

    private static String field(String json, String name) {
        var matcher = Pattern.compile("\"" + name + "\":\"([^\"]+)\"").matcher(json);
        matcher.find();
        return matcher.group(1);
    }

    private static String number(String json, String name) {
        var matcher = Pattern.compile("\"" + name + "\":(\\d+)").matcher(json);
        matcher.find();
        return matcher.group(1);
    }
}
