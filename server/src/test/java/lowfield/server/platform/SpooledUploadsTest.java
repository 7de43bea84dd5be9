package lowfield.server.platform;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.isA;
import static org.mockito.ArgumentMatchers.isNull;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
        var request = mock(HttpServletRequest.class);
        var dripping = mock(ServletInputStream.class);
        when(request.getMethod()).thenReturn("POST");
        when(request.getRequestURI()).thenReturn("/api/kinds/CASE/file");
        when(request.getContextPath()).thenReturn("");
        when(request.getInputStream()).thenReturn(dripping);
        when(dripping.transferTo(any())).thenThrow(new SocketTimeoutException("late"));
        when(dripping.read(any(byte[].class))).thenThrow(new SocketTimeoutException("late"));
        var chain = mock(FilterChain.class);
        var before = left();
        filter.doFilter(request, new MockHttpServletResponse(), chain);
        verify(problems).resolveException(any(), any(), isNull(), isA(TooSlow.class));
        verifyNoInteractions(chain);
        assertThat(left()).isEqualTo(before);
    }
}
