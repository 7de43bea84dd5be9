package lowfield.server.bench;

import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.server.edition.ChoiceState;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.GuideInfo;
import org.jspecify.annotations.Nullable;

/** What the ladder shows. */
public final class LadderViews {
    private LadderViews() {}

    /** One choice of the ladder; equal to its left neighbour's when {@code runsOn}. */
    public record RungView(
            UUID line,
            int version,
            Slot slot,
            ChoiceState choice,
            String label,
            Views.Sum goods,
            boolean counted,
            boolean runsOn,
            Views.@Nullable FollowView follows,
            @Nullable String either) {}
    /** One build of the ladder, with the step from its left neighbour. */
    public record ColumnView(
            Views.BuildCard card, @Nullable Long stepMinor, int changed, List<RungView> rungs, SummaryView summary) {}
    /** What the checks say of a build and what it draws, in a few numbers. */
    public record SummaryView(
            int checks,
            int clashes,
            int undecided,
            int cautions,
            @Nullable Integer peakWatts,
            @Nullable Integer supplyRating,
            @Nullable Integer gamingLow,
            @Nullable Integer gamingHigh,
            @Nullable Long platformMinor,
            List<SpendingView> spending) {}
    /** The share of the total that a slot takes, in thousandths. */
    public record SpendingView(String slot, int permille) {}
    /** All builds of an edition side by side; a sentence for each step, and for what says too little. */
    public record LadderView(
            GuideInfo guide,
            EditionInfo edition,
            List<Views.SlotView> slots,
            List<ColumnView> columns,
            List<String> steps,
            List<String> warnings) {}
}
