package lowfield.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** What one process stores of a finding, another finds again: nothing of it depends on the virtual machine. */
class FingerprintsElsewhereTest {
    /** Another process, which says the fingerprints of the same builds. */
    public static final class Elsewhere {
        public static void main(String[] arguments) {
            System.out.print(said());
        }
    }

    private static String said() {
        var parts = new GeneratedParts(20261205);
        var builds = java.util.stream.Stream.generate(parts::build).limit(20).collect(Collectors.toList());
        builds.add(TestBuild.sound().with(Slot.GRAPHICS_CARD, "length", 311).build());
        return builds.stream()
                .flatMap(b -> Checks.on(b).stream())
                .map(f -> f.check().id() + " " + f.fingerprint())
                .collect(Collectors.joining("\n"));
    }

    @Test
    void anotherProcessSaysTheSame() throws Exception {
        var process = new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Elsewhere.class.getName()))
                .redirectErrorStream(true)
                .start();
        var elsewhere = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(elsewhere).isZero();
        assertThat(elsewhere).isEqualTo(said()).hasLineCount(said().split("\n").length);
    }
}
