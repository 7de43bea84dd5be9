package lowfield.server.edition;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.evidence.SoftFact;
import lowfield.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * What the author writes over and under something, in Markdown with facts; of a build also how far they have handled it, and
 * what they must disclose of it.
 */
public record TextState(
        Place place,
        String introduction,
        String verdict,
        @JsonInclude(JsonInclude.Include.NON_NULL) SoftFact.@Nullable Form handled,
        String disclosure) {
    /** What the text is about; the names are stored. */
    public enum Place {
        EDITION,
        TIER,
        BUILD,
        /** The parts that are set side by side on a line. */
        COMPARISON
    }

    public TextState {
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

    /** Whether nothing is said, so that nothing need be kept. */
    boolean isEmpty() {
        return introduction.isBlank() && verdict.isBlank() && handled == null && disclosure.isBlank();
    }

    public Optional<SoftFact.Form> handledForm() {
        return Optional.ofNullable(handled);
    }
}
