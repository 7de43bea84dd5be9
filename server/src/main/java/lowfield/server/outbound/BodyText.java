package lowfield.server.outbound;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;

/**
 * Bytes as text: in the stated charset, else UTF-8; where they are no such text, in the Western charset that takes any byte.
 * NUL is replaced as browsers do.
 */
final class BodyText {
    private static final Charset ANY = Charset.forName("windows-1252");

    private BodyText() {}

    static String of(byte[] bytes, @Nullable Charset stated) {
        var charset = stated == null ? StandardCharsets.UTF_8 : stated;
        return decoded(bytes, charset).replace('\0', '\uFFFD');
    }

    private static String decoded(byte[] bytes, Charset charset) {
        try {
            return charset.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
        } catch (CharacterCodingException lied) {
            return new String(bytes, ANY);
        }
    }
}
