package lowfield.server.platform;

/** The password must be entered again first (403). */
public final class PasswordNeeded extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public PasswordNeeded(String sentence) {
        super(sentence);
    }
}
