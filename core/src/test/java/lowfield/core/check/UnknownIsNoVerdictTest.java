package lowfield.core.check;

import static lowfield.core.check.FingerprintsDecideTest.with;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
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
    private static final long[] SEEDS = {20270104, 1, 61};
    private static final int BUILDS = 120;

    /** Figures that another one tells too: either decides, and in a drawn part the two may contradict each other. */
    private static final Set<String> TOLD_TWICE = Set.of(
            "board-format MOTHERBOARD.width",
            "card-power GRAPHICS_CARD.sixteenPinWatts",
            "card-screen GRAPHICS_CARD.outputs",
            "card-screen SCREEN.inputs",
            "card-slots GRAPHICS_CARD.slotsCovered",
            "card-headers GRAPHICS_CARD.slotsCovered",
            "card-length CASE.cardLengthWithRadiator",
            "fan-places COOLER.radiatorThickness",
            "picture MOTHERBOARD.videoOutputs",
            "radiator COOLER.radiatorThickness",
            "radiator-place COOLER.radiatorThickness");

    /**
     * What stands instead is written down in docs/rules.md: the CPU's own limit where the motherboard does not give one, a
     * motherboard that lists the CPU where its VRM is not measured, usual counts of fans and modules in the allowances, the
     * usual share of the 12 V rail.
     */
    private static final Set<String> STANDS_INSTEAD = Set.of(
            "cooler-capacity MOTHERBOARD.cpuPower",
            "power-delivery MOTHERBOARD.cpuPower",
            "power-delivery MOTHERBOARD.powerDelivery",
            "supply-rating CASE.fans",
            "supply-rating FAN.count",
            "supply-rating MEMORY.modules",
            "supply-rating MOTHERBOARD.cpuPower",
            "supply-rating POWER_SUPPLY.rating12V");

    @Test
    void eachDeclaredFigureTakenAway() {
        var wrong = new TreeMap<String, String>();
        var tried = 0;
        for (var seed : SEEDS) {
            var parts = new GeneratedParts(seed);
            for (int i = 0; i < BUILDS; i++) {
                tried += takenFrom(parts.build(), parts, wrong);
            }
        }
        assertThat(tried).isGreaterThan(10_000);
        wrong.keySet().removeAll(TOLD_TWICE);
        wrong.keySet().removeAll(STANDS_INSTEAD);
        assertThat(wrong).isEmpty();
    }

    private static int takenFrom(Build build, GeneratedParts parts, Map<String, String> wrong) {
        var tried = 0;
        for (var line : build.lines()) {
            if (line.choice() instanceof Choice.Chosen chosen) {
                var part = chosen.which();
                for (var figure : part.kind().schema().write(part.spec()).keySet()) {
                    tried += taken(build, line, part, figure, parts, wrong);
                }
            }
        }
        return tried;
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
        var gone = byCheck(checks, build.replacing(with(line, part, figure, null)));
        var tried = 0;
        for (var value : parts.values(part.kind(), figure)) {
            var known = byCheck(checks, build.replacing(with(line, part, figure, value)));
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

    private static Map<String, List<Finding>> byCheck(List<Check> checks, Build build) {
        var context = new BuildContext(build);
        var findings = new ArrayList<Finding>();
        checks.forEach(check -> check.tell(context, findings));
        return findings.stream().collect(Collectors.groupingBy(f -> f.check().id()));
    }
}
