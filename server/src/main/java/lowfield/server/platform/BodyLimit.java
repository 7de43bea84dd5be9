package lowfield.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses request bodies that are too large for what they are, or of unknown length, before they are read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
public class BodyLimit extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var chunked = request.getHeader("Transfer-Encoding") != null;
        var body = Body.of(request);
        if (request.getContentLengthLong() <= body.most() && !chunked) {
            chain.doFilter(new TimedBody(request, System::nanoTime), response);
            return;
        }
        response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
        response.setContentType("application/problem+json");
        response.getWriter()
                .write("{\"type\":\"/problems/too-large\",\"title\":\"Too large\",\"status\":413,"
                        + "\"detail\":\"%s; nothing was saved.\"}".formatted(body.sentence()));
    }
}
