package lowfield.server.accounts;

import static lowfield.db.Tables.ACCOUNT;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.db.tables.records.AccountRecord;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of this desk. The first account is made with a token that is printed on the console once. */
@Service
public class Accounts {
    private static final Logger LOG = LoggerFactory.getLogger(Accounts.class);
    private static final int SHORTEST = 10;
    /** Longer passwords would be cut by bcrypt. */
    private static final int LONGEST = 72;

    private final DSLContext db;
    private final PasswordEncoder passwords;
    private final Attempts attempts;
    private final Clock clock;
    private volatile @Nullable String firstToken;

    Accounts(DSLContext db, PasswordEncoder passwords, Attempts attempts, Clock clock) {
        this.db = db;
        this.passwords = passwords;
        this.attempts = attempts;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void offerFirstAccount() {
        if (isEmpty()) {
            var bytes = new byte[12];
            new SecureRandom().nextBytes(bytes);
            var token = HexFormat.of().formatHex(bytes);
            firstToken = token;
            LOG.info("No account exists yet. One-time token for the first account: {}", token);
        }
    }

    /** Whether nobody can sign in yet. */
    public boolean isEmpty() {
        return !db.fetchExists(ACCOUNT);
    }

    /** Makes the owner's account; the token works once. */
    @Transactional
    public synchronized Person first(String token, String email, String name, String password) {
        var expected = firstToken;
        RuleBroken.unless(isEmpty(), "The first account exists already; sign in with it, or ask its owner for one.");
        attempts.guard("first-account");
        if (expected == null
                || !java.security.MessageDigest.isEqual(
                        expected.getBytes(java.nio.charset.StandardCharsets.UTF_8),
                        token.strip().getBytes(java.nio.charset.StandardCharsets.UTF_8))) {
            attempts.failed("first-account");
            throw new RuleBroken(
                    "This is not the token that the server printed when it started; copy it from the console.");
        }
        var person = create(email, name, password, Person.Role.OWNER);
        firstToken = null;
        return person;
    }

    @Transactional
    public Person create(String email, String name, String password, Person.Role role) {
        RuleBroken.unless(
                email.matches("[^@\\s]+@[^@\\s]+\\.[^@\\s]+") && email.length() <= 200,
                "\"%s\" is not an e-mail address.",
                shortened(email));
        RuleBroken.unless(!name.isBlank() && name.length() <= 100, "A name has 1 to 100 letters.");
        RuleBroken.unless(
                password.length() >= SHORTEST
                        && password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length <= LONGEST,
                "A password has %d to %d letters.",
                SHORTEST,
                LONGEST);
        RuleBroken.unless(byEmail(email).isEmpty(), "Somebody signs in as %s already.", email);
        var id = UUID.randomUUID();
        db.insertInto(
                        ACCOUNT,
                        ACCOUNT.ID,
                        ACCOUNT.EMAIL,
                        ACCOUNT.NAME,
                        ACCOUNT.PASSWORD_HASH,
                        ACCOUNT.ROLE,
                        ACCOUNT.CREATED_AT)
                .values(
                        id,
                        email.strip(),
                        name.strip(),
                        passwords.encode(password),
                        role.name().toLowerCase(Locale.ROOT),
                        OffsetDateTime.now(clock).withOffsetSameInstant(ZoneOffset.UTC))
                .execute();
        return new Person(id, name.strip(), email.strip(), role);
    }

    /** The person of an e-mail address and password; too many failures make the address wait. */
    public Person signIn(String email, String password, String from) {
        attempts.guard(email, from);
        var account = byEmail(email);
        var matches = passwords.matches(
                password, account.map(AccountRecord::getPasswordHash).orElse(Attempts.NOBODY));
        if (account.isEmpty() || !matches) {
            attempts.failed(email, from);
            throw new RuleBroken("E-mail address and password do not go together; nothing was changed.");
        }
        attempts.forget(email, from);
        return person(account.get());
    }

    public List<Person> all() {
        return db.selectFrom(ACCOUNT).orderBy(ACCOUNT.NAME).fetch(Accounts::person);
    }

    private Optional<AccountRecord> byEmail(String email) {
        return db.selectFrom(ACCOUNT)
                .where(org.jooq.impl.DSL.lower(ACCOUNT.EMAIL).eq(email.strip().toLowerCase(Locale.ROOT)))
                .fetchOptional();
    }

    private static Person person(AccountRecord r) {
        return new Person(
                r.getId(),
                r.getName(),
                r.getEmail(),
                Person.Role.valueOf(r.getRole().toUpperCase(Locale.ROOT)));
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
