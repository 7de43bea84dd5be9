package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** How what one part brings in the place of another is said. */
class ReplacementTest {
    private static Part part(Kind kind, Map<String, Object> spec) {
        return new Part(
                UUID.randomUUID(),
                UUID.randomUUID(),
                kind,
                "Made",
                "Made Thing",
                "",
                Release.ON_SALE,
                Optional.empty(),
                Optional.empty(),
                Instant.EPOCH,
                kind.schema().read(spec));
    }

    private static Part kit(int modules, int size) {
        return part(Kind.MEMORY, Map.of("generation", "DDR5", "modules", modules, "moduleSize", size, "speed", 5600));
    }

    @Test
    void ofMemoryTheKitsAreTold() {
        assertThat(Replacement.of(kit(2, 8), kit(2, 16)).gains()).containsExactly("32 GB instead of 16 GB");
        assertThat(Replacement.of(kit(2, 16), kit(2, 8)).losses()).containsExactly("16 GB instead of 32 GB");
    }

    @Test
    void aGenerationIsToldByItsStandard() {
        var slow = part(Kind.DRIVE, Map.of("type", "SSD", "capacity", 1000, "generation", 3));
        var fast = part(Kind.DRIVE, Map.of("type", "SSD", "capacity", 1000, "generation", 4));
        assertThat(Replacement.of(slow, fast).gains()).containsExactly("PCIe 4 instead of PCIe 3");
    }

    @Test
    void whatWasNotKnownIsToldWithItsName() {
        assertThat(Replacement.of(part(Kind.PROCESSOR, Map.of()), part(Kind.PROCESSOR, Map.of("cores", 12)))
                        .gains())
                .containsExactly("12 cores");
    }

    @Test
    void largeDrivesAreToldInTerabytes() {
        var small = part(Kind.DRIVE, Map.of("type", "SSD", "capacity", 500));
        var large = part(Kind.DRIVE, Map.of("type", "SSD", "capacity", 4000));
        assertThat(Replacement.of(small, large).gains()).containsExactly("4 TB instead of 500 GB");
        assertThat(part(Kind.DRIVE, Map.of("capacity", 1500)).summary()).isEqualTo("1.5 TB");
        assertThat(part(Kind.DRIVE, Map.of("capacity", 1024)).summary()).isEqualTo("1024 GB");
    }

    @Test
    void oneThingIsToldAsOne() {
        assertThat(part(Kind.CASE, Map.of("fans", 1)).summary()).isEqualTo("1 fan included");
        assertThat(part(Kind.CASE, Map.of("fans", 2)).summary()).isEqualTo("2 fans included");
    }
}
