package lowfield.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/**
 * Receives whole files before anything is done with them: a slow sender holds a thread, but neither a transaction nor a
 * connection of the database. Runs behind sign-in, so that strangers write nothing to the disk.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class SpooledUploads extends OncePerRequestFilter {
    private final HandlerExceptionResolver problems;

    SpooledUploads(@Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems) {
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !"POST".equals(request.getMethod()) || !Body.of(request).isFile();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var file = Files.createTempFile("lowfield-sent", ".part");
        try (var received = SpooledFile.receive(request, file)) {
            chain.doFilter(received, response);
        } catch (TooSlow late) {
            problems.resolveException(request, response, null, late);
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
