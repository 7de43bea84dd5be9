package lowfield.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.guide.Slot;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import org.junit.jupiter.api.Test;

/** What the server says to people, and what the documents say, holds none of the words that docs/words.md rules out. */
class WordsTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    private static final Pattern OF_A_PAGE = Pattern.compile(">([^<>]+)<|\\|([^|\\n]+)\\|");
    /** What only the database or a program reads. */
    private static final Pattern NO_TEXT = Pattern.compile(".*\\b(select|from|where|join|update) [a-z_*(].*|[^ ]*");

    private static final List<String> PHRASES = list("Never in a text");
    private static final List<String> LABELS = list("Never a whole label");

    /** The items of one list of docs/words.md. */
    private static List<String> list(String heading) {
        var section = read(ROOT.resolve("docs/words.md"))
                .split("## " + heading + "\n")[1]
                .split("\n## ")[0];
        return section.lines()
                .filter(l -> l.startsWith("- "))
                .map(l -> l.substring(2))
                .toList();
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static Stream<Path> files(String folder, String ending) {
        try (var files = Files.walk(ROOT.resolve(folder))) {
            return files.filter(f -> f.toString().endsWith(ending)).toList().stream();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static Stream<String> breaches(Path file, Stream<String> texts) {
        return texts.flatMap(t -> PHRASES.stream()
                .filter(p -> Pattern.compile("(?<![\\w-])" + Pattern.quote(p) + "(?![\\w-])", Pattern.CASE_INSENSITIVE)
                        .matcher(t)
                        .find())
                .map(p -> "%s: \"%s\" in \"%s\"".formatted(file.getFileName(), p, t)));
    }

    private static Stream<String> literals(Path file) {
        var code = read(file)
                .lines()
                .filter(l -> !l.strip().startsWith("*") && !l.strip().startsWith("/"))
                .collect(Collectors.joining("\n"));
        return LITERAL.matcher(code)
                .results()
                .map(m -> m.group(1))
                .filter(t -> !NO_TEXT.matcher(t).matches());
    }

    @Test
    void noSentenceOfTheServerHoldsAWordThatIsNotOurs() {
        var breaches = Stream.of("core/src/main", "server/src/main")
                .flatMap(folder -> files(folder, ".java"))
                // What was published keeps the words of its time, and pages of shops have words of their own.
                .filter(file ->
                        !file.endsWith("PageTerms.java") && !file.toString().contains("core/intake"))
                .flatMap(file -> breaches(file, literals(file)))
                .toList();
        assertThat(breaches).isEmpty();
    }

    @Test
    void noReaderPageHoldsOne() {
        var breaches = files("server/src/main/resources", ".html")
                .flatMap(file ->
                        breaches(file, OF_A_PAGE.matcher(read(file)).results().map(MatchResult::group)))
                .toList();
        assertThat(breaches).isEmpty();
    }

    @Test
    void noDocumentForPeopleAtTheDeskHoldsOne() {
        var breaches = Stream.of("README.md", "docs/running.md", "docs/checks.md")
                .map(ROOT::resolve)
                .flatMap(file -> breaches(file, read(file).lines()))
                .toList();
        assertThat(breaches).isEmpty();
    }

    @Test
    void noKindSlotOrFigureIsCalledByOne() {
        var labels = Stream.of(
                        Stream.of(Kind.values()).map(Kind::label),
                        Stream.of(Kind.values()).map(Kind::plural),
                        Stream.of(Slot.values()).map(Slot::label),
                        Stream.of(Kind.values())
                                .flatMap(k -> k.schema().fields().stream())
                                .map(Field::label))
                .flatMap(s -> s)
                .distinct()
                .toList();
        assertThat(labels)
                .filteredOn(
                        l -> Stream.concat(LABELS.stream(), PHRASES.stream()).anyMatch(l::equalsIgnoreCase))
                .isEmpty();
        assertThat(breaches(Path.of("labels"), labels.stream())).isEmpty();
    }
}
