package lowfield.measure;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import lowfield.database.Access;

/**
 * A query sentence for a card in a catalogue of 40,000 priced parts: its words with counts, the four groups' counts over the
 * whole kind, and the first fifty candidates with what they would do.
 */
final class FinderMeasure {
    private static final Map<String, Integer> ROWS = Map.of(
            "GRAPHICS_CARD", 8000,
            "PROCESSOR", 3000,
            "MOTHERBOARD", 7000,
            "MEMORY", 7000,
            "COOLER", 3000,
            "DRIVE", 4000,
            "POWER_SUPPLY", 3000,
            "CASE", 3500,
            "SCREEN", 1500);
    private static final List<String> SENTENCES = List.of(
            "",
            "memory=8..",
            "text=merowby+vane",
            "chip=Vane Five|Mica Six",
            "memory=12..&length=..310",
            "price=..60000&by=PRICE_OF_A_UNIT",
            "boardPower=..250&memory=8..&by=TRUE_DIFFERENCE",
            "maker=Hartle&text=16gb");
    private static final int TIMES = 12;

    private FinderMeasure() {}

    static void run(Client client, Access database, String edition, String line) throws Exception {
        var before = heap();
        grow(client, database, 1);
        var whole = ask(client, edition, line, "");
        var after = heap();
        System.out.println(
                "grown to 40,000 parts, each with a price: " + whole.replaceAll(".*\"all\":(\\d+).*", "$1") + " cards");
        first(client, edition);
        var times = new ArrayList<Double>();
        for (int i = 0; i < TIMES + 3; i++) {
            for (var sentence : SENTENCES) {
                var start = System.nanoTime();
                ask(client, edition, line, sentence);
                if (i >= 3) {
                    times.add((System.nanoTime() - start) / 1e6);
                }
            }
        }
        for (var sentence : SENTENCES) {
            var start = System.nanoTime();
            ask(client, edition, line, sentence);
            System.out.printf(Locale.ROOT, "%6.1f ms  %s%n", (System.nanoTime() - start) / 1e6, sentence);
        }
        try (var peer = new FinderInSql(database)) {
            var inSql = share(peer.times(TIMES, 3), 95);
            System.out.printf(Locale.ROOT, "the same of PostgreSQL: p95 %.1f ms%n", inSql);
            System.out.printf(
                    Locale.ROOT,
                    "p50_ms=%.1f p95_ms=%.1f heap_mb=%d sql_ratio=%.2f%n",
                    share(times, 50),
                    share(times, 95),
                    after - before,
                    share(times, 95) / inSql);
        }
    }

    /** What so many of a hundred times do not exceed. */
    private static double share(List<Double> times, int percent) {
        return times.stream().sorted().toList().get(times.size() * percent / 100);
    }

    /** Grows the demo to 40,000 parts, each with so many listings. */
    static void grow(Client client, Access database, int listings) throws Exception {
        for (var kind : ROWS.entrySet()) {
            client.file(
                    "/api/kinds/" + kind.getKey() + "/file?form=CSV&dry=false",
                    Grown.file(client, kind.getKey(), kind.getValue(), "f"));
        }
        price(database, listings);
    }

    /** What the first query of a build takes, when nothing is worked out yet: the same sentence on each build's card. */
    private static void first(Client client, String edition) throws Exception {
        for (var line : cards(client, edition)) {
            var start = System.nanoTime();
            ask(client, edition, line, "");
            System.out.printf(Locale.ROOT, "%6.1f ms  the first query of a build%n", (System.nanoTime() - start) / 1e6);
        }
    }

    private static List<String> cards(Client client, String edition) throws Exception {
        var ladder = client.get("/api/editions/" + edition + "/ladder");
        return Pattern.compile("\"line\":\"([0-9a-f-]{36})\",\"version\":\\d+,\"slot\":\"GRAPHICS_CARD\"")
                .matcher(ladder)
                .results()
                .map(r -> r.group(1))
                .toList();
    }

    /** Offers for every part that has none, made inside the database; the server is told. */
    private static void price(Access database, int listings) throws Exception {
        try (var connection = database.open();
                var statement = connection.createStatement()) {
            for (var sql : Arrays.asList(
                    "insert into product_page (shop_id, variant_id, path) select (select id from shop where name ="
                            + " 'Ferrowby'), v.id, '/g/' || v.id || '/' || n from variant v, generate_series(1, "
                            + listings
                            + ") n where not exists (select from product_page p where p.variant_id = v.id)",
                    "insert into listing (page_id, seller_id, condition, accepted_seen_at, accepted_price_minor,"
                            + " accepted_currency, accepted_stock, accepted_members_only) select p.id, (select id from"
                            + " seller where name = 'Ferrowby'), 'NEW', (select max(accepted_seen_at) from listing),"
                            + " 2000 + abs(hashtext(p.path)) % 60000, 'EUR', 'IN_STOCK', false from product_page p"
                            + " where p.path like '/g/%'",
                    "select pg_notify('lowfield', 'OFFERS')")) {
                statement.execute(sql);
            }
        }
        Thread.sleep(1500);
    }

    private static String ask(Client client, String edition, String line, String sentence) throws Exception {
        return client.get("/api/editions/" + edition + "/lines/" + line + "/candidates?sentence="
                + URLEncoder.encode(sentence.replace(" ", "+"), StandardCharsets.UTF_8));
    }

    private static long heap() throws Exception {
        return ServerHeap.attached().usedMb();
    }
}
