package lowfield.core.press;

import java.util.UUID;
import java.util.stream.Stream;

/** What the author writes over and under something: Markdown with its facts filled; empty where nothing is written. */
public record PublishedTexts(String introduction, String verdict) {
    public static final PublishedTexts NONE = new PublishedTexts("", "");

    /** The author's own pictures that both show. */
    Stream<UUID> pictures() {
        return Stream.of(introduction, verdict).flatMap(t -> TextPictures.of(t).stream());
    }
}
