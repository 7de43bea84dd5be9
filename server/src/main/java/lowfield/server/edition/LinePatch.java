package lowfield.server.edition;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import lowfield.core.RuleBroken;
import lowfield.core.edition.OptionList;
import lowfield.core.guide.Choice;
import lowfield.core.reason.TextChange;
import lowfield.server.guide.OverrideForm;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;

/**
 * An edit of a line: what is absent stays as it is.
 *
 * @param meantSo the key of a slip of its reason that is meant as it stands
 */
public record LinePatch(
        @Nullable ChoiceState choice,
        @Nullable Integer quantity,
        @Nullable Boolean counted,
        @Nullable Hold hold,
        @Nullable String reason,
        @Nullable Boolean confirmReason,
        @Nullable List<OptionState> options,
        @Nullable Following following,
        @Nullable String note,
        @Nullable List<UUID> compared,
        @Nullable String place,
        @Nullable String meant,
        @Nullable OverrideForm policy,
        @Nullable String meantSo) {
    private static final int MOST_COMPARED = 4;

    /** Holds the choice to one listing, or lets it go when the listing is absent. */
    public record Hold(@Nullable UUID listing, String why) {}

    /** Follows another line of the edition, or lets go of the one it follows when the line is absent. */
    public record Following(@Nullable UUID line) {}

    public static LinePatch choose(ChoiceState choice) {
        return of(patch -> patch.choice = choice);
    }

    /** Holds a choice to a listing, or lets it go when there is none. */
    public static LinePatch hold(@Nullable UUID listing, String why) {
        return of(patch -> patch.hold = new Hold(listing, why));
    }

    /** Pins the choice to an offer, lets other offers count, or both; what is absent stays. */
    public static LinePatch offers(@Nullable Hold hold, @Nullable OverrideForm policy) {
        return of(patch -> {
            patch.hold = hold;
            patch.policy = policy;
        });
    }

    /** The same with the price of an unlisted part dated. */
    public LinePatch dated(ChoiceState before, Instant now) {
        return choice == null
                ? this
                : new LinePatch(
                        choice.dated(before, now),
                        quantity,
                        counted,
                        hold,
                        reason,
                        confirmReason,
                        options,
                        following,
                        note,
                        compared,
                        place,
                        meant,
                        policy,
                        meantSo);
    }

    /** An edit of what is set in the draft. */
    public static LinePatch of(Consumer<Draft> change) {
        var draft = new Draft();
        change.accept(draft);
        return draft.done();
    }

    /** An edit in the making, which changes nothing yet. */
    @NullUnmarked
    public static final class Draft {
        public ChoiceState choice;
        public Integer quantity;
        public Boolean counted;
        public String reason;
        public List<OptionState> options;
        public OverrideForm policy;
        public Boolean confirmReason;
        private Hold hold;

        private LinePatch done() {
            return new LinePatch(
                    choice,
                    quantity,
                    counted,
                    hold,
                    reason,
                    confirmReason,
                    options,
                    null,
                    null,
                    null,
                    null,
                    null,
                    policy,
                    null);
        }
    }

    /** The state after the edit; {@code now} is the choice after it, as core knows it. A new choice lets go of a held offer. */
    public LineState applyTo(LineState old, Choice now) {
        var switched = choice != null && !choice.equals(old.choice());
        var held = hold != null ? hold : switched ? new Hold(null, "") : new Hold(old.heldListing(), old.heldWhy());
        RuleBroken.unless(held.why().length() <= 500, "The reason for pinning an offer takes at most 500 letters.");
        RuleBroken.unless(
                held.listing() == null || !held.why().isBlank(), "Say why the choice is pinned to this offer.");
        var confirmed = Boolean.TRUE.equals(confirmReason);
        RuleBroken.unless(note == null || note.length() <= 2000, "A note takes at most 2,000 letters.");
        RuleBroken.unless(
                meantSo == null || meantSo.length() <= 400, "A figure that is meant so takes at most 400 letters.");
        RuleBroken.unless(place == null || place.length() <= 40, "A place takes at most 40 letters.");
        RuleBroken.unless(meant == null || meant.length() <= 40, "A version that is meant takes at most 40 letters.");
        return old.with(line -> {
            line.choice = choice != null ? choice : old.choice();
            line.quantity = quantity != null ? quantity : old.quantity();
            line.counted = counted != null ? counted : old.counted();
            line.heldListing = held.listing();
            line.heldWhy = held.why();
            line.reason = reason != null ? reason : old.reason();
            line.reasonFor = confirmed || isWrittenFor(old) ? now.key() : old.reasonFor();
            line.options = options != null ? checked(options) : others(old.options(), line.choice);
            line.follows = following != null ? following.line() : letsGo() ? null : old.follows();
            line.note = note != null ? note : line.note;
            line.compared = compared != null ? sideBySide(compared) : line.compared;
            line.place = place != null ? place : line.place;
            line.meant = meant != null ? meant : line.meant;
            line.policy = policy != null ? policy : line.policy;
            line.basis = meantSo != null ? old.basisOf().meaning(meantSo) : line.basis;
        });
    }

    /** Whether the reason is written for what stands now: with the choice, for the first time, or anew; a correction is none. */
    private boolean isWrittenFor(LineState old) {
        return reason != null
                && (choice != null
                        || old.reason().isBlank()
                        || TextChange.between(old.reason(), reason).isWrittenAnew());
    }

    /** What was said of an option that is taken is one undo away. */
    private static List<OptionState> others(List<OptionState> options, ChoiceState choice) {
        var taken = Optional.ofNullable(choice.part());
        return options.stream().filter(o -> !o.entry().isTaken(taken)).toList();
    }

    /** Whether what is edited is what a following line takes from elsewhere, so that it stands alone from now on. */
    private boolean letsGo() {
        return choice != null || quantity != null || hold != null;
    }

    private static List<UUID> sideBySide(List<UUID> parts) {
        RuleBroken.unless(
                parts.isEmpty() || parts.size() > 1 && parts.size() <= MOST_COMPARED,
                "Two to %d parts stand side by side.",
                MOST_COMPARED);
        RuleBroken.unless(
                parts.stream().distinct().count() == parts.size(),
                "A part stands side by side with others, not itself.");
        return List.copyOf(parts);
    }

    private static List<OptionState> checked(List<OptionState> options) {
        OptionList.check(options.stream().map(OptionState::entry).toList());
        return List.copyOf(options);
    }

    /** Whether what the reason relies on is what the data says now. */
    public boolean bindsReason() {
        return reason != null || Boolean.TRUE.equals(confirmReason);
    }

    /** Whether what stands on the line, and at which price, stays. */
    public boolean keepsChoice() {
        return !letsGo() && following == null && policy == null;
    }

    /** Whether only the reason's words change, as while typing. */
    public boolean isTyping() {
        return reason != null
                && choice == null
                && quantity == null
                && counted == null
                && hold == null
                && options == null
                && following == null
                && note == null
                && compared == null
                && place == null
                && meant == null
                && policy == null
                && meantSo == null;
    }
}
