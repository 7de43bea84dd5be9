package lowfield.server.outbound;

/** What came of asking for a page. */
public sealed interface Fetched {
    /** The page's text. */
    record Page(String html) implements Fetched {}

    /** Why there is no page, as a sentence for the author. */
    record Failed(String sentence) implements Fetched {}
}
