package lowfield.server.accounts.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import lowfield.server.accounts.OpenSessions;
import lowfield.server.accounts.Person;
import lowfield.server.accounts.SigningIn;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** Opens and ends the session of the browser that asks. */
@Component
class SessionDoor {
    private static final int LONGEST_BROWSER = 160;

    private final KnownBrowsers browsers;
    private final CsrfTokenRepository csrfTokens;

    SessionDoor(KnownBrowsers browsers, CsrfTokenRepository csrfTokens) {
        this.browsers = browsers;
        this.csrfTokens = csrfTokens;
    }

    SigningIn.From from(HttpServletRequest request, String email) {
        return new SigningIn.From(request.getRemoteAddr(), browsers.of(request, email));
    }

    SigningIn.From from(HttpServletRequest request) {
        return new SigningIn.From(request.getRemoteAddr(), Optional.empty());
    }

    /** A new session with a new CSRF token; whatever was open in this browser ends. */
    void open(Person person, HttpServletRequest request, HttpServletResponse response) {
        end(request);
        var session = request.getSession(true);
        session.setAttribute(SessionPeople.ACCOUNT, person.id().toString());
        PasswordAgain.Guard.entered(session);
        session.setAttribute(OpenSessions.BROWSER, browser(request));
        session.setAttribute(OpenSessions.NETWORK, OpenSessions.network(request.getRemoteAddr()));
        csrfTokens.saveToken(csrfTokens.generateToken(request), request, response);
        browsers.remember(request, response, person.email());
        SecurityContextHolder.setContext(SessionPeople.of(person));
    }

    void end(HttpServletRequest request) {
        var session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    private static String browser(HttpServletRequest request) {
        var said =
                Optional.ofNullable(request.getHeader("User-Agent")).orElse("").replaceAll("[^ -~]", "?");
        return said.length() > LONGEST_BROWSER ? said.substring(0, LONGEST_BROWSER) : said;
    }
}
