package lowfield.server.outbound;

import java.net.URI;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Where an answer may lead. */
final class Redirect {
    private static final int HTTPS = 443;

    private Redirect() {}

    /** Only the very host that was asked may be led to, over TLS, on its usual port and under nobody's name. */
    static Optional<String> leadsElsewhere(URI to, String host) {
        if (!host.equalsIgnoreCase(to.getHost())) {
            return Optional.of(
                    "the page leads to another host (%s); it was not followed".formatted(shortened(to.getHost())));
        }
        if (!"https".equals(to.getScheme())) {
            return Optional.of("the page leads away from https; it was not followed");
        }
        if (to.getPort() != -1 && to.getPort() != HTTPS) {
            return Optional.of("the page leads to another port (%d); it was not followed".formatted(to.getPort()));
        }
        return to.getUserInfo() == null
                ? Optional.empty()
                : Optional.of("the page leads to an address with a password in it; it was not followed");
    }

    static String shortened(@Nullable String text) {
        var plain = String.valueOf(text).replaceAll("\\p{Cntrl}", " ");
        return plain.length() > 60 ? plain.substring(0, 60) + "…" : plain;
    }
}
