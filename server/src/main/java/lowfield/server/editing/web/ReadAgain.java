package lowfield.server.editing.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import lowfield.server.platform.TooSlow;

/** A request whose body was read and can be read again. */
final class ReadAgain extends HttpServletRequestWrapper {
    /** As it was sent. */
    private final byte[] body;

    ReadAgain(HttpServletRequest request) throws IOException {
        super(request);
        try {
            body = request.getInputStream().readAllBytes();
        } catch (SocketTimeoutException late) {
            throw new TooSlow(late);
        }
    }

    /** The body, so that the same is known again. */
    String told() {
        return new String(body, StandardCharsets.UTF_8);
    }

    @Override
    public ServletInputStream getInputStream() {
        var bytes = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public boolean isFinished() {
                return bytes.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new IllegalStateException("Edits are not read asynchronously; their body is here as a whole.");
            }

            @Override
            public int read() {
                return bytes.read();
            }

            @Override
            public int read(byte[] into, int from, int length) {
                return bytes.read(into, from, length);
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
}
