package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** How what one part brings in the place of another is said. */
class ReplacementTest {
    private static Part kit(int modules, int size) {
        return TestBuild.part(
                Slot.MEMORY, Map.of("generation", "DDR5", "modules", modules, "moduleSize", size, "speed", 5600));
    }

    @Test
    void ofMemoryTheKitsAreTold() {
        assertThat(Replacement.of(kit(2, 8), kit(2, 16)).gains()).containsExactly("32 GB instead of 16 GB");
        assertThat(Replacement.of(kit(2, 16), kit(2, 8)).losses()).containsExactly("16 GB instead of 32 GB");
    }

    @Test
    void aGenerationIsToldByItsStandard() {
        var slow = TestBuild.part(Slot.SYSTEM_DRIVE, Map.of("type", "SSD", "capacity", 1000, "generation", 3));
        var fast = TestBuild.part(Slot.SYSTEM_DRIVE, Map.of("type", "SSD", "capacity", 1000, "generation", 4));
        assertThat(Replacement.of(slow, fast).gains()).containsExactly("PCIe 4 instead of PCIe 3");
    }

    @Test
    void whatWasNotKnownIsToldWithItsName() {
        assertThat(Replacement.of(
                                TestBuild.part(Slot.PROCESSOR, Map.of()),
                                TestBuild.part(Slot.PROCESSOR, Map.of("cores", 12)))
                        .gains())
                .containsExactly("12 cores");
    }

    @Test
    void largeDrivesAreToldInTerabytes() {
        var small = TestBuild.part(Slot.SYSTEM_DRIVE, Map.of("type", "SSD", "capacity", 500));
        var large = TestBuild.part(Slot.SYSTEM_DRIVE, Map.of("type", "SSD", "capacity", 4000));
        assertThat(Replacement.of(small, large).gains()).containsExactly("4 TB instead of 500 GB");
        assertThat(TestBuild.part(Slot.SYSTEM_DRIVE, Map.of("capacity", 1500)).summary())
                .isEqualTo("1.5 TB");
        assertThat(TestBuild.part(Slot.SYSTEM_DRIVE, Map.of("capacity", 1024)).summary())
                .isEqualTo("1024 GB");
    }

    @Test
    void oneThingIsToldAsOne() {
        assertThat(TestBuild.part(Slot.CASE, Map.of("fans", 1)).summary()).isEqualTo("1 fan included");
        assertThat(TestBuild.part(Slot.CASE, Map.of("fans", 2)).summary()).isEqualTo("2 fans included");
    }

    /** A feature is had or not; it is told by its name. */
    @Test
    void aFeatureIsGainedOrLost() {
        var with = TestBuild.like(Slot.PROCESSOR, "graphics", true);
        var without = TestBuild.like(Slot.PROCESSOR, "graphics", false);
        assertThat(Replacement.of(with, without).losses()).containsExactly("no integrated graphics");
        assertThat(Replacement.of(with, without).changes()).isEmpty();
        assertThat(Replacement.of(without, with).gains()).containsExactly("integrated graphics");
        assertThat(Replacement.of(without, with).losses()).isEmpty();
    }
}
