package lowfield.core.proofreading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
}
