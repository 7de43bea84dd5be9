package lowfield.core.proofreading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.core.part.Kind;
import lowfield.core.proofreading.guard.FigureGuard;
import lowfield.core.proofreading.names.NameIndex;
import lowfield.core.reason.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Texts of forty thousand letters of any kind are read, whatever stands in them. */
class HostileTextTest extends ProofCase {
    private static final Map<String, String> TEXTS = new TreeMap<>(Map.of(
            "capitals", "Abc ",
            "digits", "1",
            "groups", "1.000.",
            "figures", "12 GB, ",
            "prices", "It costs 412.90 EUR and ",
            "names", "Vane Seven and Basalt Five ",
            "brackets", "((([[[{{{",
            "number words", "four hundred and two ",
            "ranges", "1 to 2 to ",
            "comparisons", "cheaper than the Basalt Five, "));

    static Stream<String> texts() {
        return Stream.concat(TEXTS.keySet().stream(), Stream.of("all of them", "no space at all", "line ends"));
    }

    private static String text(String name) {
        var once = switch (name) {
            case "all of them" -> TEXTS.values().stream().collect(Collectors.joining(" "));
            case "no space at all" -> "xY9";
            case "line ends" -> "12 GB\n\n";
            default -> TEXTS.get(name);
        };
        return IntStream.range(0, Reason.LONGEST / once.length())
                .mapToObj(i -> once)
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @MethodSource("texts")
    @Timeout(60)
    void areRead(String name) {
        assertThatCode(() -> assertThat(read(text(name))).isNotNull()).doesNotThrowAnyException();
    }

    /** What is beyond the figures that are read is not held against the data, and that is told. */
    @Test
    void theFirstFiguresAreReadAndTheRestIsTold() {
        var known = "It has 12 GB of memory. ";
        assertThat(read(known.repeat(Reading.MOST)).isWhole()).isTrue();
        var slip = read("It has 16 GB of memory. " + known.repeat(Reading.MOST) + "It has 24 GB of memory.");
        assertThat(slip.isWhole()).isFalse();
        assertThat(slip.slips()).extracting(Slip::written).containsExactly("16 GB");
    }

    /** Thousands of figures, each of which could be any of forty parts' on file. */
    @Test
    @Timeout(60)
    void manyFiguresAmongManyNamedParts() {
        var parts = new ProofContext.Parts().add(Subject.Role.CHOICE, MICA, eur(41_290));
        var named = IntStream.range(0, 40)
                .mapToObj(i -> part(
                        Kind.GRAPHICS_CARD,
                        "Maker%d Family%d Size%d".formatted(i, i, i),
                        Map.of("memory", 8 + i, "boardPower", 200 + i, "length", 240 + i)))
                .toList();
        named.forEach(p -> parts.add(Subject.Role.NAMED, p, eur(30_000)));
        var context = new ProofContext(
                Locale.forLanguageTag("en-IE"), EURO, parts.all(), List.of(), List.of(), new NameIndex(named));
        var names = named.stream().map(p -> "the " + p.name()).collect(Collectors.joining(" and "));
        var text = names + " have " + "9W ".repeat((Reason.LONGEST - names.length() - 10) / 3);
        var reading = new FigureGuard(context).read(text);
        assertThat(reading.isWhole()).isFalse();
        assertThat(reading.slips().size()).isLessThanOrEqualTo(Reading.MOST);
    }
}
