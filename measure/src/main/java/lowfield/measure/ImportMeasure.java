package lowfield.measure;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import lowfield.database.Access;
import org.postgresql.PGConnection;

/** 40,000 rows of a CSV file taken in, between two times COPY of the same file into a bare table of the same database. */
final class ImportMeasure {
    private static final int ROWS = 40_000;
    private static final int ROUNDS = 5;

    private ImportMeasure() {}

    static void run(Client client, Access database) throws Exception {
        var heap = ServerHeap.attached();
        heap.peakMb();
        var taken = new ArrayList<Double>();
        var copied = new ArrayList<Double>();
        for (int round = -1; round < ROUNDS; round++) {
            var rows = round < 0 ? 2000 : ROWS;
            var file = Grown.file(client, "GRAPHICS_CARD", rows, "i" + round + "x");
            var before = copy(database, file);
            var start = System.nanoTime();
            var report = client.file("/api/kinds/GRAPHICS_CARD/file?form=CSV&dry=false", file);
            var import_ = seconds(start);
            var after = copy(database, file);
            takeOut(database);
            System.out.printf(
                    Locale.ROOT,
                    "%s: %d rows of %d bytes taken in in %.2f s, copied in %.2f and %.2f s; %s%n",
                    round < 0 ? "warming up" : "round " + round,
                    rows,
                    file.length,
                    import_,
                    before,
                    after,
                    report.substring(0, Math.min(70, report.length())));
            if (round >= 0) {
                taken.add(import_);
                copied.addAll(List.of(before, after));
            }
        }
        System.out.printf(Locale.ROOT, "ratio=%.2f heap_mb=%d%n", median(taken) / median(copied), heap.peakMb());
    }

    /** So that each round begins with the demo's catalogue. */
    private static void takeOut(Access database) throws Exception {
        try (var connection = database.open();
                var statement = connection.createStatement()) {
            statement.execute(
                    "delete from variant v using product p where p.id = v.product_id and p.name like '% no i%'");
            statement.execute("delete from product where name like '% no i%'");
            statement.execute("vacuum variant");
            statement.execute("vacuum product");
            statement.execute("select pg_notify('lowfield', 'CATALOGUE')");
        }
    }

    private static double copy(Access database, byte[] file) throws Exception {
        var header = new String(file, 0, new String(file, 0, 4000).indexOf('\n')).strip();
        var columns = Arrays.stream(header.split(","))
                .map(c -> "\"" + c.replace("\"", "") + "\" text")
                .collect(Collectors.joining(", "));
        try (var connection = database.open();
                var statement = connection.createStatement()) {
            statement.execute("create table bare (" + columns + ")");
            var start = System.nanoTime();
            connection
                    .unwrap(PGConnection.class)
                    .getCopyAPI()
                    .copyIn("copy bare from stdin (format csv, header)", new ByteArrayInputStream(file));
            var took = seconds(start);
            statement.execute("drop table bare");
            return took;
        }
    }

    private static double seconds(long start) {
        return (System.nanoTime() - start) / 1e9;
    }

    static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }
}
