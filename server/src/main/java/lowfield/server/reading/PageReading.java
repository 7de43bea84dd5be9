package lowfield.server.reading;

import java.util.List;

/**
 * What a page says: its offers, what it sells together with other things, and a sentence for each offer that
 * could not count, and for each price whose date has passed. No offer and no sentence cannot be.
 */
public record PageReading(List<SeenOffer> offers, List<SeenBundle> bundles, List<String> told) {
    public static PageReading nothing(String why) {
        return new PageReading(List.of(), List.of(), List.of(why));
    }
}
