package lowfield.server.readers;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Pace;
import lowfield.server.platform.Settings;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Everything on the readers' port ends here, before any session is looked for: published pages as they were rendered, and
 * the few files they need. The desk's port never gets past this unchanged.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 15)
public class ReaderSite extends OncePerRequestFilter {
    /** No scripts at all, and nothing from elsewhere. */
    public static final String POLICY =
            "default-src 'none'; style-src 'self'; font-src 'self'; img-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    /** What is sent for an address. */
    private record Sent(String type, byte[] body, byte[] zipped, String etag, String caching) {
        static Sent of(String type, byte[] body, String caching) {
            return new Sent(type, body, Pages.zipped(body), Pages.etag(body), caching);
        }
    }

    private static final int LONGEST_PATH = 200;
    private static final long MOST_BYTES = 64_000_000;
    private static final Duration FRESH = Duration.ofMinutes(1);
    private static final int TOO_MANY = 429;
    private static final String PAGE_CACHING = "public, max-age=60";
    private static final String FILE_CACHING = "public, max-age=86400";

    private final Pages pages;
    private final FrozenPages frozen;
    private final SlotFiller filler;
    private final PublicImages images;
    private final Settings settings;
    private final Turns turns;
    private final Pace pace;
    /** What was sent of late. Of an address where nothing is, nothing stays. */
    private final Cache<String, Sent> cache = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((String path, Sent sent) -> path.length() + sent.body().length + sent.zipped().length)
            .expireAfterWrite(FRESH)
            .build();

    ReaderSite(
            Pages pages,
            FrozenPages frozen,
            SlotFiller filler,
            PublicImages images,
            Settings settings,
            Turns turns,
            Notices notices) {
        this.images = images;
        this.turns = turns;
        this.frozen = frozen;
        this.filler = filler;
        this.pages = pages;
        this.settings = settings;
        pace = new Pace(settings.limits().readerRate(), settings.limits().readerBurst(), System::nanoTime);
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.PAGES || change.topic() == Notices.Topic.OFFERS) {
                cache.invalidateAll();
            }
        });
    }

    /** Where readers find a path. */
    public String address(String path) {
        return (settings.readerUrl().isEmpty() ? "http://127.0.0.1:" + settings.readerPort() : settings.readerUrl())
                + path;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getLocalPort() != settings.readerPort()) {
            chain.doFilter(request, response);
            return;
        }
        headers(request, response);
        if (!request.getMethod().equals("GET") && !request.getMethod().equals("HEAD")) {
            response.setHeader("Allow", "GET, HEAD");
            response.setStatus(HttpServletResponse.SC_METHOD_NOT_ALLOWED);
            return;
        }
        if (!pace.allows(request.getRemoteAddr())) {
            response.setHeader("Retry-After", "2");
            told(response, TOO_MANY, "Too much was asked from this address; wait a moment");
            return;
        }
        var path = request.getRequestURI();
        var bare = path.length() > 1 && path.endsWith("/") ? path.substring(0, path.length() - 1) : path;
        try {
            if (bare.length() <= LONGEST_PATH && images.sent(bare, request, response)) {
                return;
            }
            var sent = bare.length() > LONGEST_PATH ? Optional.<Sent>empty() : sent(bare);
            if (sent.isPresent()) {
                send(request, response, sent.get());
            } else {
                told(response, HttpServletResponse.SC_NOT_FOUND, "There is nothing at this address");
            }
        } catch (DataAccessException | org.jooq.exception.DataAccessException away) {
            response.setHeader("Retry-After", "30");
            told(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, "This page cannot be reached at the moment");
        }
    }

    private Optional<Sent> sent(String path) {
        return Optional.ofNullable(
                cache.get(path, asked -> turns.ask(() -> find(asked)).orElse(null)));
    }

    private void headers(HttpServletRequest request, HttpServletResponse response) {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer-when-downgrade");
        response.setHeader("Permissions-Policy", "camera=(), microphone=(), geolocation=()");
        if (settings.secureCookies() || request.isSecure()) {
            response.setHeader("Strict-Transport-Security", "max-age=31536000");
        }
    }

    private static void send(HttpServletRequest request, HttpServletResponse response, Sent sent) throws IOException {
        response.setHeader("ETag", sent.etag());
        response.setHeader("Cache-Control", sent.caching());
        response.setHeader("Vary", "Accept-Encoding");
        var known = request.getHeader("If-None-Match");
        if (known != null && known.contains(sent.etag())) {
            response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
            return;
        }
        var encodings =
                Optional.ofNullable(request.getHeader("Accept-Encoding")).orElse("");
        var zip = encodings.contains("gzip") && !sent.type().startsWith("font/");
        response.setContentType(sent.type());
        if (zip) {
            response.setHeader("Content-Encoding", "gzip");
        }
        var body = zip ? sent.zipped() : sent.body();
        response.setContentLength(body.length);
        if (!request.getMethod().equals("HEAD")) {
            Sending.body(body, response.getOutputStream(), System::nanoTime);
        }
    }

    private static void told(HttpServletResponse response, int status, String sentence) throws IOException {
        response.setStatus(status);
        response.setContentType("text/html; charset=utf-8");
        response.getOutputStream()
                .write(
                        "<!doctype html><html lang=\"en\"><head><title>%s</title><link rel=\"stylesheet\" href=\"/reader/reader.css\"></head><body><main><h1>%s</h1><p><a href=\"/\">To the guides</a></p></main></body></html>"
                                .formatted(sentence, sentence)
                                .getBytes(StandardCharsets.UTF_8));
    }

    private Optional<Sent> find(String path) {
        if (path.equals("/")) {
            return Optional.of(
                    Sent.of("text/html; charset=utf-8", pages.front().getBytes(StandardCharsets.UTF_8), PAGE_CACHING));
        }
        if (path.equals("/reader/reader.css")) {
            return file("static" + path, "text/css; charset=utf-8");
        }
        if (path.matches("/fonts/[a-z0-9-]+\\.woff2")) {
            return file("META-INF/resources" + path, "font/woff2");
        }
        if (path.equals("/icon.svg") || path.equals("/favicon.ico")) {
            return file("META-INF/resources/icon.svg", "image/svg+xml");
        }
        return frozen.at(path).map(this::page);
    }

    /** The page as it was frozen, with what goes into its slots now. */
    private Sent page(FrozenPage page) {
        return filler.filled(page)
                .map(html -> Sent.of(page.type(), html, PAGE_CACHING))
                .orElseGet(() -> new Sent(page.type(), page.body(), page.zipped(), page.etag(), PAGE_CACHING));
    }

    private static Optional<Sent> file(String place, String type) {
        try (var in = new ClassPathResource(place).getInputStream()) {
            return Optional.of(Sent.of(type, in.readAllBytes(), FILE_CACHING));
        } catch (IOException absent) {
            return Optional.empty();
        }
    }
}
