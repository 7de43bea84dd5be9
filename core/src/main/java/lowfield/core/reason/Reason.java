package lowfield.core.reason;

import lowfield.core.RuleBroken;
import lowfield.core.guide.Choice;

/**
 * Why a choice stands: Markdown, bound to the choice it was written for (its key); both empty when none is written.
 *
 * @param basis what it said of the data when it was written or confirmed
 */
public record Reason(String markdown, String writtenFor, ReasonBasis basis) {
    /** Longer than any reason, short enough for a page: about forty screens of text. */
    public static final int LONGEST = 40_000;

    public Reason {
        RuleBroken.unless(
                markdown.length() <= LONGEST,
                "A reason has at most %,d letters; this one has %,d. Nothing was saved; shorten it or split it over slots.",
                LONGEST,
                markdown.length());
    }

    /** A reason that relies on nothing but its choice. */
    public static Reason of(String markdown, String writtenFor) {
        return new Reason(markdown, writtenFor, ReasonBasis.none());
    }

    public static Reason none() {
        return of("", "");
    }

    /** Whether something is written. */
    public boolean isWritten() {
        return !markdown.isBlank();
    }

    /** Written for another choice than the one that stands now, and not confirmed since. */
    public boolean isStale(Choice now) {
        return isWritten() && !writtenFor.equals(now.key());
    }
}
