package lowfield.server.platform;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** The server would listen beyond this machine with nothing before it that keeps what is sent secret. */
final class OpenDoor extends IllegalStateException {
    private static final long serialVersionUID = 1L;

    OpenDoor(String address) {
        super(
                ("The server does not start on %s without TLS: put a proxy that ends TLS before it and name its address in"
                                + " LOWFIELD_PROXIES, or leave LOWFIELD_ADDRESS at 127.0.0.1.")
                        .formatted(address));
    }

    /** Tells it as one sentence, without the path it took through the program. */
    static final class Told extends AbstractFailureAnalyzer<OpenDoor> {
        @Override
        protected FailureAnalysis analyze(Throwable root, OpenDoor cause) {
            return new FailureAnalysis(cause.getMessage(), "", cause);
        }
    }
}
