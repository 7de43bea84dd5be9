package lowfield.core.edition;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;

/** What may stand in a line's list of alternatives and upgrades. */
public final class OptionList {
    private static final int MOST = 12;

    private OptionList() {}

    /**
     * An option as it stands in a list.
     *
     * @param isBeside whether it comes beside the choice, and not in its place
     */
    public record Entry(Option.Purpose purpose, UUID part, boolean isBeside) {
        /** Whether the choice is this part: an option that is taken is no option any more. */
        public boolean isTaken(Optional<UUID> choice) {
            return !isBeside && choice.filter(part::equals).isPresent();
        }

        private boolean isEither() {
            return purpose == Option.Purpose.EITHER;
        }
    }

    /** Refuses a list that is too long, names a part twice, or more than one that would do as well as the choice. */
    public static void check(List<Entry> entries) {
        RuleBroken.unless(entries.size() <= MOST, "A slot has at most %d alternatives and upgrades.", MOST);
        RuleBroken.unless(
                entries.stream().filter(Entry::isEither).count() <= 1,
                "Either of two would do: name one other part, not more.");
        RuleBroken.unless(
                entries.stream().noneMatch(e -> e.isEither() && e.isBeside()),
                "Either of two stands in the place of the choice, not beside it.");
        RuleBroken.unless(
                entries.stream()
                                .map(e -> e.purpose() + " " + e.part())
                                .distinct()
                                .count()
                        == entries.size(),
                "This part is listed already; change its note instead.");
    }
}
