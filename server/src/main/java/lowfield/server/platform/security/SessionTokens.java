package lowfield.server.platform.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.DefaultCsrfToken;

/**
 * CSRF tokens bound to the session: the one that counts is kept with it, and a cookie shows it to the desk's scripts. Whoever
 * plants a cookie of their own gains nothing. Before somebody signs in there is no session, and the cookie is all.
 */
final class SessionTokens implements CsrfTokenRepository {
    private static final String KEPT = "csrf-token";
    private final CookieCsrfTokenRepository cookies;

    SessionTokens(CookieCsrfTokenRepository cookies) {
        this.cookies = cookies;
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return cookies.generateToken(request);
    }

    @Override
    public void saveToken(@Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        var session = request.getSession(false);
        if (session != null && token != null) {
            session.setAttribute(KEPT, token.getToken());
        }
        cookies.saveToken(token, request, response);
    }

    /** Absent where the browser has none or the session has none yet: then a new one is made. */
    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
        var shown = cookies.loadToken(request);
        var session = request.getSession(false);
        if (session == null || shown == null) {
            return shown;
        }
        return Optional.ofNullable((String) session.getAttribute(KEPT))
                .map(kept -> new DefaultCsrfToken(shown.getHeaderName(), shown.getParameterName(), kept))
                .orElse(null);
    }
}
