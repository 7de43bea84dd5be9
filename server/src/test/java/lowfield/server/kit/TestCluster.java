package lowfield.server.kit;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.concurrent.TimeUnit;
import lowfield.database.Access;
import org.tukaani.xz.XZInputStream;

/** A throw-away PostgreSQL cluster with the roles that a real one has. */
public final class TestCluster implements AutoCloseable {
    public static final Path SCRIPT =
            Path.of("..", "db", "cluster").toAbsolutePath().normalize();

    public final String url;
    /** The role that owns the database; the application has another. */
    public final Access owner;
    /** The role of the application: rows, and no tables. */
    public final Access server;
    /** The role that made the cluster, for tests that need a database of their own. */
    public final Access admin;

    private final Path file;
    private final Properties properties = new Properties();

    public TestCluster() {
        try {
            file = Files.createTempFile("lowfield-cluster", ".properties");
            Files.delete(file);
            does("scratch");
            try (var in = Files.newInputStream(file)) {
                properties.load(in);
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        url = property("url");
        owner = new Access(url, property("owner"), property("owner.password"));
        server = new Access(url, property("server"), property("server.password"));
        admin = new Access(url, "lowfield_admin", property("admin.password"));
    }

    private String property(String name) {
        return properties.getProperty("cluster." + name);
    }

    public Path folder() {
        return Path.of(property("dir"));
    }

    /** {@code pause} takes the database away, {@code resume} brings it back. */
    public void does(String what) {
        run(List.of(SCRIPT.toString(), what, file.toString()));
    }

    public static void run(List<String> command) {
        try {
            var process = new ProcessBuilder(command).inheritIO().start();
            if (!process.waitFor(120, TimeUnit.SECONDS) || process.exitValue() != 0) {
                throw new IllegalStateException(command + " failed");
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    /** A further empty database that the owner's role owns. */
    public Access database(String name) {
        execute(admin, "create database " + name + " owner lowfield_owner");
        return new Access(at(name), owner.user(), owner.password());
    }

    /** The same as another that nobody is in. */
    public Access copy(String of, String name) {
        execute(admin, "create database %s template %s owner lowfield_owner".formatted(name, of));
        return new Access(at(name), owner.user(), owner.password());
    }

    public void drop(String name) {
        execute(admin, "drop database " + name + " with (force)");
    }

    public String at(String name) {
        return url.replaceAll("/[^/?]+$", "/" + name);
    }

    public static void execute(Access access, String sql) {
        try (var connection = access.open();
                var statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    public static String single(Access access, String sql) {
        try (var connection = access.open();
                var statement = connection.createStatement();
                var found = statement.executeQuery(sql)) {
            found.next();
            return found.getString(1);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    /** Fills an empty database with what version 12 left: the kept dump. */
    public static void fillWithThePast(Access access) {
        var address = java.net.URI.create(access.url().substring("jdbc:".length()));
        var builder = new ProcessBuilder(new ArrayList<>(List.of(
                        "psql",
                        "-X",
                        "-q",
                        "-v",
                        "ON_ERROR_STOP=1",
                        "-o",
                        "/dev/null",
                        "-h",
                        address.getHost(),
                        "-p",
                        String.valueOf(address.getPort()),
                        "-U",
                        access.user(),
                        "-d",
                        address.getPath().substring(1))))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.INHERIT);
        builder.environment().put("PGPASSWORD", access.password());
        try {
            var psql = builder.start();
            try (var sql = new XZInputStream(TestCluster.class.getResourceAsStream("/past/v012.sql.xz"));
                    var in = psql.getOutputStream()) {
                sql.transferTo(in);
            }
            if (psql.waitFor() != 0) {
                throw new IllegalStateException("The kept dump could not be read in");
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        does("discard");
    }
}
