package lowfield.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * What the server is built and tested with is what somebody looked at: each library by its name and the hash of its bytes. A
 * library that changes without the list is no library of ours. {@code LOWFIELD_WRITE_DOCS=1} writes the list anew.
 */
class ArtifactsTest {
    private static final Path LIST = Path.of("..", "docs", "artifacts.sha256");
    private static final Pattern OURS =
            Pattern.compile("(?:core|db|market|web|server)-\\d+\\.\\d+\\.\\d+(?:-tests)?\\.jar");

    @Test
    void everyLibraryIsTheOneOfTheList() throws Exception {
        var found = libraries();
        assertThat(found).hasSizeGreaterThan(100);
        if (System.getenv("LOWFIELD_WRITE_DOCS") != null) {
            Files.write(LIST, found);
        }
        assertThat(found).containsExactlyElementsOf(Files.readAllLines(LIST));
    }

    private static List<String> libraries() throws IOException {
        var path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        return Arrays.stream(path.split(File.pathSeparator))
                .map(Path::of)
                .filter(p -> p.toString().endsWith(".jar"))
                .filter(p -> !OURS.matcher(p.getFileName().toString()).matches())
                .map(ArtifactsTest::line)
                .sorted()
                .toList();
    }

    private static String line(Path jar) {
        try {
            var hash = MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(jar));
            return jar.getFileName() + " " + HexFormat.of().formatHex(hash);
        } catch (IOException | java.security.NoSuchAlgorithmException failed) {
            throw new IllegalStateException(failed);
        }
    }
}
