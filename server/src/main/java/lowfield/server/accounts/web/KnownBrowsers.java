package lowfield.server.accounts.web;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.accounts.BrowserMarks;
import lowfield.server.platform.security.SiteCookies;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/** The cookie by which a browser that has signed in is known again; it opens nothing, it only has a throttle of its own. */
@Component
class KnownBrowsers {
    private static final Duration HOLDS = Duration.ofDays(365);

    private final BrowserMarks marks;
    private final SiteCookies cookies;

    KnownBrowsers(BrowserMarks marks, SiteCookies cookies) {
        this.marks = marks;
        this.cookies = cookies;
    }

    private String name() {
        return cookies.name("LOWFIELD_BROWSER");
    }

    Optional<UUID> of(HttpServletRequest request, String email) {
        return Arrays.stream(Optional.ofNullable(request.getCookies()).orElse(new Cookie[0]))
                .filter(c -> c.getName().equals(name()))
                .findFirst()
                .flatMap(c -> marks.read(c.getValue(), email));
    }

    void remember(HttpServletRequest request, HttpServletResponse response, String email) {
        var mark = marks.make(of(request, email).orElseGet(UUID::randomUUID), email);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(name(), mark)
                        .httpOnly(true)
                        .secure(cookies.areSecure())
                        .sameSite("Strict")
                        .path("/")
                        .maxAge(HOLDS)
                        .build()
                        .toString());
    }
}
