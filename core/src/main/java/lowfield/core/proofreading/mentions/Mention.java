package lowfield.core.proofreading.mentions;

import java.util.List;
import lowfield.core.proofreading.Subject;

/**
 * Where a text speaks of parts.
 *
 * @param subjects the parts that it may mean; more than one where a name fits several
 * @param sort whether it names them, or only their kind or tier
 */
public record Mention(int start, int end, List<Subject> subjects, Sort sort) {
    public enum Sort {
        NAME,
        TIER,
        /** "Hartle": what of that maker is in the slot. */
        MAKER,
        /** "the cooler": what stands in that slot. */
        THE_KIND,
        /** "coolers", "a cooler": any of them. */
        ANY_OF_KIND
    }

    public Mention {
        subjects = List.copyOf(subjects);
    }
}
