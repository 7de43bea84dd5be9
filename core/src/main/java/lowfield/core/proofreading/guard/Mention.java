package lowfield.core.proofreading.guard;

import java.util.List;
import lowfield.core.proofreading.Subject;

/**
 * Where a text speaks of parts.
 *
 * @param subjects the parts that it may mean; more than one where a name fits several
 * @param sort whether it names them, or only their kind or tier
 */
record Mention(int start, int end, List<Subject> subjects, Sort sort) {
    enum Sort {
        NAME,
        TIER,
        /** "Hartle": what of that maker is in the slot. */
        MAKER,
        /** "the cooler": what stands in that slot. */
        THE_KIND,
        /** "coolers", "a cooler": any of them. */
        ANY_OF_KIND
    }

    Mention {
        subjects = List.copyOf(subjects);
    }
}
