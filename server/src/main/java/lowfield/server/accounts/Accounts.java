package lowfield.server.accounts;

import static lowfield.db.Tables.ACCOUNT;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.Text;
import lowfield.db.tables.records.AccountRecord;
import lowfield.server.platform.NotFound;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The accounts of this desk as they are stored. A removed one stays, so that history keeps its name. */
@Service
public class Accounts {
    private static final Condition STANDS = ACCOUNT.REMOVED_AT.isNull();

    private final DSLContext db;
    private final Passwords passwords;

    Accounts(DSLContext db, Passwords passwords) {
        this.db = db;
        this.passwords = passwords;
    }

    /** Whether the desk has no account at all yet. */
    public boolean isEmpty() {
        return !db.fetchExists(ACCOUNT);
    }

    /** An account that can sign in at once. */
    @Transactional
    public Person create(String email, String name, String password, Person.Role role) {
        passwords.check(password, List.of(email, name));
        return insert(email, name, passwords.hash(password), role);
    }

    /** An account that gets its password by a one-time link. */
    Person invite(String email, String name, Person.Role role) {
        return insert(email, name, null, role);
    }

    private Person insert(String email, String name, @Nullable String hash, Person.Role role) {
        RuleBroken.unless(
                Text.isOne(email) && email.matches("[^@\\s]+@[^@\\s]+\\.[^@\\s]+") && email.length() <= 200,
                "\"%s\" is not an e-mail address.",
                shortened(email));
        RuleBroken.unless(Text.isOne(name) && !name.isBlank() && name.length() <= 100, "A name has 1 to 100 letters.");
        RuleBroken.unless(byEmail(email).isEmpty(), "Somebody signs in as %s already.", email);
        var person = new Person(UUID.randomUUID(), name.strip(), email.strip(), role);
        db.insertInto(ACCOUNT)
                .set(ACCOUNT.ID, person.id())
                .set(ACCOUNT.EMAIL, person.email())
                .set(ACCOUNT.NAME, person.name())
                .set(ACCOUNT.PASSWORD_HASH, hash)
                .set(ACCOUNT.ROLE, role.stored())
                .set(ACCOUNT.CREATED_AT, now())
                .execute();
        return person;
    }

    /** As it stands this moment; empty for someone who was removed, or never was. */
    public Optional<Person> standing(UUID id) {
        return db.selectFrom(ACCOUNT).where(ACCOUNT.ID.eq(id), STANDS).fetchOptional(Person::of);
    }

    /** The same, kept from changing until the transaction ends. */
    AccountRecord locked(UUID id) {
        return db.selectFrom(ACCOUNT)
                .where(ACCOUNT.ID.eq(id), STANDS)
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such person at this desk."));
    }

    Optional<AccountRecord> byEmail(String email) {
        return db.selectFrom(ACCOUNT)
                .where(DSL.lower(ACCOUNT.EMAIL).eq(email.strip().toLowerCase(Locale.ROOT)), STANDS)
                .fetchOptional();
    }

    List<AccountRecord> all() {
        return db.selectFrom(ACCOUNT)
                .where(STANDS)
                .orderBy(ACCOUNT.NAME, ACCOUNT.EMAIL)
                .fetch();
    }

    /** The owners who can sign in; their rows are locked, so that two who leave at once do not both see the other stay. */
    List<UUID> owners() {
        return db.selectFrom(ACCOUNT)
                .where(ACCOUNT.ROLE.eq(Person.Role.OWNER.stored()), ACCOUNT.PASSWORD_HASH.isNotNull(), STANDS)
                .orderBy(ACCOUNT.ID)
                .forUpdate()
                .fetch(ACCOUNT.ID);
    }

    void setPassword(AccountRecord account, String password) {
        passwords.check(password, List.of(account.getEmail(), account.getName()));
        account.setPasswordHash(passwords.hash(password));
        account.update();
    }

    static OffsetDateTime now() {
        return OffsetDateTime.now(ZoneOffset.UTC);
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
