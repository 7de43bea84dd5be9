package lowfield.server.editing.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** A request with a whole file, which is hashed as it is read and never held. */
final class SentFile extends HttpServletRequestWrapper implements SentBody {
    private final ServletInputStream plain;
    private final DigestInputStream hashed;

    SentFile(HttpServletRequest request) throws IOException {
        super(request);
        plain = request.getInputStream();
        hashed = new DigestInputStream(plain, sha());
    }

    private static MessageDigest sha() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The hash of all of it; what nobody has read yet is read for that. */
    @Override
    public String told() {
        try {
            hashed.transferTo(OutputStream.nullOutputStream());
            return "SHA-256 "
                    + HexFormat.of().formatHex(hashed.getMessageDigest().digest());
        } catch (IOException cut) {
            throw new UncheckedIOException(cut);
        }
    }

    @Override
    public ServletInputStream getInputStream() {
        return new ServletInputStream() {
            @Override
            public boolean isFinished() {
                return plain.isFinished();
            }

            @Override
            public boolean isReady() {
                return plain.isReady();
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new IllegalStateException("Files are not read asynchronously.");
            }

            @Override
            public int read() throws IOException {
                return hashed.read();
            }

            @Override
            public int read(byte[] into, int from, int length) throws IOException {
                return hashed.read(into, from, length);
            }
        };
    }
}
