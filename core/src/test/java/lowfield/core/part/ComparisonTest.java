package lowfield.core.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import lowfield.core.RuleBroken;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** Parts side by side. */
class ComparisonTest {
    private static Part card(Map<String, Object> spec) {
        return TestBuild.part(Slot.GRAPHICS_CARD, spec);
    }

    private static Comparison.Row row(String figure, Part... parts) {
        return Comparison.of(List.of(parts)).rows().stream()
                .filter(r -> r.field().name().equals(figure))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void moreIsBetterWhereItIsAndLessWhereThat() {
        var small = card(Map.of("memory", 8, "boardPower", 160));
        var large = card(Map.of("memory", 12, "boardPower", 200));
        assertThat(row("memory", small, large).better()).containsExactly(1);
        assertThat(row("memory", small, large).cells()).containsExactly("8 GB", "12 GB");
        assertThat(row("boardPower", small, large).better()).containsExactly(0);
    }

    @Test
    void severalCanBeBestAndNoneIsWhereAllAreTheSame() {
        var a = card(Map.of("memory", 8));
        var b = card(Map.of("memory", 12, "length", 240));
        var c = card(Map.of("memory", 12, "length", 241));
        assertThat(row("memory", a, b, c).better()).containsExactly(1, 2);
        assertThat(row("memory", b, c).better()).isEmpty();
        assertThat(row("memory", b, c).differs()).isFalse();
    }

    @Test
    void whatIsNotKnownIsNeitherBetterNorWorse() {
        var known = card(Map.of("memory", 8, "noise", 30));
        var quiet = card(Map.of("memory", 8, "noise", 28));
        var unknown = card(Map.of("memory", 8));
        assertThat(row("noise", known, unknown).better()).isEmpty();
        assertThat(row("noise", known, unknown).cells()).containsExactly("30 dB", "");
        assertThat(row("noise", known, unknown, quiet).better()).containsExactly(2);
    }

    @Test
    void aMatterOfNeedHasNoBetter() {
        var a = card(Map.of("chip", "Vane Five", "sixteenPin", true));
        var b = card(Map.of("chip", "Mica Six", "sixteenPin", "n/a"));
        assertThat(row("chip", a, b).better()).isEmpty();
        assertThat(row("sixteenPin", a, b).cells()).containsExactly("yes", "n/a");
        assertThat(Comparison.of(List.of(a, b)).rows())
                .noneMatch(r -> r.field().name().equals("memory"));
    }

    @Test
    void onlyAFewOfOneKind() {
        var card = card(Map.of("memory", 8));
        assertThatThrownBy(() -> Comparison.of(List.of(card)))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("Two to 4");
        assertThatThrownBy(() -> Comparison.of(List.of(card, TestBuild.part(Slot.CASE, Map.of()))))
                .hasMessageContaining("one kind");
    }
}
