package lowfield.core.attention;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Slot;
import lowfield.core.proofreading.BasisChange;
import lowfield.core.proofreading.ReasonState;
import lowfield.core.proofreading.Slip;
import org.junit.jupiter.api.Test;

/** What reasons say otherwise than the data, or rely on and is no longer so, wants the author. */
class ReasonMattersTest extends AttentionCase {
    private static final Slip SLIP = new Slip(
            7,
            12,
            "16 GB",
            "memory",
            Optional.of("12 GB"),
            Optional.of("spec.memory"),
            "16 GB: the memory is 12 GB.",
            true);
    private static final BasisChange CHANGE = new BasisChange("price", "290.30 EUR", "312.10 EUR");

    /** The items of the card, whose reason stands so; the reasons of the other lines are fine. */
    private static List<Item> items(ReasonState state) {
        var edition = new TestEdition().tier("Mate", sound()).edition();
        var measures = new AttentionList.Measures(
                TestEdition.NOW,
                OLD_AFTER,
                List.of(),
                Map.of(),
                at -> at.line().slot() == Slot.GRAPHICS_CARD ? state : ReasonState.fine(),
                List.of());
        return AttentionList.of(edition, measures).at(PublishCheck.REASONS);
    }

    @Test
    void aFigureThatDiffersFailsTheCheckOfReasons() {
        assertThat(items(new ReasonState(List.of(SLIP), List.of(), Optional.empty())))
                .singleElement()
                .satisfies(i -> {
                    assertThat(i.matter()).isEqualTo(Matter.SLIP);
                    assertThat(i.what()).isEqualTo("Reason of the graphics card says 16 GB where the data says 12 GB");
                });
        assertThat(items(new ReasonState(List.of(SLIP, SLIP), List.of(), Optional.empty())))
                .singleElement()
                .satisfies(i -> assertThat(i.what()).contains("2 things otherwise than the data"));
    }

    @Test
    void whatHasChangedMakesTheReasonStaleAndTellsOnlyThat() {
        assertThat(items(new ReasonState(List.of(SLIP), List.of(CHANGE), Optional.empty())))
                .singleElement()
                .satisfies(i -> {
                    assertThat(i.matter()).isEqualTo(Matter.STALE_REASON);
                    assertThat(i.detail()).isEqualTo("Price: was 290.30 EUR; now 312.10 EUR.");
                });
    }

    @Test
    void aPriceThatMovedMuchAsksToReadAgainAndHoldsNothingUp() {
        assertThat(items(new ReasonState(List.of(), List.of(), Optional.of(CHANGE))))
                .isEmpty();
    }
}
