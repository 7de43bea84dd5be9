package lowfield.core.edition;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;
import lowfield.core.reason.Reason;

/**
 * A line as the author left it, with what it takes from the line it follows, before anything is worked out.
 *
 * @param choice a vetted set stands with any of its members; prices decide which wins
 * @param place where a radiator, a fan or a drive goes; absent where it fits best
 * @param meant which version of the part is meant; absent where any will do
 * @param held the listing that the author holds the choice to
 * @param follows the line that this one takes its choice from
 * @param compared parts shown side by side under the reason
 */
public record LinePlan(
        UUID id,
        Slot slot,
        Choice choice,
        int quantity,
        boolean isCounted,
        Optional<String> place,
        Optional<String> meant,
        Optional<UUID> held,
        Reason reason,
        List<Option> options,
        List<UUID> compared,
        Optional<UUID> follows) {
    public LinePlan {
        options = List.copyOf(options);
        compared = List.copyOf(compared);
    }

    /** Whether the line decides itself what stands on it. */
    public boolean isOwn() {
        return follows.isEmpty();
    }

    /** Every part that the line names: as its choice, in its set, or as an option. */
    public Stream<Part> named() {
        return Stream.concat(choice.named().stream(), options.stream().map(Option::part));
    }

    /** The same with another choice, held to no offer. */
    LinePlan choosing(Choice other) {
        return new LinePlan(
                id,
                slot,
                other,
                quantity,
                isCounted,
                place,
                meant,
                Optional.empty(),
                reason,
                options,
                compared,
                follows);
    }

    /** The line as it stands with a choice; the condition of its offer is not known yet. */
    Line with(Choice other) {
        return new Line(id, slot, other, quantity, isCounted, place, meant, Optional.empty());
    }
}
