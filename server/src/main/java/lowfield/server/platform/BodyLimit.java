package lowfield.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses request bodies that are too large for what they are, or of unknown length, before they are read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
public class BodyLimit extends OncePerRequestFilter {
    /** The most a picture may have. */
    public static final int PICTURE_BYTES = 10 * 1024 * 1024;

    /** What may be sent to some addresses; the first that matches counts. */
    private enum Body {
        PARTS(
                "/api/kinds/[A-Z_]+/file",
                64 * 1024 * 1024,
                "The file is over 64 MB, or its length is not told; split it"),
        PICTURE("/api/.+/pictures", PICTURE_BYTES, "A picture has at most 10 MB; this one has more"),
        ANY(".*", 512 * 1024, "What was sent is over 512 KB; a reason has at most 40,000 letters");

        private final String address;
        private final long most;
        private final String sentence;

        Body(String address, long most, String sentence) {
            this.address = address;
            this.most = most;
            this.sentence = sentence;
        }

        static Body at(String address) {
            return Arrays.stream(values())
                    .filter(b -> address.matches(b.address))
                    .findFirst()
                    .orElse(ANY);
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var chunked = request.getHeader("Transfer-Encoding") != null;
        var body = Body.at(request.getRequestURI());
        if (request.getContentLengthLong() <= body.most && !chunked) {
            chain.doFilter(new TimedBody(request, System::nanoTime), response);
            return;
        }
        response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
        response.setContentType("application/problem+json");
        response.getWriter()
                .write("{\"type\":\"/problems/too-large\",\"title\":\"Too large\",\"status\":413,"
                        + "\"detail\":\"%s; nothing was saved.\"}".formatted(body.sentence));
    }
}
