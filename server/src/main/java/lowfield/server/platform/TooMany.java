package lowfield.server.platform;

import java.time.Duration;

/** Too many attempts (429); it may be tried again after a while. */
public final class TooMany extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final Duration wait;

    public TooMany(String sentence, Duration wait) {
        super(sentence);
        this.wait = wait;
    }

    Duration patience() {
        return wait;
    }
}
