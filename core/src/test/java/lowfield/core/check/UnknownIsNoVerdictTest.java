package lowfield.core.check;

import static lowfield.core.check.FingerprintsDecideTest.with;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/**
 * Taking away a figure that a check declares leaves it unknown, or what it would say for every value the figure may have, or
 * a verdict on a documented usual value that says so. A figure that nobody knows is never the best case, nor the worst.
 */
class UnknownIsNoVerdictTest {
    private static final int BUILDS = 120;

    /** Figures that another one tells too: either decides, and in a drawn part the two may contradict each other. */
    private static final Set<String> TOLD_TWICE = Set.of(
            "board-format MOTHERBOARD.width",
            "card-power GRAPHICS_CARD.sixteenPinWatts",
            "card-screen GRAPHICS_CARD.outputs",
            "card-screen SCREEN.inputs",
            "card-slots GRAPHICS_CARD.slotsCovered",
            "card-headers GRAPHICS_CARD.slotsCovered");

    @Test
    void eachDeclaredFigureTakenAway() {
        var parts = new GeneratedParts(20270104);
        var wrong = new TreeMap<String, String>();
        var tried = 0;
        for (int i = 0; i < BUILDS; i++) {
            var build = parts.build();
            for (var line : build.lines()) {
                if (!(line.choice() instanceof Choice.Chosen chosen)) {
                    continue;
                }
                var spec = chosen.which().kind().schema().write(chosen.which().spec());
                for (var figure : spec.keySet()) {
                    tried += taken(build, line, chosen.which(), figure, parts, wrong);
                }
            }
        }
        assertThat(tried).isGreaterThan(1_000);
        wrong.keySet().removeAll(TOLD_TWICE);
        assertThat(wrong).isEmpty();
    }

    private static int taken(
            Build build, Line line, Part part, String figure, GeneratedParts parts, Map<String, String> wrong) {
        var checks = Checks.all().stream()
                .filter(c -> c.reads().stream()
                        .anyMatch(r -> r.kind() == part.kind() && r.field().equals(figure) && !r.onlyWhereSo()))
                .toList();
        if (checks.isEmpty()) {
            return 0;
        }
        var gone = byCheck(build.replacing(with(line, part, figure, null)));
        var tried = 0;
        for (var value : parts.values(part.kind(), figure)) {
            var known = byCheck(build.replacing(with(line, part, figure, value)));
            for (var check : checks) {
                tried++;
                var unknown = gone.getOrDefault(check.id(), List.of());
                var said = known.getOrDefault(check.id(), List.of());
                if (!openTo(unknown) && !openTo(said) && !verdicts(unknown).equals(verdicts(said))) {
                    wrong.putIfAbsent(
                            check.id() + " " + part.kind() + "." + figure,
                            "unknown " + unknown + ", " + value + " " + said);
                }
            }
        }
        return tried;
    }

    private static boolean openTo(List<Finding> findings) {
        return findings.stream().anyMatch(f -> f.verdict() == Verdict.NOT_KNOWN || f.onUsualValue());
    }

    private static List<Verdict> verdicts(List<Finding> findings) {
        return findings.stream()
                .map(Finding::verdict)
                .filter(Verdict::isTrouble)
                .sorted()
                .toList();
    }

    private static Map<String, List<Finding>> byCheck(Build build) {
        return Checks.on(build).stream()
                .collect(Collectors.groupingBy(f -> f.check().id()));
    }
}
