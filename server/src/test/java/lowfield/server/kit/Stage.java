package lowfield.server.kit;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.time.Instant;
import java.util.Optional;
import lowfield.database.Migration;
import lowfield.market.Market;
import lowfield.server.LowfieldApplication;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The whole application for the tests of one run: a throw-away PostgreSQL cluster, the market, and the server on free ports. */
public final class Stage {
    private static Stage only;

    public final Market market;
    public final ConfigurableApplicationContext application;
    public final String url;
    public final TestCluster cluster = new TestCluster();
    public final int port;
    public final int readerPort;

    private Stage() throws IOException {
        url = cluster.url;
        Runtime.getRuntime().addShutdownHook(new Thread(this::close));
        new Migration(cluster.owner, cluster.server.user(), Optional.empty()).run(Instant.now());
        market = Market.open(0);
        port = freePort();
        readerPort = freePort();
        var at = "@127.0.0.1:" + market.port();
        application = new SpringApplication(LowfieldApplication.class, QuickPasswords.class)
                .run(
                        "--spring.datasource.url=" + url,
                        "--spring.datasource.username=" + cluster.server.user(),
                        "--spring.datasource.password=" + cluster.server.password(),
                        "--server.port=" + port,
                        "--lowfield.reader-port=" + readerPort,
                        // Every reader of the tests comes from one address.
                        "--lowfield.limits.reader-rate=0",
                        "--lowfield.page-deadline=1500ms",
                        "--spring.datasource.hikari.connection-timeout=1000",
                        "--lowfield.local-shops=ferrowby.example" + at + ",quillmarket.example" + at
                                + ",turnstone.example" + at + ",millrace.example" + at + ",rates.example" + at,
                        "--lowfield.retry-pause=20ms",
                        "--lowfield.lookout=100ms");
    }

    public static synchronized Stage open() {
        try {
            return only == null ? only = new Stage() : only;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    public String desk() {
        return "http://127.0.0.1:" + port;
    }

    public String readers() {
        return "http://127.0.0.1:" + readerPort;
    }

    public <T> T bean(Class<T> type) {
        return application.getBean(type);
    }

    /** Does as the owner of the database what the application's own role may not. */
    public void asOwner(String sql) {
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
