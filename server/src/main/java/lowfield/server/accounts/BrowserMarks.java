package lowfield.server.accounts;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import lowfield.db.tables.records.AccountRecord;
import org.springframework.stereotype.Service;

/**
 * Marks of browsers that have signed in to an account, signed so that nobody can make one up. A mark is for one password: once
 * that is changed, every browser is a stranger again.
 */
@Service
public class BrowserMarks {
    private final DeskKey key;
    private final Accounts accounts;

    BrowserMarks(DeskKey key, Accounts accounts) {
        this.key = key;
        this.accounts = accounts;
    }

    public String make(UUID browser, String email) {
        return browser + "." + signature(browser.toString(), email);
    }

    /** The browser of a mark that is ours and for this very account. */
    public Optional<UUID> read(String mark, String email) {
        var at = mark.indexOf('.');
        if (at != 36 || !mark.substring(0, at).matches("[0-9a-f-]{36}")) {
            return Optional.empty();
        }
        var browser = mark.substring(0, at);
        var isOurs = MessageDigest.isEqual(bytes(mark.substring(at + 1)), bytes(signature(browser, email)));
        return isOurs ? Optional.of(UUID.fromString(browser)) : Optional.empty();
    }

    private String signature(String browser, String email) {
        var password =
                accounts.byEmail(email).map(AccountRecord::getPasswordHash).orElse("");
        return key.sign("browser", browser + " " + email.strip().toLowerCase(Locale.ROOT) + " " + password);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
