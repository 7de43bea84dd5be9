package lowfield.server.accounts;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import javax.crypto.spec.SecretKeySpec;

/**
 * Codes of six digits that an app and the desk work out from a shared secret and the time (TOTP, RFC 6238, with its defaults:
 * steps of 30 seconds, HMAC-SHA-1).
 */
final class OneTimeCodes {
    /** As many as RFC 4226 recommends, in bytes. */
    static final int SECRET = 20;

    private static final TimeBasedOneTimePasswordGenerator CODES = new TimeBasedOneTimePasswordGenerator();
    private static final long STEP = CODES.getTimeStep().toSeconds();
    /** Steps either way: telephones and servers are rarely further apart, and people type slowly. */
    private static final int NEAR = 1;

    private OneTimeCodes() {}

    /** The step that a code belongs to, if it is one of about now and later than the last that was used. */
    static OptionalLong step(byte[] secret, String code, Instant now, long last) {
        var present = now.getEpochSecond() / STEP;
        return LongStream.rangeClosed(present - NEAR, present + NEAR)
                .filter(step -> step > last && isSame(of(secret, step), code))
                .findFirst();
    }

    static String of(byte[] secret, long step) {
        try {
            return CODES.generateOneTimePasswordString(
                    new SecretKeySpec(secret, CODES.getAlgorithm()), Instant.ofEpochSecond(step * STEP));
        } catch (InvalidKeyException unusable) {
            throw new IllegalStateException(unusable);
        }
    }

    /** Takes as long whichever digit differs. */
    private static boolean isSame(String one, String other) {
        return MessageDigest.isEqual(one.getBytes(StandardCharsets.US_ASCII), other.getBytes(StandardCharsets.UTF_8));
    }
}
