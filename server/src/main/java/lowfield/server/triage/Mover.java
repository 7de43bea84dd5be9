package lowfield.server.triage;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something of the period that wants a decision.
 *
 * @param key what it is about; the same thing has the same key in every round
 * @param fingerprint what is the matter with it now; a decision counts while this stays
 * @param beforeMinor the price of the last edition, where it is about a price
 * @param permille by how much it moved, in thousandths
 * @param weight money moved times tiers touched, in minor units; troubles weigh more than any move
 * @param places where it is chosen
 * @param acceptance the price that was set aside, where it is about one
 * @param inside what went along with a whole kind
 */
public record Mover(
        String key,
        Form form,
        String fingerprint,
        String title,
        String detail,
        @Nullable String kind,
        @Nullable UUID part,
        @Nullable Long beforeMinor,
        @Nullable Long nowMinor,
        @Nullable Integer permille,
        long weight,
        List<ChosenAt> places,
        @Nullable Long acceptance,
        List<Mover> inside,
        @Nullable Decided decided) {
    /** What is the matter. */
    public enum Form {
        GONE,
        OVER,
        UNDER,
        SET_ASIDE,
        KIND,
        MOVED,
        PREMIUM,
        SMALL
    }

    /** What can be decided about it; a swap is made on the bench and needs none. */
    public enum Decision {
        KEEP,
        HOLD,
        SET_ASIDE
    }

    /** A line of a build. */
    public record ChosenAt(
            String tier, UUID build, @Nullable UUID line, String slot) {}

    /** What was decided, by whom, why. */
    public record Decided(Decision decision, String why, String by, Instant at) {}

    Mover decided(@Nullable Decided decision) {
        return new Mover(
                key,
                form,
                fingerprint,
                title,
                detail,
                kind,
                part,
                beforeMinor,
                nowMinor,
                permille,
                weight,
                places,
                acceptance,
                inside,
                decision);
    }
}
