package lowfield.server.platform;

/** An edit of something that has changed since it was read (412); carries both versions, so that neither is lost. */
public final class Stale extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Object theirs;
    private final transient Object yours;
    private final int version;

    public Stale(String sentence, Object theirs, Object yours, int version) {
        super(sentence);
        this.theirs = theirs;
        this.yours = yours;
        this.version = version;
    }

    public Object theirs() {
        return theirs;
    }

    public Object yours() {
        return yours;
    }

    public int version() {
        return version;
    }
}
