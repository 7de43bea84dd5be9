package lowfield.server.platform;

import java.net.SocketTimeoutException;

/** What was sent did not arrive in time, or paused for too long. */
public final class TooSlow extends SocketTimeoutException {
    private static final long serialVersionUID = 1L;

    TooSlow() {
        super("what was sent took too long to arrive");
    }

    public TooSlow(SocketTimeoutException paused) {
        this();
        initCause(paused);
    }
}
