package lowfield.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the documents say of the code is there. */
class DocsTest {
    private static final Path ROOT = Path.of("..");
    /** A class in its package: {@code core.offer.Guard}, {@code round.Rounds}; what follows it may be a member. */
    private static final Pattern NAMED = Pattern.compile("`((?:[a-z]+\\.)+)([A-Z][A-Za-z]+)[^`]*`");

    private static final List<String> SOURCES = sources();

    private static List<String> sources() {
        try (var files = Files.walk(ROOT)) {
            return files.map(f -> ROOT.relativize(f).toString())
                    .filter(f -> f.endsWith(".java") && f.contains("/java/lowfield/"))
                    .map(f -> f.substring(f.indexOf("/java/") + "/java".length()))
                    .toList();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    static Stream<String> documents() {
        return Stream.of(
                "README.md", "docs/architecture.md", "docs/contributing.md", "docs/rules.md", "docs/running.md");
    }

    @ParameterizedTest
    @MethodSource("documents")
    void everyClassThatADocumentNamesIsWhereItSays(String document) throws IOException {
        var missing = NAMED.matcher(Files.readString(ROOT.resolve(document)))
                .results()
                .filter(named -> SOURCES.stream().noneMatch(f -> f.endsWith(path(named))))
                .map(MatchResult::group)
                .toList();
        assertThat(missing).isEmpty();
    }

    private static String path(MatchResult named) {
        return "/" + named.group(1).replace('.', '/') + named.group(2) + ".java";
    }
}
