package lowfield.core.press;

/** What the author writes over and under something: Markdown with its facts filled; empty where nothing is written. */
public record PublishedTexts(String introduction, String verdict) {
    public static final PublishedTexts NONE = new PublishedTexts("", "");
}
