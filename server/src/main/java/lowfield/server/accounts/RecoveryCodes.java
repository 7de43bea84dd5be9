package lowfield.server.accounts;

import static lowfield.db.Tables.RECOVERY_CODE;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Codes on paper that stand in for a lost app. They are shown once; only their hashes are kept. */
@Component
class RecoveryCodes {
    private static final int CODES = 10;
    /** Twelve of these letters, which nobody takes for another: 58 bits. */
    private static final int GROUPS = 3;

    private static final int LETTERS = 4;
    private static final String ALPHABET = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final SecureRandom RANDOM = new SecureRandom();

    private final DSLContext db;

    RecoveryCodes(DSLContext db) {
        this.db = db;
    }

    /** New ones, in groups of four letters; those of before no longer count. */
    List<String> make(UUID account) {
        db.deleteFrom(RECOVERY_CODE).where(RECOVERY_CODE.ACCOUNT_ID.eq(account)).execute();
        var codes = Stream.generate(RecoveryCodes::drawn).limit(CODES).toList();
        codes.forEach(code -> db.insertInto(RECOVERY_CODE)
                .set(RECOVERY_CODE.ACCOUNT_ID, account)
                .set(RECOVERY_CODE.CODE_HASH, hash(account, code))
                .execute());
        return codes;
    }

    /** Uses a code up; whether there was such a one. */
    boolean use(UUID account, String code) {
        return db.deleteFrom(RECOVERY_CODE)
                        .where(RECOVERY_CODE.ACCOUNT_ID.eq(account), RECOVERY_CODE.CODE_HASH.eq(hash(account, code)))
                        .execute()
                > 0;
    }

    int left(UUID account) {
        return db.fetchCount(RECOVERY_CODE, RECOVERY_CODE.ACCOUNT_ID.eq(account));
    }

    private static String drawn() {
        return Stream.generate(RecoveryCodes::group).limit(GROUPS).collect(Collectors.joining("-"));
    }

    private static String group() {
        return RANDOM.ints(LETTERS, 0, ALPHABET.length())
                .mapToObj(i -> String.valueOf(ALPHABET.charAt(i)))
                .collect(Collectors.joining());
    }

    private static String hash(UUID account, String code) {
        var letters = code.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
        try {
            var digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest((account + " " + letters).getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException none) {
            throw new IllegalStateException(none);
        }
    }
}
