package lowfield.server.accounts;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lowfield.core.RuleBroken;
import lowfield.core.Text;
import lowfield.db.tables.records.AccountRecord;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** What a password must be, and whether one is the right one. */
@Component
class Passwords {
    static final int SHORTEST = 12;
    /** Bytes; more would be cut by bcrypt. */
    static final int LONGEST = 72;
    /** Of 0 to 4: what a machine that guesses 10,000 times a second does not find in a week. */
    private static final int STRENGTH = 3;
    /** The hash of a password that nobody has, so that an unknown address takes as long as a known one. */
    private static final String NOBODY = "$2a$10$7EqJtq98hPqEX7fNZaFWoOhi5S0D4bD0uZ5Z0Z5Z0Z5Z0Z5Z0Z5Z0";

    private final PasswordEncoder encoder;
    private final Zxcvbn guesser = new Zxcvbn();

    Passwords(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    /** Refuses a password that is too short or long, among the well-known ones, or easily guessed from who it is for. */
    void check(String password, List<String> about) {
        RuleBroken.unless(
                password.length() >= SHORTEST && bytes(password) <= LONGEST,
                "A password has %d to %d letters.",
                SHORTEST,
                LONGEST);
        RuleBroken.unless(Text.isOne(password), "A password holds %s.", Text.RULE);
        RuleBroken.unless(
                guesser.measure(password, new ArrayList<>(about)).getScore() >= STRENGTH,
                "This password is easily guessed; take three or four words that do not belong together.");
    }

    String hash(String password) {
        return encoder.encode(password);
    }

    /** Takes as long when there is no such account, or when it has no password yet. */
    boolean matches(String password, Optional<AccountRecord> account) {
        var hash = account.map(AccountRecord::getPasswordHash);
        var isRight = bytes(password) <= LONGEST && encoder.matches(password, hash.orElse(NOBODY));
        return isRight && hash.isPresent();
    }

    private static int bytes(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length;
    }
}
