package lowfield.database;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;

/** One run of a program that comes with PostgreSQL; what it complains of is kept for the sentence that tells of it. */
final class PostgresProgram implements AutoCloseable {
    private final String name;
    private final Process process;
    private final CompletableFuture<String> complaints;

    private PostgresProgram(String name, Process process) {
        this.name = name;
        this.process = process;
        complaints = CompletableFuture.supplyAsync(() -> {
            try (var errors = process.getErrorStream()) {
                return new String(errors.readAllBytes(), StandardCharsets.UTF_8).strip();
            } catch (IOException gone) {
                return "";
            }
        });
    }

    static PostgresProgram start(String name, Access access, String... arguments) throws IOException {
        return start(name, access.environment(), arguments);
    }

    /** Without a way to any database, and without what this process was told of one. */
    static PostgresProgram startAlone(String name, String... arguments) throws IOException {
        return start(name, Map.of(), arguments);
    }

    private static PostgresProgram start(String name, Map<String, String> environment, String... arguments)
            throws IOException {
        var command = new ArrayList<>(List.of(folder() + File.separator + name));
        command.addAll(List.of(arguments));
        var builder = new ProcessBuilder(command);
        builder.environment().keySet().removeIf(key -> key.startsWith("LOWFIELD_") || key.startsWith("PG"));
        builder.environment().putAll(environment);
        return new PostgresProgram(name, builder.start());
    }

    /** {@code LOWFIELD_PG_BIN}, else the newest version of the system's packages. */
    private static String folder() throws IOException {
        var named = System.getenv("LOWFIELD_PG_BIN");
        if (named != null && !named.isBlank()) {
            return named;
        }
        var versions = Path.of("/usr/lib/postgresql");
        if (!Files.isDirectory(versions)) {
            throw new Refusal("PostgreSQL's programs were not found; name their folder in LOWFIELD_PG_BIN.");
        }
        try (var all = Files.list(versions)) {
            return all.map(v -> v.resolve("bin"))
                    .filter(bin -> Files.isExecutable(bin.resolve("pg_dump")))
                    .max(Comparator.naturalOrder())
                    .orElseThrow(() ->
                            new Refusal("PostgreSQL's programs were not found; name their folder in LOWFIELD_PG_BIN."))
                    .toString();
        }
    }

    Process process() {
        return process;
    }

    /** Waits for its end; a failure is told with the program's own first line. */
    void succeed() {
        if (ended() != 0) {
            throw failure();
        }
    }

    int ended() {
        try {
            return process.waitFor();
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            process.destroyForcibly();
            throw new Refusal("%s was interrupted.", name);
        }
    }

    Refusal failure() {
        var first = complaints.join().lines().findFirst().orElse("no reason given");
        return new Refusal("%s failed: %s", name, first.replaceFirst("^[a-z_]+: (error: )?", ""));
    }

    @Override
    public void close() {
        process.destroy();
    }
}
