package lowfield.server.outbound;

import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PushbackInputStream;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.ZipException;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.Header;
import org.jspecify.annotations.Nullable;

/** What an answer brings, as far as it is of the form that was asked for and within its bounds. */
final class AnswerBody {
    /** How a file begins that is packed by gzip (RFC 1952). */
    private static final byte[] GZIP = {0x1f, (byte) 0x8b};

    private AnswerBody() {}

    static Fetched of(ClassicHttpResponse response, HttpGet request, Wanted.Form form) throws IOException {
        var entity = response.getEntity();
        var type = Optional.ofNullable(entity).map(e -> ContentType.parseLenient(e.getContentType()));
        if (entity == null
                || type.isEmpty()
                || !form.types.matcher(type.get().getMimeType()).matches()) {
            return new Fetched.Failed(
                    entity == null || entity.getContentLength() == 0
                            ? "the page is empty"
                            : "the answer is not " + form.label,
                    false);
        }
        return form == Wanted.Form.LIST
                ? stored(entity.getContent(), request, form, type.get().getCharset())
                : page(
                        entity.getContent(),
                        request,
                        form,
                        type.get().getCharset(),
                        Optional.ofNullable(response.getFirstHeader("ETag")).map(Header::getValue));
    }

    private static Fetched page(
            InputStream body, HttpGet request, Wanted.Form form, @Nullable Charset charset, Optional<String> etag)
            throws IOException {
        var bytes = new ByteArrayOutputStream();
        if (!copied(body, bytes, form)) {
            request.abort();
            return tooLarge(form);
        }
        return bytes.size() == 0
                ? new Fetched.Failed("the page is empty", false)
                : new Fetched.Page(BodyText.of(bytes.toByteArray(), charset), etag);
    }

    /** A list goes to disk as it comes: how long it is must not matter to the heap. */
    private static Fetched stored(InputStream body, HttpGet request, Wanted.Form form, @Nullable Charset charset)
            throws IOException {
        var file = Files.createTempFile("lowfield-list", "");
        var isKept = false;
        try (var out = Files.newOutputStream(file)) {
            if (!copied(unpacked(body), out, form)) {
                request.abort();
                return tooLarge(form);
            }
            out.flush();
            if (Files.size(file) == 0) {
                return new Fetched.Failed("the page is empty", false);
            }
            isKept = true;
            return new Fetched.Listed(StoredBody.of(file, charset));
        } catch (ZipException | EOFException broken) {
            return new Fetched.Failed("the list is packed, and broken", false);
        } finally {
            if (!isKept) {
                Files.deleteIfExists(file);
            }
        }
    }

    /** A list that shops keep packed, as it is inside; how long that is, is bounded like any other. */
    private static InputStream unpacked(InputStream body) throws IOException {
        var ahead = new PushbackInputStream(body, GZIP.length);
        var first = ahead.readNBytes(GZIP.length);
        ahead.unread(first);
        return Arrays.equals(first, GZIP) ? new GZIPInputStream(ahead) : ahead;
    }

    /** Whether all of it was within the bounds of its form. */
    private static boolean copied(InputStream body, OutputStream out, Wanted.Form form) throws IOException {
        var buffer = new byte[16 * 1024];
        var all = 0L;
        for (int read = body.read(buffer); read >= 0; read = body.read(buffer)) {
            all += read;
            if (all > form.megabytes * 1024L * 1024) {
                return false;
            }
            out.write(buffer, 0, read);
        }
        return true;
    }

    private static Fetched tooLarge(Wanted.Form form) {
        return new Fetched.Failed("the page is larger than %d MB".formatted(form.megabytes), false);
    }
}
