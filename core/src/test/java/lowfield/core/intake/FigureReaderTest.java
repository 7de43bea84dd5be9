package lowfield.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lowfield.core.part.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is read of a part, and what is left unread because it says nothing certain. */
class FigureReaderTest {
    private static final List<String> CHIPS = List.of("Vane Five", "Vane", "Mica Six");

    private static Map<String, List<Object>> read(Kind kind, String name, Statement... statements) {
        return new FigureReader(kind, CHIPS)
                .read(name, List.of(statements)).entrySet().stream()
                        .collect(Collectors.toMap(
                                e -> e.getKey().name(),
                                e -> e.getValue().stream()
                                        .map(ReadFigure::value)
                                        .distinct()
                                        .toList()));
    }

    private static Map<String, List<Object>> table(Kind kind, String label, String text) {
        return read(kind, "", new Statement(label, text, "table 1"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            CASE          | Max. GPU length           | 345 mm (13.6 in)   | cardLength        | 345
            CASE          | Max. GPU Length           | 34.5 cm            | cardLength        | 345
            CASE          | GPU clearance (cm)        | 34.5               | cardLength        | 345
            CASE          | CPU cooler height         | 6.5"               | coolerHeight      | 165
            CASE          | CPU cooler height         | 165.9 mm           | coolerHeight      | 165
            CASE          | CPU cooler height         | 6.69 in            | coolerHeight      | 170
            GRAPHICS_CARD | Card thickness            | 2.05 in            | thickness         | 52
            CASE          | Volume                    | 44 litres          | volume            | 44
            CASE          | 3.5" Drive Bays           | 2 (removable)      | bays35            | 2
            GRAPHICS_CARD | Length                    | 242.4 mm           | length            | 243
            GRAPHICS_CARD | Recommended PSU           | 650 Watt           | recommendedSupply | 650
            GRAPHICS_CARD | Memory Size               | 16GB               | memory            | 16
            GRAPHICS_CARD | Weight                    | 1.2 kg             | weight            | 1200
            GRAPHICS_CARD | Bus type                  | PCI Express 4.0    | generation        | 4
            GRAPHICS_CARD | Power connectors          | 2x 8-pin           | eightPins         | 2
            GRAPHICS_CARD | 8-pin power connectors    | 2                  | eightPins         | 2
            CASE          | Maximum length of the graphics card | 345 mm   | cardLength        | 345
            DRIVE         | Sequential read           | up to 7,100 MB/s   | read              | 7100
            DRIVE         | PCI Express version       | 4.0                | generation        | 4
            PROCESSOR     | Max. boost clock          | 5.4 GHz            | boost             | 5400
            PROCESSOR     | TDP                       | 105W               | nominal           | 105
            DRIVE         | Capacity                  | 2 TB               | capacity          | 2000
            DRIVE         | TBW                       | 1.2 PB             | endurance         | 1200
            DRIVE         | Sequential read           | 7.1 GB/s           | read              | 7100
            POWER_SUPPLY  | Wattage                   | 1.2 kW             | rating            | 1200
            POWER_SUPPLY  | SATA connectors           | 8x                 | sataPlugs         | 8
            POWER_SUPPLY  | Warranty                  | 120 months         | warranty          | 10
            MOTHERBOARD   | DIMM slots                | 4                  | memorySlots       | 4
            MOTHERBOARD   | Max. memory               | 256 GB             | memoryMost        | 256
            """)
    void numbersComeInTheUnitOfTheirFigure(Kind kind, String label, String text, String field, int value) {
        assertThat(table(kind, label, text)).containsEntry(field, List.of(value));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            POWER_SUPPLY  | Efficiency      | 80+ Gold certified     | efficiency       | 80 PLUS Gold
            POWER_SUPPLY  | Modularity      | Fully modular          | cables           | modular
            POWER_SUPPLY  | Modular         | Non-modular            | cables           | fixed
            POWER_SUPPLY  | ATX version     | 3.1                    | standard         | ATX 3.1
            MOTHERBOARD   | Form factor     | Micro ATX              | format           | micro-ATX
            MEMORY        | Type            | DDR5 UDIMM             | generation       | DDR5
            DRIVE         | Form factor     | M.2 (2280)             | shape            | M.2 2280
            DRIVE         | Flash           | 3D TLC NAND            | cells            | TLC
            DRIVE         | Interface       | PCIe 4.0 x4, NVMe 1.4  | protocol         | NVMe
            CASE          | Colour          | Matte Black            | colour           | black
            SCREEN        | Resolution      | 2560x1440 (QHD)        | resolution       | 2560 x 1440
            """)
    void wordsBecomeTheOnesThatChecksKnow(Kind kind, String label, String text, String field, String value) {
        assertThat(table(kind, label, text)).containsEntry(field, List.of(value));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            CASE          | Max. GPU length      | 310 - 345 mm
            CASE          | Max. GPU length      | 310 mm / 345 mm
            CASE          | Max. GPU length      | long
            CASE          | Max. GPU length      | 0 mm
            CASE          | Max. GPU length      | 99999 mm
            CASE          | Max. GPU length      | 345 W
            CASE          | GPU length tested    | 345 mm
            CASE          | Colour               | black or white
            GRAPHICS_CARD | Memory size          | 8 GB / 16 GB
            PROCESSOR     | Cores                | 8P + 16E
            PROCESSOR     | Unlocked             | depends on the motherboard
            POWER_SUPPLY  | Efficiency           | very high
            DRIVE         | Capacity             | 1,234 GB
            GRAPHICS_CARD | Weight               | 1,234 kg
            DRIVE         | Interface            | SAS
            """)
    void whatSaysNothingCertainIsNotRead(Kind kind, String label, String text) {
        assertThat(table(kind, label, text)).isEmpty();
    }

    @Test
    void aNameTellsWhatItSays() {
        assertThat(read(Kind.MEMORY, "Slate 2x24 GB DDR5-5600 CL36 RGB white"))
                .containsEntry("modules", List.of(2))
                .containsEntry("moduleSize", List.of(24))
                .containsEntry("generation", List.of("DDR5"))
                .containsEntry("speed", List.of(5600))
                .containsEntry("latency", List.of(36))
                .containsEntry("lit", List.of(true))
                .containsEntry("colour", List.of("white"));
        assertThat(read(Kind.POWER_SUPPLY, "Ridge 650 W 80 PLUS Platinum semi-modular"))
                .containsEntry("rating", List.of(650))
                .containsEntry("efficiency", List.of("80 PLUS Platinum"))
                .containsEntry("cables", List.of("semi-modular"));
        assertThat(read(Kind.DRIVE, "Beck M.2 2242 PCIe 4.0 1 TB"))
                .containsEntry("shape", List.of("M.2 2242"))
                .containsEntry("generation", List.of(4))
                .doesNotContainKey("protocol")
                .containsEntry("capacity", List.of(1000));
        assertThat(read(Kind.GRAPHICS_CARD, "Lune Vane Five 8 GB short"))
                .containsEntry("chip", List.of("Vane Five"))
                .containsEntry("memory", List.of(8));
        assertThat(read(Kind.PROCESSOR, "Fennel 6-core, 12 threads, socket Fen"))
                .containsEntry("cores", List.of(6))
                .containsEntry("threads", List.of(12))
                .containsEntry("socket", List.of("Fen"));
        assertThat(read(Kind.PROCESSOR, "Fennel 8C/16T 5.1 GHz"))
                .containsEntry("cores", List.of(8))
                .containsEntry("threads", List.of(16))
                .doesNotContainKey("boost");
        assertThat(read(Kind.COOLER, "Mere 280 mm AIO")).containsEntry("radiator", List.of(280));
    }

    @Test
    void nameAndTableThatDisagreeStandSideBySide() {
        var read = read(Kind.GRAPHICS_CARD, "Vane Five 8 GB", new Statement("Memory size", "16 GB", "table 1"));
        assertThat(read.get("memory")).containsExactly(16, 8);
    }

    @Test
    void aCaseTakesSeveralFormFactors() {
        assertThat(table(Kind.CASE, "Motherboard support", "E-ATX, ATX, Micro-ATX, Mini-ITX"))
                .containsEntry("formats", List.of(Set.of("E-ATX", "ATX", "micro-ATX", "mini-ITX")));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            CPU coolers                | Stillmoor 120 Tower              | COOLER
            Components > Case fans     | Stillmoor 120 Fan                | FAN
            ''                         | Kelder 650 W 80 PLUS Gold        | POWER_SUPPLY
            ''                         | Slate 2 x 8 GB DDR5-5600         | MEMORY
            ''                         | Beck 1 TB NVMe SSD               | DRIVE
            Desktop processors         | Aldane Fennel Six                | PROCESSOR
            ''                         | Byre M                           |
            """)
    void theKindIsToldByCategoryOrName(String category, String name, Kind kind) {
        assertThat(KindGuess.of(category, name).orElse(null)).isEqualTo(kind);
    }
}
