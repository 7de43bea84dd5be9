package lowfield.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import lowfield.database.Access;

/**
 * One price decided and one figure corrected, each until the bench shows it, in a catalogue of 40,000 parts with 200,000
 * listings; beside the floor's write of one row, in turns with it.
 */
final class DecideMeasure {
    private static final int LISTINGS_EACH = 5;
    private static final int TIMES = 30;
    private static final int WARMING = 5;

    private final Client client;
    private final Client floor;
    private final String edition;
    private final String build;
    private final String part;
    private final String shop;

    private DecideMeasure(Client client, Client floor, Main.Target card) throws Exception {
        this.client = client;
        this.floor = floor;
        this.edition = card.edition();
        this.build = card.build();
        var bench = client.get("/api/editions/" + edition + "/builds/" + build + "/bench");
        this.part = found("\"slot\":\"GRAPHICS_CARD\".{1,400}?\"part\":\"([0-9a-f-]{36})\"", bench);
        this.shop = found("\"id\":\"([0-9a-f-]{36})\",[^{}]*\"name\":\"Ferrowby\"", client.get("/api/shops"));
    }

    static void run(Client client, Client floor, Access database, Main.Target card) throws Exception {
        FinderMeasure.grow(client, database, LISTINGS_EACH);
        new DecideMeasure(client, floor, card).run();
    }

    private void run() throws Exception {
        var decided = new ArrayList<Double>();
        var corrected = new ArrayList<Double>();
        var row = new ArrayList<Double>();
        for (int i = -WARMING; i < TIMES; i++) {
            var price = 60_000 + i % 7 * 10;
            var weight = 1_000 + i % 7;
            var ofPrice = millis(() -> decide(price));
            var ofFigure = millis(() -> correct(weight));
            var ofRow = millis(() -> floor.send("PUT", "/api/floor/1", "", ""));
            if (i >= 0) {
                decided.add(ofPrice);
                corrected.add(ofFigure);
                row.add(ofRow);
            }
        }
        System.out.printf(
                Locale.ROOT,
                "decide_ms=%.1f correct_ms=%.1f row_ms=%.1f decide_ratio=%.2f correct_ratio=%.2f%n",
                ImportMeasure.median(decided),
                ImportMeasure.median(corrected),
                ImportMeasure.median(row),
                ImportMeasure.median(decided) / ImportMeasure.median(row),
                ImportMeasure.median(corrected) / ImportMeasure.median(row));
    }

    private void decide(int price) throws Exception {
        client.send("POST", "/api/parts/" + part + "/prices", """
                {"shop": "%s", "condition": "NEW", "stock": "IN_STOCK", "priceMinor": %d, "currency": "EUR",
                 "membersOnly": false, "source": "the measure", "sure": true}""".formatted(shop, price), "");
        read();
    }

    private void correct(int weight) throws Exception {
        var version = found("\"version\":(\\d+)", client.get("/api/parts/" + part));
        client.send(
                "PATCH",
                "/api/parts/" + part,
                "{\"figures\": {\"weight\": %d}}".formatted(weight),
                "\"" + version + "\"");
        read();
    }

    private void read() throws Exception {
        client.get("/api/editions/" + edition + "/builds/" + build + "/bench");
    }

    private interface Act {
        void run() throws Exception;
    }

    private static double millis(Act act) throws Exception {
        var start = System.nanoTime();
        act.run();
        return (System.nanoTime() - start) / 1e6;
    }

    private static String found(String pattern, String text) {
        var matcher = Pattern.compile(pattern, Pattern.DOTALL).matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException("Nothing like " + pattern + " in " + List.of(text.length()));
        }
        return matcher.group(1);
    }
}
