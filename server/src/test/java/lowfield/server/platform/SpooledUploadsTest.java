package lowfield.server.platform;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.isA;
import static org.mockito.ArgumentMatchers.isNull;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.net.SocketTimeoutException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.DelegatingServletInputStream;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Whole files are there before anything is done with them. */
class SpooledUploadsTest {
    private final HandlerExceptionResolver problems = mock(HandlerExceptionResolver.class);
    private final SpooledUploads filter = new SpooledUploads(problems);

    private static MockHttpServletRequest file(String method, String path) {
        var request = new MockHttpServletRequest(method, path);
        request.setContent("maker,product\n".getBytes(UTF_8));
        return request;
    }

    private static long left() throws IOException {
        try (var files = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
            return files.filter(f -> f.getFileName().toString().startsWith("lowfield-sent"))
                    .count();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "POST, /api/kinds/CASE/file, true",
        "POST, /api/kinds/CASE/f%69le, true",
        "POST, /api/parts/1/pictures, true",
        "GET, /api/parts/1/pictures, false",
        "POST, /api/guides, false"
    })
    void filesAreReceivedAndNothingElse(String method, String path, boolean isReceived) throws Exception {
        var request = file(method, path);
        var passed = new AtomicReference<HttpServletRequest>();
        var said = new AtomicReference<String>();
        var before = left();
        filter.doFilter(request, new MockHttpServletResponse(), (sent, answer) -> {
            passed.set((HttpServletRequest) sent);
            said.set(new String(sent.getInputStream().readAllBytes(), UTF_8));
        });
        assertThat(passed.get() == request).isNotEqualTo(isReceived);
        assertThat(said.get()).isEqualTo("maker,product\n");
        assertThat(left()).isEqualTo(before);
    }

    @Test
    void aSenderThatIsTooSlowIsToldSoAndNothingIsBegun() throws Exception {
        var request = new MockHttpServletRequest("POST", "/api/kinds/CASE/file") {
            @Override
            public ServletInputStream getInputStream() {
                return new DelegatingServletInputStream(new Paused());
            }
        };
        var chain = mock(FilterChain.class);
        var before = left();
        filter.doFilter(request, new MockHttpServletResponse(), chain);
        verify(problems).resolveException(any(), any(), isNull(), isA(TooSlow.class));
        verifyNoInteractions(chain);
        assertThat(left()).isEqualTo(before);
    }

    /** A body of which one letter came and then nothing for too long. */
    private static final class Paused extends InputStream {
        private boolean hasCome;

        @Override
        public int read() throws IOException {
            if (hasCome) {
                throw new SocketTimeoutException("nothing came");
            }
            hasCome = true;
            return 'm';
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            into[from] = (byte) read();
            return 1;
        }
    }
}
