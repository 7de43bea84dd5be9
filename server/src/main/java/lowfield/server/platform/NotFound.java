package lowfield.server.platform;

/** What was asked for does not exist (404). */
public final class NotFound extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotFound(String sentence) {
        super(sentence);
    }
}
