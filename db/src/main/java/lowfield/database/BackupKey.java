package lowfield.database;

import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.regex.Pattern;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * The secret by which a desk knows its own backups. It lies beside the desk, never in the database: who holds a backup must
 * not be able to make another.
 */
public final class BackupKey {
    private static final String HOW = "HmacSHA256";
    private static final Pattern FORM = Pattern.compile("[0-9a-f]{64,128}");

    private final SecretKeySpec key;

    private BackupKey(byte[] bytes) {
        key = new SecretKeySpec(bytes, HOW);
    }

    /** From 64 to 128 hexadecimal digits. */
    public static BackupKey of(String hex) {
        if (!FORM.matcher(hex).matches()) {
            throw new Refusal("LOWFIELD_BACKUP_KEY must be 64 to 128 hexadecimal digits in lower case.");
        }
        return new BackupKey(HexFormat.of().parseHex(hex));
    }

    /** The mark of a manifest, which names the hash of the dump: so it stands for the whole backup. */
    String mark(byte[] manifest) {
        try {
            var mac = Mac.getInstance(HOW);
            mac.init(key);
            return HexFormat.of().formatHex(mac.doFinal(manifest));
        } catch (GeneralSecurityException none) {
            throw new IllegalStateException(none);
        }
    }

    boolean isMark(byte[] said, byte[] manifest) {
        return MessageDigest.isEqual(said, mark(manifest).getBytes(java.nio.charset.StandardCharsets.US_ASCII));
    }
}
