package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import lowfield.server.kit.World;
import org.awaitility.Awaitility;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.SmartLifecycle;

/** Rounds that several servers share, some of which are killed at random moments: no offer twice, none lost. */
class SharedRoundTest {
    private static final int PAGES = Integer.getInteger("lowfield.fetches", 300);
    private static final int KILLS = Integer.getInteger("lowfield.kills", 1);

    private static final int RESTARTS = Integer.getInteger("lowfield.restarts", 1);

    private final World world = new World();
    private final DSLContext db = world.stage.bean(DSLContext.class);
    private final List<Process> servers = new ArrayList<>();
    private final SmartLifecycle jobsHere = world.stage.application.getBean("roundJobs", SmartLifecycle.class);
    private final Random random = new Random(20261203);

    @AfterEach
    void normal() {
        servers.forEach(Process::destroyForcibly);
        if (!jobsHere.isRunning()) {
            jobsHere.start();
        }
        world.market("reset");
        db.query("update shop set pace_ms = 0, lanes = 2 where host like '%.example'")
                .execute();
        takeOut();
    }

    /** Other tests' rounds do not read the grown pages. */
    private void takeOut() {
        var pages = "(select id from product_page where path like '/p/grown-%')";
        var listings = "(select id from listing where page_id in " + pages + ")";
        db.query("delete from acceptance where listing_id in " + listings).execute();
        db.query("delete from observation where listing_id in " + listings).execute();
        db.query("delete from listing where page_id in " + pages).execute();
        db.query("delete from round_page where page_id in " + pages).execute();
        db.query("delete from product_page where path like '/p/grown-%'").execute();
    }

