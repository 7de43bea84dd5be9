package lowfield.measure;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lowfield.database.Access;

/** A backup of the demo's database as a whole program, beside pg_dump of the same database to the same disk, in turn. */
final class BackupMeasure {
    private static final int ROUNDS = 9;

    private BackupMeasure() {}

    static void run(Access database) throws Exception {
        var folder = Path.of(System.getenv("LOWFIELD_EXCHANGE"));
        var ours = new ArrayList<Double>();
        var theirs = new ArrayList<Double>();
        for (int round = -1; round < ROUNDS; round++) {
            var backup = folder.resolve("backup" + round);
            var dump = folder.resolve("dump" + round);
            var b = timed(backup(backup));
            var d = timed(List.of("pg_dump", "-Fc", "-f", dump.toString(), "-d", address(database)));
            System.out.printf(
                    Locale.ROOT,
                    "%s: backup %.2f s, %d KB; pg_dump %.2f s, %d KB%n",
                    round < 0 ? "warming up" : "round " + round,
                    b,
                    Files.size(backup) >> 10,
                    d,
                    Files.size(dump) >> 10);
            if (round >= 0) {
                ours.add(b);
                theirs.add(d);
            }
            Files.delete(backup);
            Files.delete(dump);
        }
        System.out.printf(Locale.ROOT, "ratio=%.2f%n", ImportMeasure.median(ours) / ImportMeasure.median(theirs));
    }

    /** As {@code ./lowfield backup} runs it. */
    private static List<String> backup(Path file) {
        var command = new ArrayList<>(List.of(System.getenv("LOWFIELD_CONSOLE").split(" ")));
        command.addAll(List.of("backup", file.toString()));
        return command;
    }

    private static String address(Access database) {
        var uri = URI.create(database.url().substring("jdbc:".length()));
        return "postgresql://%s:%s@%s:%d%s"
                .formatted(database.user(), database.password(), uri.getHost(), uri.getPort(), uri.getPath());
    }

    private static double timed(List<String> command) throws IOException, InterruptedException {
        var start = System.nanoTime();
        var process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException(command.get(0) + " failed");
        }
        return (System.nanoTime() - start) / 1e9;
    }
}
