package lowfield.measure;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lowfield.database.Access;

/** {@code desk} or {@code reader}, against a running demo; {@code finder}, {@code decide} and
 * {@code import}, {@code round} and {@code history} too, which grow its world; {@code ingest}; {@code crowd}; {@code checks}, {@code guard}, {@code forced} and {@code read} alone. Ends in one line of key=value pairs. */
public final class Main {
    private static final int CLIENTS = 32;
    private static final int ROUNDS = 5;
    private static final Path GUARD_WEIGHTS =
            Path.of("core/src/main/resources/lowfield/core/proofreading/guard/weights.properties");

    private Main() {}

    public static void main(String[] arguments) throws Exception {
        switch (arguments[0]) {
            case "desk" -> {
                try (var floor = FloorServer.start()) {
                    desk(arguments[1], floor);
                }
            }
            case "reader" -> {
                try (var floor = FloorServer.start()) {
                    reader(arguments[2], floor);
                }
            }
            case "backup" -> BackupMeasure.run(database());
            case "checks" -> CheckBenchmark.run();
            case "guard" -> {
                if (arguments.length > 1 && arguments[1].equals("learn")) {
                    GuardMeasure.learn(GUARD_WEIGHTS);
                } else {
                    GuardMeasure.run(arguments.length > 1 && arguments[1].equals("shown"));
                }
            }
            case "forced" -> ForcedMeasure.run();
            case "read" -> ReadMeasure.run(arguments.length > 1 && arguments[1].equals("held"));
            case "import" -> ImportMeasure.run(Client.signedIn(arguments[1]), database());
            case "finder" -> {
                var client = Client.signedIn(arguments[1]);
                var card = Target.in(client, 1).get(0);
                FinderMeasure.run(client, database(), card.edition(), card.line());
            }
            case "decide" -> {
                var client = Client.signedIn(arguments[1]);
                try (var floor = FloorServer.start()) {
                    DecideMeasure.run(
                            client,
                            Client.signedIn(floor.base()),
                            database(),
                            Target.in(client, 1).get(0));
                }
            }
            case "round" -> RoundMeasure.run(Client.signedIn(arguments[1]), database(), arguments[3]);
            case "ingest" -> IngestMeasure.run(database());
            case "crowd" -> {
                var client = Client.signedIn(arguments[1]);
                CrowdMeasure.run(Target.in(client, 1).get(0).editing(client), arguments[2]);
            }
            case "history" -> HistoryMeasure.run(Client.signedIn(arguments[1]), database());
            default ->
                throw new IllegalArgumentException(
                        "measure desk, reader, checks, guard, forced, read, finder, decide, import, round, ingest, history, crowd or backup, not \""
                                + arguments[0] + "\"");
        }
    }

    /** The role that owns the demo's database, since some measures grow its world inside it. */
    private static Access database() {
        return new Access(
                System.getenv("LOWFIELD_DB_URL"),
                System.getenv("LOWFIELD_DB_OWNER"),
                System.getenv("LOWFIELD_DB_OWNER_PASSWORD"));
    }

    private static void desk(String base, FloorServer floor) throws Exception {
        var clients = new ArrayList<Client>();
        var floorClients = new ArrayList<Client>();
        for (int i = 0; i < CLIENTS; i++) {
            clients.add(Client.signedIn(base));
            floorClients.add(Client.signedIn(floor.base()));
        }
        var lines = Target.in(clients.get(0), CLIENTS);
        System.out.printf(
                "%d clients; %d builds and %d lines are read and edited%n",
                CLIENTS, 5, lines.stream().distinct().count());
        var load = new Load(CLIENTS);
        var read = new ArrayList<Double>();
        var readFloor = new ArrayList<Double>();
        var edit = new ArrayList<Double>();
        var editFloor = new ArrayList<Double>();
        // Alternating, so that a slow moment of the machine falls on both.
        for (int round = -1; round < ROUNDS; round++) {
            var r = load.run(40, c -> () -> clients.get(c).get(lines.get(c).open()));
            var rf = load.run(40, c -> () -> floorClients.get(c).get("/api/floor/the-tidewater-guide"));
            var e = load.run(20, c -> lines.get(c).editing(clients.get(c)));
            var ef = load.run(20, c -> () -> floorClients.get(c).send("PUT", "/api/floor/" + c, "", ""));
            System.out.printf(
                    Locale.ROOT,
                    "%s: read p50 %.1f p95 %.1f ms, floor p50 %.1f p95 %.1f; edit p50 %.1f p95 %.1f ms, floor p50 %.1f p95 %.1f%n",
                    round < 0 ? "warming up" : "round " + round,
                    r.percentileMs(.5),
                    r.percentileMs(.95),
                    rf.percentileMs(.5),
                    rf.percentileMs(.95),
                    e.percentileMs(.5),
                    e.percentileMs(.95),
                    ef.percentileMs(.5),
                    ef.percentileMs(.95));
            if (round >= 0) {
                read.add(r.percentileMs(.95));
                readFloor.add(rf.percentileMs(.95));
                edit.add(e.percentileMs(.95));
                editFloor.add(ef.percentileMs(.95));
            }
        }
        System.out.printf(
                Locale.ROOT,
                "read_p95_ms=%.1f read_ratio=%.2f edit_p95_ms=%.1f edit_ratio=%.2f%n",
                median(read),
                median(read) / median(readFloor),
                median(edit),
                median(edit) / median(editFloor));
    }

