package lowfield.core.press;

import java.util.List;
import java.util.Optional;

/**
 * What taking an alternative or upgrade comes to.
 *
 * @param motive why one would take it, in a word or two; empty where the author names none
 * @param total of the build with it, and with everything that it needs
 * @param gains in the figures that make a part what it is
 * @param nextTier what the next tier has for the same money; empty where it costs less than that
 */
public record PublishedWorth(
        String motive,
        Cell total,
        Optional<Publication.Source> source,
        List<String> gains,
        List<String> losses,
        String nextTier) {
    public PublishedWorth {
        gains = List.copyOf(gains);
        losses = List.copyOf(losses);
    }

    /** Of documents that did not tell it. */
    public static PublishedWorth notTold() {
        return new PublishedWorth("", new Cell.NotKnown(), Optional.empty(), List.of(), List.of(), "");
    }
}
