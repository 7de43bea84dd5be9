package lowfield.core.press;

import java.util.List;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** The author's own pictures in a text: Markdown's images whose address is {@code picture:} and the picture's id. */
public final class TextPictures {
    /** What stands before the id in an address. */
    public static final String SCHEME = "picture:";

    private static final Pattern SHOWN =
            Pattern.compile("!\\[[^\\]]*]\\(picture:([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})\\)");

    private TextPictures() {}

    /** The pictures that a text shows, in its order; one twice is told once. */
    public static List<UUID> of(String markdown) {
        return SHOWN.matcher(markdown)
                .results()
                .map((MatchResult m) -> UUID.fromString(m.group(1)))
                .distinct()
                .toList();
    }
}
