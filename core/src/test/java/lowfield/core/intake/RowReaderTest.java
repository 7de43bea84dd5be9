package lowfield.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.core.part.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rows and pairs from pages that state them; a list of which one item says nothing says nothing. */
class RowReaderTest {
    private static Object read(Kind kind, String label, String text, String field) {
        return new FigureReader(kind, List.of())
                .read("", List.of(new Statement(label, text, "table 1"))).entrySet().stream()
                        .filter(e -> e.getKey().name().equals(field))
                        .map(e -> e.getValue().get(0).value())
                        .findFirst()
                        .orElse("nothing");
    }

    @Test
    void slotsOfAMotherboardAreRows() {
        var text = "2x M.2 2280 PCIe 4.0 x4, 1 x M.2 2242/2260/22110 PCIe 3.0 x4 / SATA";
        var nvme = List.of("NVMe");
        assertThat(read(Kind.MOTHERBOARD, "M.2 slots", text, "driveSlots"))
                .isEqualTo(List.of(
                        Map.of("name", "M2_1", "protocols", nvme, "generation", 4, "longest", 80),
                        Map.of("name", "M2_2", "protocols", nvme, "generation", 4, "longest", 80),
                        Map.of("name", "M2_3", "protocols", List.of("NVMe", "SATA"), "generation", 3, "longest", 110)));
    }

    @Test
    void whatIsReadIsWhatTheCatalogueStores() {
        var rows = read(Kind.MOTHERBOARD, "M.2 slots", "1x M.2 2280 PCIe 5.0 x4", "driveSlots");
        var schema = Kind.MOTHERBOARD.schema();
        assertThat(schema.tried(Map.of("driveSlots", rows)).wrong()).isEmpty();
        var places =
                read(Kind.CASE, "Radiator support", "Front: up to 360 mm; Top: 240/280 mm; Rear: 120 mm", "radiators");
        assertThat(places)
                .isEqualTo(List.of(
                        Map.of("place", "front", "sizes", List.of("360")),
                        Map.of("place", "top", "sizes", List.of("240", "280")),
                        Map.of("place", "rear", "sizes", List.of("120"))));
        assertThat(Kind.CASE.schema().tried(Map.of("radiators", places)).wrong())
                .isEmpty();
    }

    @Test
    void aBiosVersionOfEachFamilyIsAPair() {
        assertThat(read(Kind.MOTHERBOARD, "BIOS version", "Fennel: 1.20; Tansy: 2.01", "firmware"))
                .isEqualTo(Map.of("Fennel", "1.20", "Tansy", "2.01"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "MOTHERBOARD | M.2 slots | 3 | driveSlots",
                "MOTHERBOARD | M.2 slots | 2x M.2 2280 PCIe 4.0 x4, 1x M.2 for Wi-Fi | driveSlots",
                "CASE | Radiator support | up to 360 mm | radiators",
                "CASE | Radiator support | Front: 360 mm; Top: large | radiators",
                "MOTHERBOARD | BIOS version | 1.20 | firmware"
            })
    void halfAListIsNone(Kind kind, String label, String text, String field) {
        assertThat(read(kind, label, text, field)).isEqualTo("nothing");
    }
}
