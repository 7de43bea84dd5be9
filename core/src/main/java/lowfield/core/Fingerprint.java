package lowfield.core;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;

/** What is stored to know a thing again: SHA-256 over canonical text, in 64 hexadecimal digits. */
public final class Fingerprint {
    private Fingerprint() {}

    public static String of(String canonical) {
        try {
            var digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(canonical.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** Of several texts, whatever they hold: each with its length before it. */
    public static String of(List<String> canonical) {
        var text = new StringBuilder();
        canonical.forEach(each -> text.append(each.length()).append(':').append(each));
        return of(text.toString());
    }
}
