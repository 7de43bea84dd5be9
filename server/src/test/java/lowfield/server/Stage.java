package lowfield.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.TimeUnit;
import lowfield.database.Access;
import lowfield.database.Migration;
import lowfield.market.Market;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The whole application for the tests of one run: a throw-away PostgreSQL cluster, the market, and the server on free ports. */
final class Stage {
    private static final Path CLUSTER =
            Path.of("..", "db", "cluster").toAbsolutePath().normalize();
    private static Stage only;

    final Market market;
    final ConfigurableApplicationContext application;
    final String url;
    /** The role that owns the database; the application has another. */
    final Access owner;
    /** The role of the application: rows, and no tables. */
    final Access server;
    /** The role that made the cluster, for tests that need a database of their own. */
    final Access admin;

    final int port;
    final int readerPort;
    private final Path file;

    private Stage() throws IOException {
        file = Files.createTempFile("lowfield-cluster", ".properties");
        Files.delete(file);
        cluster("scratch");
        Runtime.getRuntime().addShutdownHook(new Thread(this::close));
        market = Market.open(0);
        var properties = new Properties();
        try (var in = Files.newInputStream(file)) {
            properties.load(in);
        }
        url = properties.getProperty("cluster.url");
        owner = new Access(
                url, properties.getProperty("cluster.owner"), properties.getProperty("cluster.owner.password"));
        admin = new Access(url, "lowfield_admin", properties.getProperty("cluster.admin.password"));
        server = new Access(
                url, properties.getProperty("cluster.server"), properties.getProperty("cluster.server.password"));
        new Migration(owner, server.user(), Optional.empty()).run(Instant.now());
        port = freePort();
        readerPort = freePort();
        var at = "@127.0.0.1:" + market.port();
        application = SpringApplication.run(
                LowfieldApplication.class,
                "--spring.datasource.url=" + url,
                "--spring.datasource.username=" + server.user(),
                "--spring.datasource.password=" + server.password(),
                "--server.port=" + port,
                "--lowfield.reader-port=" + readerPort,
                "--lowfield.page-deadline=700ms",
                "--spring.datasource.hikari.connection-timeout=1000",
                "--lowfield.local-shops=ferrowby.example" + at + ",quillmarket.example" + at + ",turnstone.example" + at
                        + ",millrace.example" + at + ",rates.example" + at,
                "--lowfield.retry-pause=20ms",
                "--lowfield.lookout=100ms");
    }

    static synchronized Stage open() {
        try {
            return only == null ? only = new Stage() : only;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    String desk() {
        return "http://127.0.0.1:" + port;
    }

    String readers() {
        return "http://127.0.0.1:" + readerPort;
    }

    <T> T bean(Class<T> type) {
        return application.getBean(type);
    }

    /** {@code pause} takes the database away, {@code resume} brings it back. */
    void cluster(String what) {
        try {
            var process = new ProcessBuilder(CLUSTER.toString(), what, file.toString())
                    .inheritIO()
                    .start();
            if (!process.waitFor(60, TimeUnit.SECONDS) || process.exitValue() != 0) {
                throw new IllegalStateException("db/cluster " + what + " failed");
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    /** Does as the owner of the database what the application's own role may not. */
    void asOwner(String sql) {
        try (var connection = owner.open();
                var statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private void close() {
        if (application != null) {
            application.close();
        }
        if (market != null) {
            market.close();
        }
        cluster("discard");
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
