package lowfield.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** Whatever a list holds, it is read with 32 MB of heap for everything, to an end that can be told. */
class HostileListsTest {
    private static final Map<String, String> SAID = Map.ofEntries(
            Map.entry(
                    "empty arrays",
                    "500000 lines; 500000 times: an offer has no price; the list has more than 500,000 lines"),
            Map.entry(
                    "empty objects",
                    "500000 lines; 500000 times: an offer has no price; the list has more than 500,000 lines"),
            Map.entry("long number", "too long"),
            Map.entry("long text", "too long"),
            Map.entry("long name", "too long"),
            Map.entry("many names", "the list is broken JSON"),
            Map.entry("deep", "there is no list of items|nests too deep"),
            Map.entry("no array", "there is no list of items at \"the top\""),
            Map.entry("one line", "a line of the list is longer than 200,000 letters"),
            Map.entry("one header", "a line of the list is longer than 200,000 letters"),
            Map.entry("never closed", "a line of the list is longer than 200,000 letters"),
            Map.entry("many lines", "500000 lines; the list has more than 500,000 lines; the rest was not read"),
            Map.entry("xml attribute", "a part of the list is longer than 1,000,000 letters"),
            Map.entry("xml comment", "a part of the list is longer than 1,000,000 letters"),
            Map.entry("xml instruction", "a part of the list is longer than 1,000,000 letters"),
            Map.entry("xml cdata", "too long|longer than"),
            Map.entry("xml names", "too many different names"),
            Map.entry("xml attribute names", "too many different names"),
            Map.entry("xml attributes", "broken XML|longer than"),
            Map.entry("xml depth", "nests too deep"),
            Map.entry("xml items", "500000 lines"),
            Map.entry("blank lines", "longer than 200,000 letters|no lines"));

    @Test
    void noListIsTooMuchForASmallHeap() throws Exception {
        var process = new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx32m",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        HostileLists.class.getName()))
                .redirectErrorStream(true)
                .start();
        var said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(180, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as(said).isZero();
        SAID.forEach((name, sentence) -> assertThat(said.lines().filter(l -> l.startsWith(name + ": ")))
                .as(said)
                .singleElement()
                .satisfies(l -> assertThat(l).containsPattern(sentence)));
    }
}
