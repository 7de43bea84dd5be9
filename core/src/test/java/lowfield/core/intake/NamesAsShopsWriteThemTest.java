package lowfield.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lowfield.core.part.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Figures in names of cases, coolers, fans, monitors and motherboards, decimals, and what only is for a part. */
class NamesAsShopsWriteThemTest {
    private static String read(Kind kind, String name, String field) {
        return new FigureReader(kind, List.of())
                .read(name, List.of()).entrySet().stream()
                        .filter(e -> e.getKey().name().equals(field))
                        .map(e -> e.getValue().get(0).value().toString())
                        .findFirst()
                        .orElse("");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DRIVE | Drumlin Force Pro 1.92TB U.2 NVMe SSD | capacity | 1920",
                "DRIVE | Drumlin Beck 2TB NVMe (up to 7,100 MB/s) | capacity | 2000",
                "POWER_SUPPLY | Kelder Fell 0.85 kW 80+ Gold PSU | rating | 850",
                "CASE | Hollowell Byre M Micro ATX Tower Case, black | formats | [micro-ATX]",
                "CASE | Hollowell Hall ATX case, GPU up to 400 mm, CPU cooler up to 175 mm | cardLength | 400",
                "CASE | Hollowell Hall ATX case, GPU up to 400 mm, CPU cooler up to 175 mm | coolerHeight | 175",
                "CASE | Hollowell Barn 2 ATX tower, 360 mm radiator support | cardLength | ''",
                "COOLER | Stillmoor Gust 120 CPU air cooler, 154 mm high | height | 154",
                "COOLER | Stillmoor Gust 120 CPU air cooler, 154 mm high | type | air",
                "COOLER | Stillmoor Fjord 360 AIO liquid cooler | radiator | 360",
                "FAN | Stillmoor Breeze 140mm PWM fan 1500 RPM, 3-pack | count | 3",
                "FAN | Stillmoor Breeze 140mm PWM fan 1500 RPM, 3-pack | size | 140",
                "SCREEN | Lune Vista 31.5 inch 4K UHD 144 Hz monitor | diagonal | 32",
                "SCREEN | Lune Vista 27 inch QHD 165Hz monitor | resolution | 2560 x 1440",
                "MOTHERBOARD | Ostrand Shoal ATX mainboard DDR4 4 DIMM slots | memorySlots | 4"
            })
    void isReadAsOneFigure(Kind kind, String name, String field, String value) {
        assertThat(read(kind, name, field)).isEqualTo(value == null ? "" : value);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Bracket for Merrowby Vane Seven graphics card, black",
                "Enclosure for M.2 NVMe SSD, USB-C 10 Gbit/s",
                "Mounting kit for Stillmoor CPU coolers",
                "Riser cable for graphics cards PCIe 4.0 x16 20 cm"
            })
    void whatIsForAPartIsNotThatPart(String name) {
        assertThat(KindGuess.of("", name)).isEmpty();
        for (var kind : List.of(Kind.GRAPHICS_CARD, Kind.DRIVE, Kind.COOLER)) {
            assertThat(new FigureReader(kind, List.of()).read(name, List.of())).isEmpty();
        }
    }

    @Test
    void aCaseIsNoCoolerForItsRoom() {
        assertThat(KindGuess.of("", "Hollowell Hall ATX PC case, CPU cooler up to 175 mm"))
                .contains(Kind.CASE);
    }
}
