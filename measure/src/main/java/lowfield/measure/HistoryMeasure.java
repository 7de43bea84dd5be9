package lowfield.measure;

import java.sql.Connection;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import lowfield.database.Access;

/**
 * With twenty million observations, made inside the database: 600 parts of one kind at four shops, and many others, each
 * day of eighteen months. The chart of one part and the index of one kind as the desk asks for them.
 */
final class HistoryMeasure {
    private static final int DAYS = 540;
    private static final int LISTINGS = 37_000;
    private static final int ASKED = 200;

    private HistoryMeasure() {}

    static void run(Client client, Access database) throws Exception {
        List<String> parts;
        long bytes;
        try (var connection = database.open()) {
            grow(connection);
            parts = column(
                    connection,
                    "select v.id::text from variant v join product p on p.id = v.product_id where p.name like 'History %' order by p.name limit "
                            + ASKED);
            bytes = Long.parseLong(column(
                            connection,
                            "select (sum(pg_total_relation_size(c.oid)))::bigint::text from pg_class c where c.relkind in ('r') and (c.relname like 'observation%' or c.relname in ('price_day', 'price_month', 'acceptance'))")
                    .get(0));
            System.out.printf(
                    "%s observations, %s days of prices, %s months%n",
                    column(connection, "select count(*)::text from observation").get(0),
                    column(connection, "select count(*)::text from price_day").get(0),
                    column(connection, "select count(*)::text from price_month").get(0));
        }
        for (int i = 0; i < 30; i++) {
            client.get("/api/parts/" + parts.get(i) + "/history");
            client.get("/api/kinds/DRIVE/history");
        }
        var part = times(ASKED, i -> client.get("/api/parts/" + parts.get(i % parts.size()) + "/history"));
        var index = times(60, i -> client.get("/api/kinds/DRIVE/history"));
        System.out.printf(
                Locale.ROOT,
                "part p50 %.1f ms, index p50 %.1f ms%npart_p95_ms=%.1f index_p95_ms=%.1f disk_mb=%d%n",
                at(part, 50),
                at(index, 50),
                at(part, 95),
                at(index, 95),
                bytes >> 20);
    }

    private static void grow(Connection connection) throws Exception {
        try (var s = connection.createStatement()) {
            System.out.println("making parts and listings");
            s.execute("insert into maker (name) values ('History') on conflict do nothing");
            s.execute(
                    "insert into family (maker_id, kind, name) select id, 'DRIVE', 'History' from maker where name = 'History'");
            s.execute(
                    "insert into family (maker_id, kind, name) select id, 'OTHER', 'Else' from maker where name = 'History'");
            s.execute(
                    "insert into product (family_id, name) select f.id, 'History ' || n from family f, generate_series(1, 600) n where f.name = 'History'");
            s.execute(
                    "insert into product (family_id, name) select f.id, 'Else ' || n from family f, generate_series(1, "
                            + (LISTINGS / 4 - 600) + ") n where f.name = 'Else'");
            s.execute(
                    "insert into variant (product_id, name, spec) select p.id, '', '{}' from product p where p.name like 'History %' or p.name like 'Else %'");
            s.execute(
                    "insert into product_page (shop_id, variant_id, path) select s.id, v.id, '/h/' || v.id from shop s, variant v join product p on p.id = v.product_id where p.name like 'History %' or p.name like 'Else %'");
            s.execute(
                    "insert into listing (page_id, seller_id, condition) select g.id, (select id from seller x where x.shop_id = g.shop_id limit 1), 'NEW' from product_page g where g.path like '/h/%'");
            s.execute(
                    "create temp table h as select row_number() over () as n, l.id, v.id as variant, g.shop_id, p.name like 'History %' as asked from listing l join product_page g on g.id = l.page_id join variant v on v.id = g.variant_id join product p on p.id = v.product_id where g.path like '/h/%'");
            s.execute("set synchronous_commit = off");
            for (int from = 0; from < DAYS; from += 60) {
                System.out.printf("observations of the days %d to %d%n", from, from + 59);
                s.execute(
                        "insert into observation (listing_id, seen_at, price_minor, currency, shipping_minor, stock, members_only)"
                                + " select h.id, timestamptz '2025-06-05 06:00:00+00' + d * interval '1 day', 5000 + (h.n * 37 % 40000) + (d * 13 % 300), 'EUR', 490, 'IN_STOCK', false"
                                + " from generate_series(" + from + ", " + (from + 59) + ") d, h");
            }
            System.out.println("what was accepted, days and months");
            s.execute(
                    "insert into acceptance (listing_id, observation_id, seen_at, verdict, why, at) select o.listing_id, o.id, o.seen_at, 'ACCEPTED', 'in line', o.seen_at from observation o join h on h.id = o.listing_id where h.asked");
            s.execute(
                    "insert into price_day select h.variant, 'NEW', (date '2025-06-05' + d)::date, h.shop_id, 5000 + (h.n * 37 % 40000) + (d * 13 % 300), 5000 + (h.n * 37 % 40000) + (d * 13 % 300), 'EUR' from h, generate_series(0, "
                            + (DAYS - 1) + ") d where h.asked");
            s.execute(
                    "insert into price_month (kind, month, variant_id, day, price_minor, currency) select 'DRIVE', date_trunc('month', day)::date, variant_id, max(day), min(price_minor), 'EUR' from price_day d where exists (select 1 from h where h.variant = d.variant_id and h.asked) group by 1, 2, 3 on conflict do nothing");
            s.execute("analyze observation");
            s.execute("analyze acceptance");
            s.execute("analyze price_day");
            s.execute("analyze price_month");
            s.execute("select pg_notify('lowfield', 'CATALOGUE')");
        }
    }

    private interface Asking {
        void ask(int number) throws Exception;
    }

    private static List<Double> times(int times, Asking asking) throws Exception {
        var taken = new ArrayList<Double>();
        for (int i = 0; i < times; i++) {
            var start = System.nanoTime();
            asking.ask(i);
            taken.add((System.nanoTime() - start) / 1e6);
        }
        Collections.sort(taken);
        return taken;
    }

    private static double at(List<Double> sorted, int percent) {
        return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
    }

    private static List<String> column(Connection connection, String sql) throws Exception {
        try (var statement = connection.createStatement();
                var result = statement.executeQuery(sql)) {
            var values = new ArrayList<String>();
            while (result.next()) {
                values.add(result.getString(1));
            }
            return values;
        }
    }
}
