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

/** Refuses request bodies over 512 KB (files of parts: 64 MB), or of unknown length, before they are read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
public class BodyLimit extends OncePerRequestFilter {
    private static final long MOST = 512 * 1024;
    private static final long MOST_OF_A_FILE = 64 * 1024 * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var chunked = request.getHeader("Transfer-Encoding") != null;
        var isFile = request.getRequestURI().matches("/api/kinds/[A-Z_]+/file");
        if (request.getContentLengthLong() <= (isFile ? MOST_OF_A_FILE : MOST) && !chunked) {
            chain.doFilter(request, response);
            return;
        }
        response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
        response.setContentType("application/problem+json");
        response.getWriter()
                .write("{\"type\":\"/problems/too-large\",\"title\":\"Too large\",\"status\":413,"
                        + "\"detail\":\"%s; nothing was saved.\"}"
                                .formatted(
                                        isFile
                                                ? "The file is over 64 MB, or its length is not told; split it"
                                                : "What was sent is over 512 KB; a reason has at most 40,000 letters"));
    }
}
