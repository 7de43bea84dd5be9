package lowfield.core.evidence;

import java.util.List;
import java.util.Optional;

/** What readers are told where the author earns a commission at shops that a build is bought from. */
public final class ShopCommission {
    private ShopCommission() {}

    /** "We earn a commission when you buy at Ferrowby or Quillmarket through our links."; absent where no shop pays one. */
    public static Optional<String> forReaders(List<String> shops) {
        return Optional.of(shops)
                .filter(s -> !s.isEmpty())
                .map(s -> "We earn a commission when you buy at %s through our links.".formatted(listed(s)));
    }

    private static String listed(List<String> names) {
        var last = names.size() - 1;
        return last == 0 ? names.get(0) : String.join(", ", names.subList(0, last)) + " or " + names.get(last);
    }
}
