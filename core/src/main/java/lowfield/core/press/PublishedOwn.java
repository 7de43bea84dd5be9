package lowfield.core.press;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the author has to do with something: how far they have handled it, and what they must disclose of it.
 *
 * @param handled a sentence; empty where nothing is said
 */
public record PublishedOwn(String handled, List<String> disclosures) {
    public static final PublishedOwn NONE = new PublishedOwn("", List.of());

    public PublishedOwn {
        disclosures = List.copyOf(disclosures);
    }

    /** With what must be disclosed of where it is bought, unless that is disclosed already. */
    public PublishedOwn with(Optional<String> disclosure) {
        return disclosure
                .filter(d -> !disclosures.contains(d))
                .map(d -> new PublishedOwn(
                        handled,
                        Stream.concat(disclosures.stream(), Stream.of(d)).toList()))
                .orElse(this);
    }
}