    private static void reader(String base, FloorServer server) throws Exception {
        var path = "/the-tidewater-guide";
        var bytes = new Client(base).bytes(path);
        Files.write(server.files().resolve("page.gz"), bytes);
        var clients =
                IntStream.range(0, CLIENTS).mapToObj(i -> new Client(base)).toList();
        var floor = IntStream.range(0, CLIENTS)
                .mapToObj(i -> new Client(server.base()))
                .toList();
        if (floor.get(0).bytes("/files/page.gz").length != bytes.length) {
            throw new IllegalStateException("The file handler does not serve the same bytes");
        }
        System.out.printf("the page is %d bytes compressed; the same bytes are a file beside it%n", bytes.length);
        var load = new Load(CLIENTS);
        var page = new ArrayList<Double>();
        var file = new ArrayList<Double>();
        for (int round = -1; round < ROUNDS; round++) {
            var p = load.run(200, c -> fetching(clients.get(c), path));
            var f = load.run(200, c -> fetching(floor.get(c), "/files/page.gz"));
            System.out.printf(
                    Locale.ROOT,
                    "%s: page %.0f/s, file %.0f/s%n",
                    round < 0 ? "warming up" : "round " + round,
                    p.perSecond(),
                    f.perSecond());
            if (round >= 0) {
                page.add(p.perSecond());
                file.add(f.perSecond());
            }
        }
        System.out.printf(Locale.ROOT, "ratio=%.2f page_kb=%.1f%n", median(page) / median(file), bytes.length / 1024.0);
    }

    private static Callable<?> fetching(Client client, String path) {
        return () -> client.bytes(path);
    }

    private static double median(List<Double> values) {
        var sorted = values.stream().sorted().toList();
        return sorted.get(sorted.size() / 2);
    }

    /** A line of a build that one client edits back and forth. */
    record Target(String edition, String build, String line, String part, String other) {
        static List<Target> in(Client client, int many) throws Exception {
            var desk = client.get("/api/guides/the-tidewater-guide/desk");
            var edition = found(
                            "\"edition\":\\{\"guide\":\"[^\"]*\",\"id\":\"([^\"]+)\"|\"edition\":\\{\"id\":\"([^\"]+)\"",
                            desk)
                    .get(0);
            var targets = new ArrayList<Target>();
            for (var build :
                    found("\"build\":\"([^\"]+)\",\"(?:tierName|buildName|form|gauge|switched|tierVersion)", desk)
                            .stream()
                            .distinct()
                            .toList()) {
                var bench = client.get("/api/editions/" + edition + "/builds/" + build + "/bench");
                var matcher = Pattern.compile("\"id\":\"([^\"]+)\",\"version\":\\d+,\"slot\"")
                        .matcher(bench);
                while (matcher.find()) {
                    var line = matcher.group(1);
                    var candidates =
                            client.get("/api/editions/" + edition + "/lines/" + line + "/candidates?sentence=");
                    // A candidate begins with its part; what it forces does not.
                    var parts = found("\\{\"part\":\"([^\"]+)\",\"name\"", candidates);
                    if (parts.size() > 1) {
                        targets.add(new Target(edition, build, line, parts.get(0), parts.get(1)));
                    }
                }
            }
            return IntStream.range(0, many)
                    .mapToObj(i -> targets.get(i % targets.size()))
                    .toList();
        }

        private static List<String> found(String pattern, String text) {
            var matcher = Pattern.compile(pattern).matcher(text);
            var all = new ArrayList<String>();
            while (matcher.find()) {
                all.add(matcher.group(1) != null ? matcher.group(1) : matcher.group(2));
            }
            return all;
        }

        String bench() {
            return "/api/editions/" + edition + "/builds/" + build + "/bench";
        }

        /** The bench with this line open, as it is asked for on screen. */
        String open() {
            return bench() + "?open=" + line;
        }

        /** Swaps the choice to and fro; each edit names the version that the one before it answered with. */
        Callable<?> editing(Client client) throws Exception {
            var version = new int[] {version(client.get(bench()))};
            var turn = new boolean[1];
            return () -> {
                turn[0] = !turn[0];
                var choice = "{\"choice\":{\"type\":\"PART\",\"part\":\"" + (turn[0] ? other : part) + "\"}}";
                version[0] = version(client.send(
                        "PATCH", "/api/editions/" + edition + "/lines/" + line, choice, "\"" + version[0] + "\""));
                return version[0];
            };
        }

        private int version(String bench) {
            return Integer.parseInt(
                    found("\"id\":\"" + line + "\",\"version\":(\\d+)", bench).get(0));
        }
    }
}
