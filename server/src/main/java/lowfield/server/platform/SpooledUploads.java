package lowfield.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.net.SocketTimeoutException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.regex.Pattern;
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
public class SpooledUploads extends OncePerRequestFilter {
    private static final Pattern FILES = Pattern.compile("/api/(kinds/[^/]+/file|.+/pictures)");

    private final HandlerExceptionResolver problems;

    SpooledUploads(@Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems) {
        this.problems = problems;
    }

    /** Whether a request sends a whole file, which is never held in memory to be read a second time. */
    public static boolean isFile(HttpServletRequest request) {
        return FILES.matcher(NotRepeated.address(request)).matches();
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !"POST".equals(request.getMethod()) || !isFile(request);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var file = Files.createTempFile("lowfield-sent", ".part");
        try {
            if (received(request, response, file)) {
                try (var sent = new Sent(Files.newInputStream(file))) {
                    chain.doFilter(new Spooled(request, sent), response);
                }
            }
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private boolean received(HttpServletRequest request, HttpServletResponse response, Path file) throws IOException {
        try {
            Files.copy(request.getInputStream(), file, StandardCopyOption.REPLACE_EXISTING);
            return true;
        } catch (SocketTimeoutException late) {
            problems.resolveException(request, response, null, late);
            return false;
        }
    }

    private static final class Spooled extends HttpServletRequestWrapper {
        private final Sent sent;

        Spooled(HttpServletRequest request, Sent sent) {
            super(request);
            this.sent = sent;
        }

        @Override
        public ServletInputStream getInputStream() {
            return sent;
        }
    }

    /** What was received, as a servlet reads it. */
    private static final class Sent extends ServletInputStream {
        private final InputStream file;

        Sent(InputStream file) {
            this.file = file;
        }

        @Override
        public int read() throws IOException {
            return file.read();
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            return file.read(into, from, length);
        }

        @Override
        public boolean isFinished() {
            try {
                return file.available() == 0;
            } catch (IOException gone) {
                return true;
            }
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("Files are not read asynchronously.");
        }

        @Override
        public void close() throws IOException {
            file.close();
        }
    }
}
