package lowfield.server.outbound;

import java.io.BufferedInputStream;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;

/**
 * A long answer on disk, so that it can be read as a stream however long it is; removed when closed. It is text in the
 * charset that was stated, else in UTF-8; where it is no such text, in the Western charset that takes any byte. NUL is
 * replaced as browsers do.
 */
public final class StoredBody implements AutoCloseable {
    private static final Charset ANY = Charset.forName("windows-1252");
    private static final int BUFFER = 1 << 16;

    private final Path file;
    private final Charset charset;

    private StoredBody(Path file, Charset charset) {
        this.file = file;
        this.charset = charset;
    }

    /** Takes over a file that was written, and finds out how it is to be read. */
    static StoredBody of(Path file, @Nullable Charset stated) throws IOException {
        var charset = stated == null ? StandardCharsets.UTF_8 : stated;
        return new StoredBody(file, isText(file, charset) ? charset : ANY);
    }

    private static boolean isText(Path file, Charset charset) throws IOException {
        var decoder = charset.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        var buffer = new char[BUFFER];
        try (var reader = new InputStreamReader(new BufferedInputStream(Files.newInputStream(file), BUFFER), decoder)) {
            while (reader.read(buffer) >= 0) {
                // Only whether it can be read is asked.
            }
            return true;
        } catch (CharacterCodingException lied) {
            return false;
        }
    }

    /** The text from its beginning, as often as it is asked for. */
    public Reader reader() {
        try {
            return new WithoutNul(
                    new InputStreamReader(new BufferedInputStream(Files.newInputStream(file), BUFFER), charset));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    @Override
    public void close() {
        try {
            Files.deleteIfExists(file);
        } catch (IOException stays) {
            throw new UncheckedIOException(stays);
        }
    }

    private static final class WithoutNul extends FilterReader {
        WithoutNul(Reader in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            var c = super.read();
            return c == 0 ? '\uFFFD' : c;
        }

        @Override
        public int read(char[] buffer, int from, int length) throws IOException {
            var n = super.read(buffer, from, length);
            for (int i = from; i < from + n; i++) {
                if (buffer[i] == 0) {
                    buffer[i] = '\uFFFD';
                }
            }
            return n;
        }
    }
}
