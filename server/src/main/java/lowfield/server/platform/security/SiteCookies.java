package lowfield.server.platform.security;

import lowfield.server.platform.Settings;
import org.springframework.stereotype.Component;

/**
 * How the desk's cookies are called and kept: behind TLS they are Secure and bound to this very host ({@code __Host-}), so
 * that neither a plain connection nor a neighbouring host can set or read them.
 */
@Component
public class SiteCookies {
    private final boolean secure;

    SiteCookies(Settings settings) {
        secure = settings.secureCookies();
    }

    public String name(String plain) {
        return secure ? "__Host-" + plain : plain;
    }

    public boolean areSecure() {
        return secure;
    }
}
