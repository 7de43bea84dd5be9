package lowfield.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.time.Instant;
import java.util.Optional;
import lowfield.database.Migration;
import lowfield.market.Market;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The whole application for the tests of one run: a throw-away PostgreSQL cluster, the market, and the server on free ports. */
final class Stage {
    private static Stage only;

    final Market market;
    final ConfigurableApplicationContext application;
    final String url;
    final TestCluster cluster = new TestCluster();
    final int port;
    final int readerPort;

    private Stage() throws IOException {
        url = cluster.url;
        Runtime.getRuntime().addShutdownHook(new Thread(this::close));
        new Migration(cluster.owner, cluster.server.user(), Optional.empty()).run(Instant.now());
        market = Market.open(0);
        port = freePort();
        readerPort = freePort();
        var at = "@127.0.0.1:" + market.port();
        application = SpringApplication.run(
                LowfieldApplication.class,
                "--spring.datasource.url=" + url,
                "--spring.datasource.username=" + cluster.server.user(),
                "--spring.datasource.password=" + cluster.server.password(),
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

    /** Does as the owner of the database what the application's own role may not. */
    void asOwner(String sql) {
        TestCluster.execute(cluster.owner, sql);
    }

    private void close() {
        if (application != null) {
            application.close();
        }
        if (market != null) {
            market.close();
        }
        cluster.close();
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
