package lowfield.server.bench;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.GuideInfo;
import org.jspecify.annotations.Nullable;

/** What the guide's home shows. */
public final class DeskViews {
    private DeskViews() {}

    /** An edition in the strip; its address is where readers find it. */
    public record EditionTab(
            UUID id,
            int number,
            LocalDate period,
            EditionInfo.State state,
            @Nullable String address) {}
    /**
     * Something that wants a decision; weight in minor units of money moved, larger first.
     *
     * @param text the introduction or verdict that it is about, by the id of what that is about
     */
    public record Wanted(
            Sign sign,
            String where,
            String what,
            String detail,
            String action,
            @Nullable UUID build,
            @Nullable UUID line,
            @Nullable UUID text,
            long weight) {
        /** How bad. */
        public enum Sign {
            CLASH,
            CAUTION,
            NOT_KNOWN
        }
    }
    /** How many reasons want the author, and why. */
    public record ReasonCounts(int stale, int wrong, int missing, int again) {}
    /** The guide's home. */
    public record DeskView(
            GuideInfo guide,
            List<EditionTab> editions,
            @Nullable EditionInfo edition,
            @Nullable String lastPeriod,
            List<Views.BuildCard> cards,
            List<Wanted> wanted,
            ReasonCounts reasons,
            List<Wanted> out) {}
}
