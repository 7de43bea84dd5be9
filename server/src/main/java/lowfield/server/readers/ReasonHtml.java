package lowfield.server.readers;

/** A reason as readers see it. */
public final class ReasonHtml {
    private ReasonHtml() {}

    /** Sanitised HTML of a reason in Markdown. */
    public static String of(String markdown) {
        return Markdown.html(markdown);
    }
}
