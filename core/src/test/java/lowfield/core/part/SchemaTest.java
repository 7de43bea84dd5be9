package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import lowfield.core.RuleBroken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SchemaTest {
    @ParameterizedTest
    @EnumSource(Kind.class)
    void everyKindComesBackAsItWasWritten(Kind kind) {
        var random = new Random(kind.ordinal());
        for (int i = 0; i < 50; i++) {
            var map = new HashMap<String, Object>();
            for (var field : kind.schema().fields()) {
                switch (random.nextInt(3)) {
                    case 0 -> map.put(field.name(), Schema.NOT_APPLICABLE);
                    case 1 -> map.put(field.name(), value(field, random));
                    default -> map.remove(field.name());
                }
            }
            assertThat(kind.schema().write(kind.schema().read(map))).isEqualTo(map);
        }
    }

    @Test
    void equalRecordsAreWrittenAlike() {
        var schema = Kind.MOTHERBOARD.schema();
        var ports = java.util.stream.IntStream.range(10, 40)
                .mapToObj(i -> "port " + i)
                .toList();
        var turned = new java.util.ArrayList<>(ports);
        java.util.Collections.reverse(turned);
        var written = schema.write(schema.read(Map.of("rearPorts", turned, "socket", "Moor")));
        assertThat(written.keySet()).containsExactly("socket", "rearPorts");
        assertThat(List.copyOf((Set<?>) written.get("rearPorts"))).isEqualTo(ports);
    }

    private static Object value(Field field, Random random) {
        return switch (field.holds()) {
            case NUMBER -> random.nextInt(field.most() + 1);
            case YES_NO -> random.nextBoolean();
            case TEXT -> "word " + random.nextInt(100);
            case SET -> Set.of("one", "two " + random.nextInt(9));
            case PAIRS -> Map.of("Fennel", "1." + random.nextInt(9), "Tansy", "");
            case ROWS ->
                List.of(
                        row(field.rows().orElseThrow(), random),
                        row(field.rows().orElseThrow(), random));
        };
    }

    private static Map<String, Object> row(Schema schema, Random random) {
        var map = new HashMap<String, Object>();
        schema.fields().forEach(f -> map.put(f.name(), value(f, random)));
        return map;
    }

    @Test
    void figuresInRowsAreBoundedToo() {
        var board = Map.of("driveSlots", List.of(Map.of("name", "first", "generation", 12)));
        assertThatThrownBy(() -> Kind.MOTHERBOARD.schema().read(board))
                .hasMessageContaining("PCIe generation is \"12\"; it must be a whole number from 0 to 9");
        assertThatThrownBy(() -> Kind.MOTHERBOARD.schema().read(Map.of("driveSlots", "two")))
                .hasMessageContaining("a list of up to 200 rows");
        assertThatThrownBy(() -> Kind.MOTHERBOARD.schema().read(Map.of("firmware", List.of("Fennel"))))
                .hasMessageContaining("words with a word each");
    }

    @Test
    void reportsEveryWrongFigureAtOnce() {
        var wrong = Map.<String, Object>of(
                "length", -3, "memory", "eight", "boardPower", 2001, "thickness", 45.5, "colours", "red");
        assertThatThrownBy(() -> Kind.GRAPHICS_CARD.schema().read(wrong))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("length is \"-3\"; it must be a whole number from 0 to 1,000 mm")
                .hasMessageContaining("memory is \"eight\"")
                .hasMessageContaining("board power is \"2001\"")
                .hasMessageContaining("thickness is \"45.5\"")
                .hasMessageContaining("A figure is \"colours\"; it must be one that this kind has");
    }

    @Test
    void overlongTextsAndListsAreRefused() {
        assertThatThrownBy(() -> Kind.GRAPHICS_CARD.schema().read(Map.of("chip", "x".repeat(121))))
                .hasMessageContaining("120 letters");
        assertThatThrownBy(() -> Kind.CASE
                        .schema()
                        .read(Map.of(
                                "formats",
                                java.util.stream.IntStream.range(0, 201).boxed().toList())))
                .hasMessageContaining("200 words");
    }

    @Test
    void theSummarySaysWhatIsKnown() {
        var spec = Kind.GRAPHICS_CARD.schema().read(Map.of("chip", "Vane Five", "memory", 8, "boardPower", 165));
        assertThat(Kind.GRAPHICS_CARD.schema().summary(spec)).isEqualTo("Vane Five · 8 GB · 165 W");
        var board = Kind.MOTHERBOARD.schema().read(Map.of("socket", "Moor", "radio", false));
        assertThat(Kind.MOTHERBOARD.schema().summary(board)).isEqualTo("Moor");
    }

    @Test
    void everyKindHasFiguresWithDistinctNames() {
        assertThat(Arrays.stream(Kind.values()))
                .allSatisfy(kind -> assertThat(kind.schema().fields())
                        .isNotEmpty()
                        .extracting(Field::label)
                        .doesNotHaveDuplicates());
        assertThat(List.of(Kind.values())).extracting(Kind::label).doesNotHaveDuplicates();
    }

    @Test
    void rowsAreSaidShortlyAndWhatIsNoneIsLeftOut() {
        var slots = List.of(
                Map.of("name", "M2_1", "protocols", List.of("NVMe"), "generation", 4, "longest", 80, "takesSata", 0),
                Map.of("name", "M2_2", "protocols", List.of("SATA"), "covered", true, "takesSata", 2, "takesLanes", 4));
        var schema = Kind.MOTHERBOARD.schema();
        var field = schema.field("driveSlots").orElseThrow();
        var figure = schema.figureOf(schema.read(Map.of("driveSlots", slots)), field);
        assertThat(field.worded(figure.value().orElseThrow()))
                .isEqualTo("M2_1 · NVMe · PCIe 4 · up to 80 mm;"
                        + " M2_2 · SATA · under a cover · switches off SATA ports: 2 · takes card lanes: 4");
    }
}
