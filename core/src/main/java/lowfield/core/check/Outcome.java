package lowfield.core.check;

import java.util.Optional;

/**
 * One of the things that a check can say. The sentences are templates over values that the check gives.
 *
 * @param name stable within its check
 * @param author the sentence for the author
 * @param reader the sentence for readers; absent where only the author asked
 * @param firstStart whether it belongs on the readers' list of what to set at the first start
 */
public record Outcome(String name, Verdict verdict, String author, Optional<String> reader, boolean firstStart) {
    /** What every check says when a figure that it needs is missing. */
    static final Outcome MISSING =
            new Outcome("missing", Verdict.NOT_KNOWN, "%s of %s is not known", Optional.empty(), false);
}
