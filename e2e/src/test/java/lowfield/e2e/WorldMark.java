package lowfield.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.CRC32;

/** Tells whether anything changed that the demo's world is made by: the programs and their data, not the screens. */
final class WorldMark {
    private static final List<String> MAKERS = List.of("core", "db", "market", "server");

    private WorldMark() {}

    /** Eight hexadecimal digits, the same for the same classes and resources. */
    static String of(Path root) {
        var sum = new CRC32();
        MAKERS.forEach(module -> add(root.resolve(module).resolve("target/classes"), sum));
        return "%08x".formatted(sum.getValue());
    }

    private static void add(Path folder, CRC32 sum) {
        try (var files = Files.walk(folder)) {
            for (var file : files.filter(Files::isRegularFile).sorted().toList()) {
                sum.update(folder.relativize(file).toString().getBytes(java.nio.charset.StandardCharsets.UTF_8));
                sum.update(Files.readAllBytes(file));
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
