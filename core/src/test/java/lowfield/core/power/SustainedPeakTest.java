package lowfield.core.power;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lowfield.core.check.TestBuild;
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
        // card 165 + processor 88 + board 40 + two modules 8 + drive 7 + one case fan 3
        var peak = SustainedPeak.of(TestBuild.sound().build());
        assertThat(peak.watts()).isEqualTo(Figure.of(311));
        assertThat(peak.shares().stream().mapToInt(SustainedPeak.Share::watts).sum())
                .isEqualTo(311);
    }

    @ParameterizedTest
    @CsvSource({"165, 400", "187, 400", "188, 450", "450, 750", "1500, 2000"})
    void theRatingIsTheNextSizeSoldAboveAFifthMore(int card, int rating) {
        // 146 W beside the card: (187 + 146) x 1.2 = 399.6, (188 + 146) x 1.2 = 400.8
        assertThat(SustainedPeak.of(TestBuild.sound()
                                .with(Slot.GRAPHICS_CARD, "boardPower", card)
                                .build())
                        .neededRating())
                .isEqualTo(Figure.of(rating));
    }

    @Test
    void isNotKnownWithoutTheMainFigures() {
        var peak = SustainedPeak.of(
                TestBuild.sound().without(Slot.PROCESSOR, "limit").build());
        assertThat(peak.watts().isKnown()).isFalse();
        assertThat(peak.missing()).containsExactly("power limit of Test processor");
    }

    @Test
    void isNotKnownBeforeProcessorAndCardAreChosen() {
        var nothing = SustainedPeak.of(new Build(List.of()));
        assertThat(nothing.watts().isKnown()).isFalse();
        assertThat(nothing.missing())
                .containsExactly("the processor, which is not chosen", "the graphics card, which is not chosen");
    }

    @Test
    void aCardLeftOutOnPurposeDrawsNothing() {
        assertThat(SustainedPeak.of(TestBuild.sound()
                                .choosing(Slot.GRAPHICS_CARD, new Choice.None())
                                .build())
                        .watts())
                .isEqualTo(Figure.of(146));
    }
}
