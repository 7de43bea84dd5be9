package lowfield.server.accounts;

import static lowfield.db.Tables.DESK;
import static lowfield.db.Tables.SECOND_FACTOR;

import io.nayuki.qrcodegen.QrCode;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.RuleBroken;
import org.apache.commons.codec.binary.Base32;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The second factor of accounts: beside the password, a code of an app or, once each, a recovery code. Everybody may have
 * one; owners may ask it of all.
 */
@Service
public class SecondFactors {
    private static final SecureRandom RANDOM = new SecureRandom();

    private final DSLContext db;
    private final RecoveryCodes recovery;
    private final Accounts accounts;
    private final OpenSessions sessions;
    private final PeopleLog log;

    SecondFactors(DSLContext db, RecoveryCodes recovery, Accounts accounts, OpenSessions sessions, PeopleLog log) {
        this.db = db;
        this.recovery = recovery;
        this.accounts = accounts;
        this.sessions = sessions;
        this.log = log;
    }

    /**
     * How it stands with somebody's own.
     *
     * @param codesLeft how many recovery codes are unused
     * @param isRequired whether everybody at this desk must have one
     */
    public record State(boolean isOn, int codesLeft, boolean isRequired) {}

    /**
     * What an app needs to know.
     *
     * @param secret in base 32, to type
     * @param address the same with its name, as apps read it from a drawing
     * @param drawing the address as a QR code: the path of its dark modules, each 1 wide
     * @param size modules a side
     */
    public record Setup(String secret, String address, String drawing, int size) {}

    public State of(UUID account) {
        return new State(isOn(account), recovery.left(account), isRequired());
    }

    public boolean isRequired() {
        return db.select(DESK.SECOND_FACTOR_REQUIRED).from(DESK).fetchSingle(DESK.SECOND_FACTOR_REQUIRED);
    }

    /** Everybody whose own is on. */
    Set<UUID> on() {
        return db.select(SECOND_FACTOR.ACCOUNT_ID)
                .from(SECOND_FACTOR)
                .where(SECOND_FACTOR.SINCE.isNotNull())
                .fetchSet(SECOND_FACTOR.ACCOUNT_ID);
    }

    boolean isOn(UUID account) {
        return db.fetchExists(SECOND_FACTOR, SECOND_FACTOR.ACCOUNT_ID.eq(account), SECOND_FACTOR.SINCE.isNotNull());
    }

    /** Whether somebody must set theirs up before anything else. */
    public boolean isMissing(UUID account) {
        return isRequired() && !isOn(account);
    }

    /** A new secret; it counts from the first code on. */
    @Transactional
    public Setup begin(Person person) {
        RuleBroken.unless(!isOn(person.id()), "Your second factor is on; turn it off before you set up another.");
        var secret = new byte[OneTimeCodes.SECRET];
        RANDOM.nextBytes(secret);
        db.insertInto(SECOND_FACTOR)
                .set(SECOND_FACTOR.ACCOUNT_ID, person.id())
                .set(SECOND_FACTOR.SECRET, secret)
                .onConflict(SECOND_FACTOR.ACCOUNT_ID)
                .doUpdate()
                .set(SECOND_FACTOR.SECRET, secret)
                .set(SECOND_FACTOR.LAST_STEP, 0L)
                .execute();
        var typed = new Base32().encodeAsString(secret).replace("=", "");
        var address = "otpauth://totp/Lowfield:%s?secret=%s&issuer=Lowfield"
                .formatted(URLEncoder.encode(person.email(), StandardCharsets.UTF_8), typed);
        var drawn = QrCode.encodeText(address, QrCode.Ecc.MEDIUM);
        return new Setup(typed, address, path(drawn), drawn.size);
    }

    private static String path(QrCode drawn) {
        var path = new StringBuilder();
        for (var y = 0; y < drawn.size; y++) {
            for (var x = 0; x < drawn.size; x++) {
                if (drawn.getModule(x, y)) {
                    path.append("M%d %dh1v1h-1z".formatted(x, y));
                }
            }
        }
        return path.toString();
    }

