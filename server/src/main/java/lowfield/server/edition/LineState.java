package lowfield.server.edition;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import lowfield.core.edition.LinePlan;
import lowfield.core.edition.Option;
import lowfield.core.guide.Slot;
import lowfield.core.reason.Reason;
import lowfield.core.reason.ReasonBasis;
import lowfield.server.catalogue.Catalogue;
import lowfield.server.guide.OverrideForm;
import org.jspecify.annotations.Nullable;

/**
 * Everything an author can say of a line; the journal keeps it whole, before and after each edit. A line that follows another
 * takes its choice, quantity and offer from there, and its reason and options too where it has none of its own. The note is
 * for the author alone; {@code compared} are parts set side by side under the reason; {@code place} is where a radiator, a fan
 * or an upright card goes, {@code meant} which version of the part is meant, {@code policy} which other offers it admits, and
 * {@code basis} what its reason relied on.
 */
public record LineState(
        UUID build,
        Slot slot,
        int position,
        ChoiceState choice,
        int quantity,
        boolean counted,
        @Nullable UUID heldListing,
        String heldWhy,
        String reason,
        String reasonFor,
        List<OptionState> options,
        @Nullable UUID follows,
        @Nullable String note,
        @Nullable List<UUID> compared,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String place,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String meant,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable OverrideForm policy,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable ReasonBasis basis) {
    public LineState {
        policy = OverrideForm.stored(policy);
        place = place == null || place.isBlank() ? null : place.strip();
        meant = meant == null || meant.isBlank() ? null : meant.strip();
        options = List.copyOf(options);
        note = note == null ? "" : note;
        compared = compared == null ? List.of() : List.copyOf(compared);
    }

    public static LineState empty(UUID build, Slot slot, int position) {
        return new LineState(
                build,
                slot,
                position,
                ChoiceState.empty(),
                1,
                true,
                null,
                "",
                "",
                "",
                List.of(),
                null,
                "",
                List.of(),
                null,
                null,
                null,
                null);
    }

    /** A line of another build that takes everything from this one, which stands at {@code id}. */
    public LineState followedFrom(UUID other, UUID id) {
        return empty(other, slot, position).with(own -> {
            own.choice = choice;
            own.quantity = quantity;
            own.counted = counted;
            own.follows = id;
        });
    }

    /** The same line in another build, where it follows nothing. */
    public LineState alone(UUID other) {
        return empty(other, slot, position).with(own -> {
            own.take(this);
            own.counted = counted;
            own.reason = reason;
            own.reasonFor = reasonFor;
            own.basis = basis;
            own.options = options;
            own.note = Optional.ofNullable(note).orElse("");
            own.compared = comparedOf();
            own.place = place;
            own.meant = meant;
            own.policy = policy;
        });
    }

    /** Another line with what a reader sees of this one: choice, quantity, offer, reason and options; it follows nothing. */
    public LineState carriedTo(LineState other) {
        return other.with(own -> {
            own.take(this);
            own.reason = reason;
            own.reasonFor = reasonFor;
            own.basis = basis;
            own.options = options;
            own.compared = comparedOf();
            own.follows = null;
        });
    }

    public Reason reasonOf() {
        return new Reason(reason, reasonFor, basisOf());
    }

    /** What the reason relied on; nothing where it was never held against the data. */
    public ReasonBasis basisOf() {
        return Optional.ofNullable(basis).orElse(ReasonBasis.none());
    }

    /** The same line with a reason that relies on this. */
    public LineState relyingOn(ReasonBasis now) {
        return with(own -> own.basis = now);
    }

    public List<UUID> comparedOf() {
        return Optional.ofNullable(compared).orElse(List.of());
    }

    /** The line in core's terms; what it takes from another is in it already. */
    public LinePlan plan(UUID id, Catalogue catalogue, Currency home) {
        return new LinePlan(
                id,
                slot,
                choice.choice(catalogue, home),
                quantity,
                counted,
                Optional.ofNullable(place),
                Optional.ofNullable(meant),
                Optional.ofNullable(heldListing),
                reasonOf(),
                options.stream()
                        .map(o -> new Option(
                                o.purpose(),
                                catalogue.part(o.part()),
                                o.note(),
                                o.isBeside() && slot.further().isPresent(),
                                Optional.ofNullable(o.motive())))
                        .toList(),
                comparedOf(),
                Optional.ofNullable(follows));
    }

    /** What stands on the line, with what it takes from the one it follows. */
    public LineState following(LineState source) {
        return with(own -> {
            own.take(source);
            if (reason.isEmpty()) {
                own.reason = source.reason();
                own.reasonFor = source.reasonFor();
                own.basis = source.basis();
            }
            own.options = options.isEmpty() ? source.options() : options;
            own.compared = comparedOf().isEmpty() ? source.comparedOf() : comparedOf();
        });
    }

    /** A line that follows, bound to the choice it follows now: with its own reason, or the one it takes over. */
    public LineState boundTo(LineState effective, String ownReason) {
        return with(own -> {
            own.take(effective);
            own.reason = ownReason;
        });
    }

    /** The same line but for what is changed in the draft. */
    /** The same choice with its price seen at a moment; absent where that is not known. */
    public LineState priced(@Nullable Instant at) {
        return with(line -> line.choice = line.choice.seen(at));
    }

    LineState with(Consumer<LineDraft> change) {
        var draft = new LineDraft(this);
        change.accept(draft);
        return draft.done();
    }
}
