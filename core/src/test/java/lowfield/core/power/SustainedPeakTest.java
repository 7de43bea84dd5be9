package lowfield.core.power;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lowfield.core.check.TestBuild;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SustainedPeakTest {
    @Test
    void addsUpItsShares() {
        // graphics card 165 + CPU 88 + motherboard 30 and a tenth of the CPU + two modules 8 + SSD 7 + one case fan 3
        var peak = Checks.peak(TestBuild.sound().build());
        assertThat(peak.watts()).isEqualTo(Figure.of(309));
        assertThat(peak.shares().stream().mapToInt(SustainedPeak.Share::watts).sum())
                .isEqualTo(309);
    }

    @ParameterizedTest
    @CsvSource({"165, 400", "189, 400", "190, 450", "450, 750", "1500, 2000"})
    void theRatingIsTheNextSizeSoldAboveAFifthMore(int card, int rating) {
        // 144 W beside the card: (189 + 144) x 1.2 = 399.6, (190 + 144) x 1.2 = 400.8
        assertThat(Checks.peak(TestBuild.sound()
                                .with(Slot.GRAPHICS_CARD, "boardPower", card)
                                .build())
                        .neededRating())
                .isEqualTo(Figure.of(rating));
    }

    @Test
    void isNotKnownWithoutTheMainFigures() {
        var peak =
                Checks.peak(TestBuild.sound().without(Slot.PROCESSOR, "limit").build());
        assertThat(peak.watts().isKnown()).isFalse();
        assertThat(peak.missing()).containsExactly("maximum power of Test CPU");
    }

    @Test
    void isNotKnownBeforeProcessorAndCardAreChosen() {
        var nothing = Checks.peak(new Build(List.of()));
        assertThat(nothing.watts().isKnown()).isFalse();
        assertThat(nothing.missing())
                .containsExactly("the CPU, which is not chosen", "the graphics card, which is not chosen");
    }

    @Test
    void aCardLeftOutOnPurposeDrawsNothing() {
        assertThat(Checks.peak(TestBuild.sound()
                                .choosing(Slot.GRAPHICS_CARD, new Choice.None())
                                .build())
                        .watts())
                .isEqualTo(Figure.of(144));
    }
}
