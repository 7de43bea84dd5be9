package lowfield.server.edition;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.reason.ReasonBasis;
import lowfield.server.guide.OverrideForm;
import org.jspecify.annotations.Nullable;

/** A line's state in the making. */
final class LineDraft {
    private final LineState old;
    ChoiceState choice;
    int quantity;
    boolean counted;

    @Nullable
    UUID heldListing;

    String heldWhy;
    String reason;
    String reasonFor;
    List<OptionState> options;

    @Nullable
    UUID follows;

    String note;
    List<UUID> compared;

    @Nullable
    String place;

    @Nullable
    String meant;

    @Nullable
    OverrideForm policy;

    @Nullable
    ReasonBasis basis;

    LineDraft(LineState old) {
        this.old = old;
        choice = old.choice();
        quantity = old.quantity();
        counted = old.counted();
        heldListing = old.heldListing();
        heldWhy = old.heldWhy();
        reason = old.reason();
        reasonFor = old.reasonFor();
        options = old.options();
        follows = old.follows();
        note = Optional.ofNullable(old.note()).orElse("");
        compared = old.comparedOf();
        place = old.place();
        meant = old.meant();
        policy = old.policy();
        basis = old.basis();
    }

    /** What a follower takes from its source in any case. */
    void take(LineState source) {
        choice = source.choice();
        quantity = source.quantity();
        heldListing = source.heldListing();
        heldWhy = source.heldWhy();
    }

    LineState done() {
        return new LineState(
                old.build(),
                old.slot(),
                old.position(),
                choice,
                quantity,
                counted,
                heldListing,
                heldWhy,
                reason,
                reasonFor,
                options,
                follows,
                note,
                compared,
                place,
                meant,
                policy,
                basis);
    }
}
