package lowfield.core.press;

import java.util.List;

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
}
