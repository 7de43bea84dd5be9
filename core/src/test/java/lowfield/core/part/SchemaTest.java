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

    private static Object value(Schema.Field field, Random random) {
        return switch (field.holds()) {
            case NUMBER -> random.nextInt(field.most() + 1);
            case YES_NO -> random.nextBoolean();
            case TEXT -> "word " + random.nextInt(100);
            case SET -> Set.of("one", "two " + random.nextInt(9));
        };
    }

    @Test
    void reportsEveryWrongFigureAtOnce() {
        var wrong = Map.<String, Object>of(
                "length", -3, "memory", "eight", "boardPower", 2001, "thickness", 45.5, "colour", "red");
        assertThatThrownBy(() -> Kind.GRAPHICS_CARD.schema().read(wrong))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("length is \"-3\"; it must be a whole number from 0 to 1,000 mm")
                .hasMessageContaining("memory is \"eight\"")
                .hasMessageContaining("board power is \"2001\"")
                .hasMessageContaining("thickness is \"45.5\"")
                .hasMessageContaining("There is no figure \"colour\"");
    }

    @Test
    void overlongTextsAndListsAreRefused() {
        assertThatThrownBy(() -> Kind.GRAPHICS_CARD.schema().read(Map.of("chip", "x".repeat(121))))
                .hasMessageContaining("120 letters");
        assertThatThrownBy(() -> Kind.CASE
                        .schema()
                        .read(Map.of(
                                "formats",
                                java.util.stream.IntStream.range(0, 41).boxed().toList())))
                .hasMessageContaining("40 words");
    }

    @Test
    void theSummarySaysWhatIsKnown() {
        var spec = Kind.GRAPHICS_CARD
                .schema()
                .read(Map.of("chip", "Vane Five", "memory", 8, "boardPower", 165, "lanes", 8));
        assertThat(Kind.GRAPHICS_CARD.schema().summary(spec)).isEqualTo("Vane Five · 8 GB · 165 W · 8 lanes");
        var board = Kind.MOTHERBOARD.schema().read(Map.of("socket", "Moor", "radio", false));
        assertThat(Kind.MOTHERBOARD.schema().summary(board)).isEqualTo("Moor");
    }

    @Test
    void everyKindHasFiguresWithDistinctNames() {
        assertThat(Arrays.stream(Kind.values()))
                .allSatisfy(kind -> assertThat(kind.schema().fields())
                        .isNotEmpty()
                        .extracting(Schema.Field::label)
                        .doesNotHaveDuplicates());
        assertThat(List.of(Kind.values())).extracting(Kind::label).doesNotHaveDuplicates();
    }
}
