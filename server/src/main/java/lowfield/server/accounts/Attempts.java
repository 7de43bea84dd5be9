package lowfield.server.accounts;

import static lowfield.db.Tables.LOGIN_FAILURE;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Locale;
import lowfield.core.RuleBroken;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Slows down guessing: after five failures for one address, or twenty from one place, ten minutes must pass. */
@Component
class Attempts {
    /** The hash of a password that nobody has, so that an unknown address takes as long as a known one. */
    static final String NOBODY = "$2a$10$7EqJtq98hPqEX7fNZaFWoOhi5S0D4bD0uZ5Z0Z5Z0Z5Z0Z5Z0Z5Z0";

    private static final int MOST_FOR_ADDRESS = 5;
    private static final int MOST_FROM_PLACE = 20;
    private static final Duration WAIT = Duration.ofMinutes(10);

    private final DSLContext db;

    Attempts(DSLContext db) {
        this.db = db;
    }

    void guard(String email) {
        refuse(key(email), MOST_FOR_ADDRESS);
    }

    void guard(String email, String from) {
        guard(email);
        refuse("from " + from, MOST_FROM_PLACE);
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void failed(String email) {
        count(key(email));
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void failed(String email, String from) {
        count(key(email));
        count("from " + from);
    }

    void forget(String email, String from) {
        db.deleteFrom(LOGIN_FAILURE)
                .where(LOGIN_FAILURE.KEY.in(key(email), "from " + from))
                .execute();
    }

    private static String key(String email) {
        var lower = email.strip().toLowerCase(Locale.ROOT);
        return lower.length() > 200 ? lower.substring(0, 200) : lower;
    }

    private void refuse(String key, int most) {
        var since = OffsetDateTime.now(ZoneOffset.UTC).minus(WAIT);
        var tooMany = db.fetchExists(
                LOGIN_FAILURE,
                LOGIN_FAILURE.KEY.eq(key).and(LOGIN_FAILURE.FAILURES.ge(most)).and(LOGIN_FAILURE.LAST_AT.gt(since)));
        RuleBroken.unless(!tooMany, "Too many failed attempts; wait ten minutes and try again.");
    }

    private void count(String key) {
        var now = OffsetDateTime.now(ZoneOffset.UTC);
        var fresh = LOGIN_FAILURE.LAST_AT.gt(now.minus(WAIT));
        db.insertInto(LOGIN_FAILURE, LOGIN_FAILURE.KEY, LOGIN_FAILURE.FAILURES, LOGIN_FAILURE.LAST_AT)
                .values(key, 1, now)
                .onConflict(LOGIN_FAILURE.KEY)
                .doUpdate()
                .set(
                        LOGIN_FAILURE.FAILURES,
                        org.jooq
                                .impl
                                .DSL
                                .when(fresh, LOGIN_FAILURE.FAILURES.plus(1))
                                .otherwise(1))
                .set(LOGIN_FAILURE.LAST_AT, now)
                .execute();
    }
}