    /** Turns it on with the first code of the app, ends the other sessions, and answers with the recovery codes. */
    @Transactional
    public List<String> confirm(Person person, String code, String session) {
        RuleBroken.unless(!isOn(person.id()), "Your second factor is on already.");
        RuleBroken.unless(
                isNextCode(person.id(), code),
                "The code does not fit; check the clock of your telephone and type the next one.");
        db.update(SECOND_FACTOR)
                .set(SECOND_FACTOR.SINCE, Accounts.now())
                .where(SECOND_FACTOR.ACCOUNT_ID.eq(person.id()))
                .execute();
        log.note(PeopleLog.Event.FACTOR_ON, person.id(), person.id(), "");
        sessions.endAll(person.id(), Optional.of(session));
        return recovery.make(person.id());
    }

    /** New recovery codes; the old ones no longer count. */
    @Transactional
    public List<String> newCodes(Person person) {
        RuleBroken.unless(isOn(person.id()), "Your second factor is off, and needs no recovery codes.");
        log.note(PeopleLog.Event.CODES_MADE, person.id(), person.id(), "");
        return recovery.make(person.id());
    }

    /** Turns one's own off. */
    @Transactional
    public void end(Person person) {
        RuleBroken.unless(!isRequired(), "Everybody at this desk has a second factor; an owner can end that rule.");
        remove(person.id(), person.id());
    }

    /** Turns somebody's off who lost app and codes. */
    @Transactional
    public void endOf(UUID account, Person by) {
        accounts.locked(account);
        RuleBroken.unless(isOn(account), "Their second factor is off already.");
        remove(account, by.id());
    }

    /** Turns it off for whoever came by a link that the machine's console made. */
    void endByConsole(UUID account) {
        if (isOn(account)) {
            remove(account, account);
        }
    }

    /** Keeps no secret of somebody who is gone. */
    void forget(UUID account) {
        db.deleteFrom(SECOND_FACTOR).where(SECOND_FACTOR.ACCOUNT_ID.eq(account)).execute();
    }

    private void remove(UUID account, UUID by) {
        forget(account);
        log.note(PeopleLog.Event.FACTOR_OFF, account, by, "");
    }

    /** Whether everybody must have one; who asks it of others has one. */
    @Transactional
    public void require(boolean isRequired, Person by) {
        RuleBroken.unless(
                !isRequired || isOn(by.id()), "Set up your own second factor first, under your name at the top.");
        db.update(DESK).set(DESK.SECOND_FACTOR_REQUIRED, isRequired).execute();
        log.note(isRequired ? PeopleLog.Event.FACTOR_REQUIRED : PeopleLog.Event.FACTOR_OPTIONAL, by.id(), by.id(), "");
    }

    /** Whether a code counts now, of the app or on paper; it counts no more after. */
    boolean accepts(UUID account, String code) {
        return isNextCode(account, code) || recovery.use(account, code);
    }

    private boolean isNextCode(UUID account, String code) {
        var digits = code.replaceAll("\\s", "");
        var factor = db.fetchOptional(SECOND_FACTOR, SECOND_FACTOR.ACCOUNT_ID.eq(account));
        var step = factor.stream()
                .map(f -> OneTimeCodes.step(f.getSecret(), digits, Instant.now(), f.getLastStep()))
                .flatMap(s -> s.stream().boxed())
                .findFirst();
        return step.filter(s -> isFirstUse(account, s)).isPresent();
    }

    /** Two who type the same code at the same moment do not both get in. */
    private boolean isFirstUse(UUID account, long step) {
        return db.update(SECOND_FACTOR)
                        .set(SECOND_FACTOR.LAST_STEP, step)
                        .where(SECOND_FACTOR.ACCOUNT_ID.eq(account), SECOND_FACTOR.LAST_STEP.lt(step))
                        .execute()
                > 0;
    }
}
