package lowfield.measure;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import lowfield.database.Access;

/**
 * The finder's peer: the same sentences asked of PostgreSQL over the same rows, with trigram and GIN indexes. It counts the
 * same facets and gives the first fifty rows by price; what a candidate would do to a build it does not say.
 */
final class FinderInSql implements AutoCloseable {
    /** A condition by the figure it is about; words have the name "text". */
    private record Peer(String sentence, Map<String, String> conditions, String order) {
        static Peer of(String sentence, Map<String, String> conditions) {
            return new Peer(sentence, conditions, "price");
        }

        /** What rows answer, but for the condition on one figure. */
        String where(String but) {
            var all = conditions.entrySet().stream()
                    .filter(c -> !c.getKey().equals(but))
                    .map(Map.Entry::getValue)
                    .collect(Collectors.joining(" and "));
            return all.isEmpty() ? "kind = 'GRAPHICS_CARD'" : "kind = 'GRAPHICS_CARD' and " + all;
        }
    }

    /** The sentences of {@link FinderMeasure}; a difference of totals has no peer in SQL and is ordered by price. */
    private static final List<Peer> PEERS = List.of(
            Peer.of("", Map.of()),
            Peer.of("memory=8..", Map.of("memory", "memory >= 8")),
            Peer.of("text=merowby+vane", Map.of("text", "'merowby' <% name and 'vane' <% name")),
            Peer.of("chip=Vane Five|Mica Six", Map.of("chip", "chip in ('Vane Five', 'Mica Six')")),
            Peer.of("memory=12..&length=..310", Map.of("memory", "memory >= 12", "length", "\"length\" <= 310")),
            new Peer(
                    "price=..60000&by=PRICE_OF_A_UNIT",
                    Map.of("price", "price <= 60000"),
                    "price::numeric / nullif(memory, 0)"),
            Peer.of(
                    "boardPower=..250&memory=8..&by=TRUE_DIFFERENCE",
                    Map.of("boardPower", "\"boardPower\" <= 250", "memory", "memory >= 8")),
            Peer.of("maker=Hartle&text=16gb", Map.of("maker", "maker = 'Hartle'", "text", "'16gb' <% name")));

    private final Connection connection;
    private final List<String> figures;

    FinderInSql(Access database) throws SQLException {
        connection = database.open();
        figures = figures().map(Field::name).toList();
        prepare();
    }

    private static Stream<Field> figures() {
        return Kind.GRAPHICS_CARD.schema().fields().stream()
                .filter(f -> f.holds() != Field.Holds.ROWS && f.holds() != Field.Holds.PAIRS);
    }

    private void prepare() throws SQLException {
        var columns = figures()
                .map(f -> (f.holds() == Field.Holds.NUMBER
                                ? "case f.kind when 'GRAPHICS_CARD' then nullif(v.spec->>'%1$s', 'n/a')::int end as \"%1$s\""
                                : "nullif(v.spec->>'%1$s', 'n/a') as \"%1$s\"")
                        .formatted(f.name()))
                .collect(Collectors.joining(", "));
        run("create extension if not exists pg_trgm");
        run("""
                create table finder_peer as
                select v.id, f.kind, m.name as maker, m.name || ' ' || r.name || ' ' || v.name || coalesce(' ' || (v.spec->>'chip'), '') as name,
                  v.release, (select min(l.accepted_price_minor) from listing l join product_page p on p.id = l.page_id
                    where p.variant_id = v.id) as price, %s
                from variant v join product r on r.id = v.product_id join family f on f.id = r.family_id
                  join maker m on m.id = f.maker_id
                where v.merged_into is null""".formatted(columns));
        run("create index on finder_peer using gin (name gin_trgm_ops)");
        for (var figure : List.of("kind", "maker", "chip", "memory", "length", "boardPower", "price")) {
            run("create index on finder_peer (\"%s\")".formatted(figure));
        }
        run("analyze finder_peer");
    }

    private void run(String sql) throws SQLException {
        try (var statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    /** How long each of the sentences takes, in milliseconds, so many times over. */
    List<Double> times(int times, int warming) throws SQLException {
        var all = new ArrayList<Double>();
        for (int i = -warming; i < times; i++) {
            for (var peer : PEERS) {
                var start = System.nanoTime();
                ask(peer);
                if (i >= 0) {
                    all.add((System.nanoTime() - start) / 1e6);
                }
            }
        }
        return all;
    }

    private void ask(Peer peer) throws SQLException {
        read("select id, name, price from finder_peer where %s order by %s limit 50"
                .formatted(peer.where(""), peer.order()));
        // Figures that are not in force share what was found; one that is counts without its own condition.
        var shared = figures.stream()
                .filter(f -> !peer.conditions().containsKey(f))
                .map(f ->
                        "select '%1$s' as figure, \"%1$s\"::text as value, count(*) from found group by 2".formatted(f))
                .collect(Collectors.joining(" union all "));
        read("with found as materialized (select * from finder_peer where %s) %s".formatted(peer.where(""), shared));
        for (var figure : peer.conditions().keySet()) {
            if (figures.contains(figure)) {
                read("select \"%1$s\", count(*) from finder_peer where %2$s group by 1"
                        .formatted(figure, peer.where(figure)));
            }
        }
    }

    private void read(String sql) throws SQLException {
        try (var statement = connection.createStatement();
                var rows = statement.executeQuery(sql)) {
            while (rows.next()) {
                Optional.ofNullable(rows.getObject(1));
            }
        }
    }

    @Override
    public void close() throws SQLException {
        run("drop table finder_peer");
        connection.close();
    }
}