    /** Another server on the same database, as a program of its own. */
    private Process server() {
        try {
            var at = "@127.0.0.1:" + world.stage.market.port();
            var command = List.of(
                    System.getProperty("java.home") + "/bin/java",
                    "-XX:TieredStopAtLevel=1",
                    "-XX:+UseSerialGC",
                    "-Xshare:auto",
                    "-cp",
                    System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                    "lowfield.server.LowfieldApplication",
                    "--spring.datasource.url=" + world.stage.url,
                    "--spring.datasource.username=" + world.stage.cluster.server.user(),
                    "--spring.datasource.password=" + world.stage.cluster.server.password(),
                    "--spring.main.lazy-initialization=false",
                    "--server.port=" + freePort(),
                    "--lowfield.reader-port=" + freePort(),
                    "--lowfield.heartbeat=250ms",
                    "--lowfield.lookout=100ms",
                    "--lowfield.retry-pause=20ms",
                    "--lowfield.local-shops=ferrowby.example" + at + ",quillmarket.example" + at);
            var process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(new File("target/another-server.log"))
                    .start();
            servers.add(process);
            return process;
        } catch (IOException failed) {
            throw new java.io.UncheckedIOException(failed);
        }
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** Pages of products that the market makes up as they are asked for. */
    private void grow() {
        var part = world.ines
                .post(
                        "/api/parts",
                        java.util.Map.of(
                                "kind",
                                "OTHER",
                                "maker",
                                "Test",
                                "family",
                                "",
                                "name",
                                "Grown " + world.slug,
                                "variant",
                                "",
                                "spec",
                                java.util.Map.of()))
                .json()
                .path("id")
                .asString();
        for (var host : List.of("ferrowby.example", "quillmarket.example")) {
            db.query(
                            "insert into product_page (shop_id, variant_id, path) select s.id, cast({0} as uuid), '/p/grown-' || n"
                                    + " from shop s, generate_series(1, {1}) n where s.host = {2} on conflict do nothing",
                            org.jooq.impl.DSL.val(part), org.jooq.impl.DSL.val(PAGES / 2), org.jooq.impl.DSL.val(host))
                    .execute();
        }
    }

    private int count(String sql, String round) {
        return db.resultQuery(sql, org.jooq.impl.DSL.val(round)).fetchSingle(0, Integer.class);
    }

    private String start() {
        return world.ines
                .post("/api/guides/" + world.slug + "/rounds", java.util.Map.of())
                .json()
                .path("id")
                .asString();
    }

    private void awaitEnd(String round, Duration most) {
        Awaitility.await()
                .atMost(most)
                .pollInterval(Duration.ofMillis(200))
                .until(() -> world.ines
                        .get("/api/rounds/" + round)
                        .json()
                        .path("endedAt")
                        .isString());
    }

    private String sums(String round) {
        return db.resultQuery(
                        "select count(*) || ' ' || sum(price_minor) || ' ' || count(distinct listing_id) from observation where round_id = cast({0} as uuid)",
                        org.jooq.impl.DSL.val(round))
                .fetchSingle(0, String.class);
    }

    @Test
    void serversKilledAtRandomMomentsLoseNothingAndSeeNothingTwice() throws InterruptedException {
        grow();
        var undisturbed = start();
        awaitEnd(undisturbed, Duration.ofSeconds(180));
        var expected = sums(undisturbed);

        db.query("update shop set pace_ms = 60, lanes = 4 where host like '%.example'")
                .execute();
        db.query("update product_page set etag = null").execute();
        jobsHere.stop();
        var disturbed = start();
        server();
        server();
        for (int kill = 0; kill < KILLS; kill++) {
            var before = read(disturbed);
            Awaitility.await()
                    .atMost(Duration.ofMinutes(4))
                    .pollInterval(Duration.ofMillis(50))
                    .until(() -> read(disturbed) > before || !isOpen(disturbed));
            var oldest = servers.remove(0);
            oldest.waitFor(random.nextInt(400), TimeUnit.MILLISECONDS);
            assertThat(isOpen(disturbed))
                    .as("killed in the middle, %d times", kill)
                    .isTrue();
            oldest.destroyForcibly().waitFor();
            server();
        }
        awaitEnd(disturbed, Duration.ofSeconds(300));
        assertThat(sums(disturbed)).isEqualTo(expected);
        nothingIsLostOrTwice(disturbed);
    }

    @Test
    void aDatabaseThatIsRestartedInTheMiddleLosesNothing() {
        grow();
        var undisturbed = start();
        awaitEnd(undisturbed, Duration.ofSeconds(180));
        var expected = sums(undisturbed);
        db.query("update shop set pace_ms = 10, lanes = 4 where host like '%.example'")
                .execute();
        db.query("update product_page set etag = null").execute();
        var disturbed = start();
        for (int restart = 0; restart < RESTARTS; restart++) {
            var before = read(disturbed);
            Awaitility.await()
                    .atMost(Duration.ofMinutes(4))
                    .pollInterval(Duration.ofMillis(20))
                    .until(() -> read(disturbed) > before || !isOpen(disturbed));
            assertThat(isOpen(disturbed))
                    .as("restarted in the middle, %d times", restart)
                    .isTrue();
            world.stage.cluster.does("pause");
            world.stage.cluster.does("resume");
            Awaitility.await()
                    .atMost(Duration.ofMinutes(2))
                    .until(() -> world.ines.get("/api/rounds/" + disturbed).status() == 200);
        }
        awaitEnd(disturbed, Duration.ofSeconds(300));
        assertThat(sums(disturbed)).isEqualTo(expected);
        nothingIsLostOrTwice(disturbed);
    }

    private void nothingIsLostOrTwice(String disturbed) {
        assertThat(count(
                        "select count(*) from round_page where round_id = cast({0} as uuid) and state = 'WAITING'",
                        disturbed))
                .isZero();
        assertThat(count(
                        "select count(*) from (select listing_id from observation where round_id = cast({0} as uuid)"
                                + " group by listing_id having count(*) > 1) twice",
                        disturbed))
                .isZero();
        assertThat(count(
                        "select count(*) from observation o where round_id = cast({0} as uuid) and not exists"
                                + " (select 1 from acceptance a where a.observation_id = o.id)",
                        disturbed))
                .as("each is judged")
                .isZero();
    }

    private int read(String round) {
        return world.ines.get("/api/rounds/" + round).json().path("read").asInt();
    }

    private boolean isOpen(String round) {
        return world.ines.get("/api/rounds/" + round).json().path("endedAt").isNull();
    }
}
