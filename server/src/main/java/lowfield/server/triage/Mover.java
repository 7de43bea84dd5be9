package lowfield.server.triage;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
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
 * @param inside what is decided together with it: what went along with a whole kind, small moves, prices of one shop
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
        SHOP,
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

    /** This and, of a shop in doubt, each of its prices: what a decision can be about. */
    Stream<Mover> decidable() {
        return form == Form.SHOP ? Stream.concat(Stream.of(this), inside.stream()) : Stream.of(this);
    }

    /** The prices in doubt that it is about. */
    List<Long> acceptances() {
        return decidable()
                .flatMap(m -> Optional.ofNullable(m.acceptance()).stream())
                .toList();
    }

    /** As a decision about it is remembered: without what is inside. */
    Mover inShort() {
        return with(List.of(), decided);
    }

    Mover decided(Decided decision) {
        return with(inside, decision);
    }

    private Mover with(List<Mover> inside, @Nullable Decided decided) {
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
                decided);
    }
}
