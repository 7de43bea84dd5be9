package lowfield.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import lowfield.core.RuleBroken;
import lowfield.core.check.TestBuild;
import lowfield.core.check.rules.Checks;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UsualValuesTest {
    private static UsualValues fans(int low, int usual, int high) {
        return UsualValues.of(Map.of(UsualValue.FAN_WATTS, Span.between(low, usual, high)));
    }

    @Test
    void whatIsNotSaidIsTheStandard() {
        assertThat(UsualValues.STANDARD.of(UsualValue.FAN_WATTS)).isEqualTo(UsualValue.FAN_WATTS.span());
        assertThat(fans(1, 3, 4)).isEqualTo(UsualValues.STANDARD);
        assertThat(fans(1, 3, 5).of(UsualValue.FAN_WATTS).high()).isEqualTo(5);
        assertThat(fans(1, 3, 5).of(UsualValue.PUMP_WATTS)).isEqualTo(UsualValue.PUMP_WATTS.span());
    }

    @ParameterizedTest
    @CsvSource({"4, 3, 5", "1, 6, 5", "-1, 3, 5", "1, 3, 10001"})
    void leastUsualAndGreatestStandInThisOrder(int low, int usual, int high) {
        assertThatThrownBy(() -> fans(low, usual, high))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("usual fan goes from a least");
    }

    /** A guide whose boards draw more than most needs more of a PSU. */
    @Test
    void theChecksGoByTheGuidesOwnValues() {
        var build = TestBuild.sound().build();
        var thirsty = build.assuming(UsualValues.of(Map.of(UsualValue.BOARD_WATTS, Span.between(100, 200, 300))));
        assertThat(Checks.peak(thirsty).watts().value().orElseThrow())
                .isEqualTo(Checks.peak(build).watts().value().orElseThrow() + 170);
        assertThat(thirsty).isNotEqualTo(build);
    }
}
