package lowfield.server.platform;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.io.InputStream;
import java.net.SocketTimeoutException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** A request with a whole file that has been received: its body is read from the disk, and its hash is known. */
public final class SpooledFile extends HttpServletRequestWrapper implements AutoCloseable {
    private final Sent sent;
    private final String sha256;

    private SpooledFile(HttpServletRequest request, Sent sent, String sha256) {
        super(request);
        this.sent = sent;
        this.sha256 = sha256;
    }

    /** Receives the body to its end; {@link TooSlow} where it does not arrive in time. */
    static SpooledFile receive(HttpServletRequest request, Path into) throws IOException {
        try (var hashed = new DigestInputStream(request.getInputStream(), sha())) {
            Files.copy(hashed, into, StandardCopyOption.REPLACE_EXISTING);
            var hash = HexFormat.of().formatHex(hashed.getMessageDigest().digest());
            return new SpooledFile(request, new Sent(Files.newInputStream(into)), hash);
        } catch (SocketTimeoutException late) {
            throw new TooSlow(late);
        }
    }

    private static MessageDigest sha() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The SHA-256 of the body, in hexadecimal digits. */
    public String sha256() {
        return sha256;
    }

    @Override
    public ServletInputStream getInputStream() {
        return sent;
    }

    @Override
    public void close() throws IOException {
        sent.close();
    }

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
