package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a part gives up of what makes another what it is. */
class EquivalenceTest {
    private static List<String> losses(Part present, Part other) {
        return Equivalence.of(present, other).losses().stream()
                .map(Equivalence.Loss::said)
                .toList();
    }

    @Test
    void lessCardMemoryOrAnotherChipIsNoEquivalent() {
        var card = TestBuild.part(Slot.GRAPHICS_CARD, Map.of("chip", "Basalt", "memory", 16, "length", 300));
        var small = TestBuild.part(Slot.GRAPHICS_CARD, Map.of("chip", "Basalt", "memory", 12, "length", 300));
        var other = TestBuild.part(Slot.GRAPHICS_CARD, Map.of("chip", "Mica", "memory", 20, "length", 300));
        assertThat(losses(card, small)).containsExactly("12 GB instead of 16 GB");
        assertThat(losses(card, other)).containsExactly("Mica instead of Basalt");
    }

    @Test
    void whatDoesNotMakeItWhatItIsMayDiffer() {
        var card =
                TestBuild.part(Slot.GRAPHICS_CARD, Map.of("chip", "Basalt", "memory", 16, "length", 300, "noise", 30));
        var loud =
                TestBuild.part(Slot.GRAPHICS_CARD, Map.of("chip", "Basalt", "memory", 16, "length", 330, "noise", 38));
        assertThat(Equivalence.of(card, loud).isWhole()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "80 PLUS Gold, 80 PLUS Platinum, true",
        "80 PLUS Gold, 80 PLUS Gold, true",
        "80 PLUS Gold, 80 PLUS Bronze, false",
    })
    void anEfficiencyClassIsAtLeastAsGood(String had, String has, boolean isWhole) {
        var present = TestBuild.part(Slot.POWER_SUPPLY, Map.of("rating", 650, "efficiency", had, "format", "ATX"));
        var other = TestBuild.part(Slot.POWER_SUPPLY, Map.of("rating", 750, "efficiency", has, "format", "ATX"));
        assertThat(Equivalence.of(present, other).isWhole()).isEqualTo(isWhole);
    }

    @Test
    void whatIsNotKnownIsNoEquivalent() {
        var drive = TestBuild.part(Slot.SYSTEM_DRIVE, Map.of("capacity", 1000, "protocol", "NVMe"));
        var bare = TestBuild.part(Slot.SYSTEM_DRIVE, Map.of("protocol", "NVMe"));
        assertThat(losses(drive, bare))
                .singleElement()
                .asString()
                .contains("not known")
                .contains("before");
        assertThat(losses(bare, drive)).isEmpty();
    }

    @Test
    void aCaseTakesAtLeastTheSameFormFactors() {
        var mini = TestBuild.part(Slot.CASE, Map.of("formats", List.of("mini-ITX")));
        var both = TestBuild.part(Slot.CASE, Map.of("formats", List.of("micro-ATX", "mini-ITX")));
        assertThat(Equivalence.of(mini, both).isWhole()).isTrue();
        assertThat(Equivalence.of(both, mini).isWhole()).isFalse();
    }

    /** Every kind that a build must have says what makes a part of it what it is. */
    @Test
    void everyNeededKindDeclaresWhatItIs() {
        for (var slot : Slot.values()) {
            if (slot.needed()) {
                assertThat(slot.kind().schema().fields()).as(slot.label()).anyMatch(Field::essential);
            }
        }
    }
}
