package lowfield.server.accounts;

import static lowfield.db.Tables.DESK;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Signs and hides with the desk's own key, which all its servers share. */
@Component
class DeskKey {
    private static final String METHOD = "HmacSHA256";

    private final DSLContext db;
    private volatile byte[] key = new byte[0];

    DeskKey(DSLContext db) {
        this.db = db;
    }

    /** 64 hexadecimal digits; the purpose keeps what is signed for one thing from counting for another. */
    String sign(String purpose, String text) {
        try {
            var mac = Mac.getInstance(METHOD);
            mac.init(new SecretKeySpec(key(), METHOD));
            return HexFormat.of().formatHex(mac.doFinal((purpose + "\n" + text).getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException none) {
            throw new IllegalStateException(none);
        }
    }

    private byte[] key() {
        if (key.length == 0) {
            key = db.select(DESK.BROWSER_KEY).from(DESK).fetchSingle(DESK.BROWSER_KEY);
        }
        return key;
    }
}
