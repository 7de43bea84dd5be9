package lowfield.core.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import lowfield.core.check.TestBuild;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrawTest {
    private static Draw draw(Build build) {
        return Draw.of(build, Checks.peak(build));
    }

    /** Card 165, processor 88, the rest 58: 0.95 x 165 + 0.45 x 88 = 196.35, 0.45 x 165 + 0.95 x 88 = 157.85. */
    @Test
    void gamingIsARangeOverWhichSideLimits() {
        var draw = draw(TestBuild.sound().build());
        assertThat(draw.gaming()).contains(new Draw.Watts(164 + 56, 196 + 56));
        assertThat(draw.headroom()).contains(550 - 309);
        assertThat(draw.idle()).isEqualTo(56 / 2 + 12 + 15);
    }

    @Test
    void gamingIsNotKnownWithoutTheMainFigures() {
        var draw =
                draw(TestBuild.sound().without(Slot.GRAPHICS_CARD, "boardPower").build());
        assertThat(draw.gaming()).isEmpty();
        assertThat(draw.headroom()).isEmpty();
        assertThat(draw.year(3, 2)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"20, 0.90", "35, 0.91", "50, 0.92", "75, 0.905", "100, 0.89"})
    void efficiencyFollowsItsClassBetweenThePoints(double load, double share) {
        var gold = draw(TestBuild.sound()
                        .with(Slot.POWER_SUPPLY, "efficiency", "80 PLUS Gold")
                        .build())
                .supply()
                .orElseThrow();
        assertThat(gold.efficiency().orElseThrow().at(load).orElseThrow()).isCloseTo(share, within(1e-9));
        assertThat(gold.efficiency().orElseThrow().at(19.9)).isEqualTo(OptionalDouble.empty());
        assertThat(gold.efficiency().orElseThrow().at(100.1)).isEqualTo(OptionalDouble.empty());
    }

    @Test
    void theSuppliesOwnReportComesFirst() {
        var reported = TestBuild.sound()
                .with(Slot.POWER_SUPPLY, "efficiency", "80 PLUS Gold")
                .with(Slot.POWER_SUPPLY, "efficiency20", 91)
                .with(Slot.POWER_SUPPLY, "efficiency50", 93)
                .with(Slot.POWER_SUPPLY, "efficiency100", 90);
        assertThat(draw(reported.build()).supply().orElseThrow().efficiency(275))
                .hasValue(0.93);
        assertThat(draw(TestBuild.sound().build()).supply().orElseThrow().efficiency(275))
                .isEmpty();
    }

    /** Middle of gaming 236 W at 42.9% of 550 W: 90 + 2 x 22.9 / 30 = 91.53%; 3 h x 236 / 0.9153 = 774 Wh a day, 282 kWh a year. */
    @Test
    void aYearOfPlay() {
        var draw = draw(TestBuild.sound()
                .with(Slot.POWER_SUPPLY, "efficiency", "80 PLUS Gold")
                .build());
        assertThat(draw.year(3, 0)).contains(new Draw.Year(282, true));
        assertThat(draw.year(3, 2).orElseThrow().promised()).isFalse();
    }
}
