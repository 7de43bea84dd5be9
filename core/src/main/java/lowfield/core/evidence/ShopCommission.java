package lowfield.core.evidence;

import java.util.List;
import java.util.Optional;
import lowfield.core.Text;

/** What readers are told where the author earns a commission at shops that a build is bought from. */
public final class ShopCommission {
    private ShopCommission() {}

    /** "We earn a commission when you buy at Ferrowby or Quillmarket through our links."; absent where no shop pays one. */
    public static Optional<String> forReaders(List<String> shops) {
        return Optional.of(shops)
                .filter(s -> !s.isEmpty())
                .map(s -> "We earn a commission when you buy at %s through our links.".formatted(Text.listed(s, "or")));
    }
}
