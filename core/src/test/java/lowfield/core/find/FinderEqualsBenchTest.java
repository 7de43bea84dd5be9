package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.check.Finding;
import lowfield.core.check.TestBuild;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.check.rules.SetMembers;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/**
 * What the finder says of a candidate, alone and with what it forces, is what the bench says after exactly those steps: over
 * generated catalogues and builds from a fixed seed, both ways.
 */
class FinderEqualsBenchTest extends SwapGeneratorCase {
    private static final int LEAST = 20;

    /** What the bench says of a build. */
    private static List<Finding> bench(Build build) {
        var own = Checks.on(build);
        return Stream.concat(own.stream(), SetMembers.on(build, own, FinderEqualsBenchTest::isAvailable).stream())
                .toList();
    }

    /** The build with vetted sets of three in place of some choices. */
    private Build withSets(Build build) {
        var changed = build;
        for (var line : build.lines()) {
            if (line.choice() instanceof Choice.Chosen chosen && parts.random().nextInt(4) == 0) {
                var others = forSale.get(line.slot().kind()).stream()
                        .filter(p -> !p.equals(chosen.which()))
                        .limit(2);
                var set = Choice.VettedSet.of(
                        Stream.concat(Stream.of(chosen.which()), others).toList(), ZERO, p -> Optional.empty());
                changed = changed.replacing(line.with(set));
            }
        }
        return changed;
    }

    @Test
    void everySwapInEverySlot() {
        var setsTold = 0;
        var chains = new TreeMap<Integer, Integer>();
        var swaps = new EnumMap<Slot, Integer>(Slot.class);
        for (int i = 0; i < 900; i++) {
            var plain = i % 3 == 0 ? TestBuild.sound().build() : parts.build();
            var build = i % 5 == 0 ? withSets(plain) : plain;
            var before = bench(build);
            for (var line : build.lines()) {
                var candidate =
                        forSale.get(line.slot().kind()).get(parts.random().nextInt(14));
                var impact = impacts(build, before, line.id()).of(candidate);
                var after = build.taking(line.id(), candidate);
                holds(before, after, line.id(), impact.alone());
                var forced = after;
                for (var change : impact.forced()) {
                    forced = taking(forced, change.slot(), change.part());
                }
                holds(before, forced, line.id(), impact.effect());
                if (!impact.forced().isEmpty()) {
                    assertThat(impact.effect().clashes()).isEmpty();
                    // What is unknown stands beside the candidate, and no further part brings more of it.
                    assertThat(impact.effect().undecided())
                            .map(f -> f.check() + " " + f.gap())
                            .isSubsetOf(Stream.concat(before.stream(), impact.alone().findings().stream())
                                    .map(f -> f.check() + " " + f.gap())
                                    .toList());
                }
                chains.merge(impact.forcesTooMuch() ? -1 : impact.forced().size(), 1, Integer::sum);
                swaps.merge(line.slot(), 1, Integer::sum);
                setsTold += impact.alone().findings().stream()
                                .anyMatch(f -> f.check().id().equals("set-members"))
                        ? 1
                        : 0;
            }
        }
        assertThat(setsTold).isGreaterThanOrEqualTo(LEAST);
        assertThat(swaps.keySet()).containsExactly(Slot.values());
        assertThat(swaps.values()).allMatch(n -> n >= LEAST);
        for (var length : List.of(-1, 0, 1, 2)) {
            assertThat(chains.getOrDefault(length, 0)).as("%s", chains).isGreaterThanOrEqualTo(LEAST);
        }
        assertThat(chains.getOrDefault(3, 0)).as("%s", chains).isPositive();
    }

    /** A CPU for another socket takes motherboard, memory, cooler and PSU along; of many prices always the cheapest four. */
    @Test
    void chainsOfFour() {
        for (int i = 0; i < 25; i++) {
            var cheapest = new EnumMap<Slot, Part>(Slot.class);
            forSale.clear();
            for (var slot : List.of(Slot.MOTHERBOARD, Slot.MEMORY, Slot.COOLER, Slot.POWER_SUPPLY, Slot.CASE)) {
                var fitting = new ArrayList<Part>();
                for (int n = 0; n < 3; n++) {
                    fitting.add(priced(20 + parts.random().nextInt(400), platform(slot, n)));
                }
                fitting.sort(Comparator.comparing(p -> prices.get(p.id())));
                cheapest.put(slot, fitting.get(0));
                forSale.put(slot.kind(), fitting);
            }
            var build = TestBuild.sound().build();
            var before = Checks.on(build);
            var line = build.filled(Slot.PROCESSOR).get(0).id();
            var impact = impacts(build, before, line).of(platform(Slot.PROCESSOR, 0));
            assertThat(impact.forced())
                    .hasSize(4)
                    .allSatisfy(f -> assertThat(f.part()).isEqualTo(cheapest.get(f.slot())));
            var after = build.taking(line, impact.part());
            for (var change : impact.forced()) {
                after = taking(after, change.slot(), change.part());
            }
            holds(before, after, line, impact.effect());
        }
    }

    /** Parts of the other platform, told apart by a figure that decides nothing. */
    private static Part platform(Slot slot, int number) {
        return switch (slot) {
            case PROCESSOR -> TestBuild.like(slot, "socket", "Delta", "family", "Silt", "limit", 250);
            case MOTHERBOARD ->
                TestBuild.like(
                        slot,
                        "socket",
                        "Delta",
                        "firmware",
                        Map.of("Silt", ""),
                        "memoryGeneration",
                        "DDR4",
                        "powerDelivery",
                        300,
                        "warranty",
                        number);
            case MEMORY -> TestBuild.like(slot, "generation", "DDR4", "warranty", number);
            case COOLER -> TestBuild.like(slot, "sockets", List.of("Delta"), "capacity", 300, "warranty", number);
            case POWER_SUPPLY -> TestBuild.like(slot, "rating", 850, "warranty", number);
            default -> TestBuild.like(slot, "volume", 30 + number);
        };
    }

    /** Everything that the bench says after the steps and did not before, or that touches the line, and nothing else. */
    private static void holds(List<Finding> before, Build after, UUID line, Impact said) {
        var bench =
                bench(after).stream().filter(f -> f.verdict() != Verdict.FITS).toList();
        for (var finding : bench) {
            var isSaid = said.findings().stream().anyMatch(finding::equalTo);
            var wasThere = before.stream().anyMatch(finding::equalTo);
            assertThat(isSaid || wasThere)
                    .as("the finder is silent about %s", finding)
                    .isTrue();
            assertThat(isSaid || !finding.touches(line))
                    .as("the finder is silent about %s", finding)
                    .isTrue();
        }
        for (var finding : said.findings()) {
            assertThat(bench).as("the bench says nothing of %s", finding).anyMatch(finding::equalTo);
        }
    }

    private static Build taking(Build build, Slot slot, Part part) {
        return build.lines().stream()
                .filter(l -> l.slot() == slot)
                .findFirst()
                .map(l -> build.taking(l.id(), part))
                .orElseGet(() -> build.adding(new Line(
                        UUID.nameUUIDFromBytes(slot.name().getBytes()), slot, new Choice.Chosen(part), 1, true)));
    }
}
