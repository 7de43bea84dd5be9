package lowfield.server.accounts;

import static lowfield.db.Tables.SIGN_IN_THROTTLE;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.platform.TooMany;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Bounds guessing. Attempts are counted before the password is looked at, in one statement a key, so that those made at the
 * same moment do not slip through. A browser that has signed in before has a count of its own: what strangers do elsewhere
 * never keeps it out. Unknown browsers share a count for one account from one network, one for the network, and a wide one
 * for the account from everywhere.
 */
@Component
class Throttle {
    static final Duration WINDOW = Duration.ofMinutes(10);

    private static final int KNOWN_BROWSER = 10;
    private static final int ACCOUNT_FROM_PLACE = 5;
    private static final int ACCOUNT = 100;
    private static final int PLACE = 20;

    private final DSLContext db;
    private final DeskKey key;

    Throttle(DSLContext db, DeskKey key) {
        this.db = db;
        this.key = key;
    }

    /** An attempt that was counted; it is given back when it succeeds. */
    record Attempt(List<String> keys) {
        Attempt {
            keys = List.copyOf(keys);
        }
    }

    private record Limit(String key, int most) {}

    /** Counts an attempt to sign in, or refuses it. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public Attempt signIn(String email, Optional<UUID> knownBrowser, Place place) {
        var who = email.strip().toLowerCase(java.util.Locale.ROOT);
        return reserve(knownBrowser
                .map(browser -> List.of(limit("browser", browser + " " + who, KNOWN_BROWSER)))
                .orElseGet(() -> List.of(
                        limit("account-place", who + " " + place.network(), ACCOUNT_FROM_PLACE),
                        limit("account", who, ACCOUNT),
                        limit("place", place.network(), PLACE))));
    }

    /** Counts an attempt of somebody who is signed in to say their old password. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public Attempt oldPassword(UUID account) {
        return reserve(List.of(limit("old-password", account.toString(), ACCOUNT_FROM_PLACE)));
    }

    /** Counts a one-time link or token that is tried. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public Attempt link(Place place) {
        return reserve(List.of(limit("link-place", place.network(), PLACE)));
    }

    private Limit limit(String kind, String of, int most) {
        return new Limit(kind + " " + key.sign("throttle", of), most);
    }

    private Attempt reserve(List<Limit> limits) {
        var keys = new ArrayList<String>();
        for (var limit : limits) {
            if (!counted(limit)) {
                throw new TooMany("Too many failed attempts; wait ten minutes and try again.", WINDOW);
            }
            keys.add(limit.key());
        }
        return new Attempt(keys);
    }

    private boolean counted(Limit limit) {
        var now = Accounts.now();
        var isOver = SIGN_IN_THROTTLE.SINCE.lt(now.minus(WINDOW));
        return db.insertInto(SIGN_IN_THROTTLE)
                        .set(SIGN_IN_THROTTLE.KEY, limit.key())
                        .set(SIGN_IN_THROTTLE.SINCE, now)
                        .set(SIGN_IN_THROTTLE.USED, 1)
                        .onConflict(SIGN_IN_THROTTLE.KEY)
                        .doUpdate()
                        .set(SIGN_IN_THROTTLE.USED, DSL.when(isOver, 1).otherwise(SIGN_IN_THROTTLE.USED.plus(1)))
                        .set(SIGN_IN_THROTTLE.SINCE, DSL.when(isOver, now).otherwise(SIGN_IN_THROTTLE.SINCE))
                        .where(isOver.or(SIGN_IN_THROTTLE.USED.lt(limit.most())))
                        .execute()
                > 0;
    }

    /** Takes a successful attempt out of the counts again. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void giveBack(Attempt attempt) {
        db.update(SIGN_IN_THROTTLE)
                .set(SIGN_IN_THROTTLE.USED, SIGN_IN_THROTTLE.USED.minus(1))
                .where(SIGN_IN_THROTTLE.KEY.in(attempt.keys()), SIGN_IN_THROTTLE.USED.gt(0))
                .execute();
    }

    void forgetOld() {
        db.deleteFrom(SIGN_IN_THROTTLE)
                .where(SIGN_IN_THROTTLE.SINCE.lt(Accounts.now().minusDays(1)))
                .execute();
    }
}
