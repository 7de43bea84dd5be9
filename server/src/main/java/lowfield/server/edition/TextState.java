package lowfield.server.edition;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.evidence.SoftFact;
import lowfield.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * What the author writes over and under something, in Markdown with facts; of a build also how far they have handled it, and
 * what they must disclose of it.
 *
 * @param unread sentences that were carried over, speak of the period they were written in, and were not read since; absent
 *     where none is left
 */
public record TextState(
        Place place,
        String introduction,
        String verdict,
        @JsonInclude(JsonInclude.Include.NON_NULL) SoftFact.@Nullable Form handled,
        String disclosure,

        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable List<String> unread) {
    /** What the text is about; the names are stored. */
    public enum Place {
        EDITION,
        TIER,
        BUILD,
        /** The parts that are set side by side on a line. */
        COMPARISON
    }

    public TextState {
        unread = unread == null || unread.isEmpty() ? null : List.copyOf(unread);
        Reason.of(introduction, "");
        Reason.of(verdict, "");
        RuleBroken.unless(disclosure.length() <= 500, "What is disclosed takes at most 500 letters.");
        RuleBroken.unless(handled == null || handled.isHandling(), "Say how far you have handled it, or nothing.");
        RuleBroken.unless(
                place == Place.BUILD || handled == null && disclosure.isBlank(),
                "Only of a build is said how far you have handled it, and what you disclose.");
    }

    public static TextState empty(Place place) {
        return new TextState(place, "", "", null, "");
    }

    /** One of which nothing is left to read. */
    public TextState(
            Place place, String introduction, String verdict, SoftFact.@Nullable Form handled, String disclosure) {
        this(place, introduction, verdict, handled, disclosure, null);
    }

    /** Written after another: what was left to read of that is so where the sentence still stands. */
    public TextState after(TextState before) {
        return leaving(before.toRead().stream().filter(this::says).toList());
    }

    /** The same with these sentences left to read. */
    public TextState leaving(List<String> sentences) {
        return new TextState(place, introduction, verdict, handled, disclosure, sentences);
    }

    /** Whether a sentence stands in its introduction or its verdict. */
    public boolean says(String sentence) {
        return introduction.contains(sentence) || verdict.contains(sentence);
    }

    /** Whether nothing is said, so that nothing need be kept. */
    boolean isEmpty() {
        return introduction.isBlank() && verdict.isBlank() && handled == null && disclosure.isBlank();
    }

    /** What is left to read. */
    public List<String> toRead() {
        return unread == null ? List.of() : unread;
    }

    public Optional<SoftFact.Form> handledForm() {
        return Optional.ofNullable(handled);
    }
}
