package lowfield.server.accounts;

import static lowfield.db.Tables.ACCOUNT_EVENT;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Who signed in, who failed to, and what was changed of people; for owners to read. */
@Service
public class PeopleLog {
    private static final int SHOWN = 200;
    private static final int MARK = 8;

    /** What can happen; stored by name. */
    public enum Event {
        FIRST_ACCOUNT,
        SIGNED_IN,
        SIGN_IN_FAILED,
        LINK_FAILED,
        REFUSED,
        PASSWORD_CHANGED,
        INVITED,
        LINK_MADE,
        LINK_USED,
        ROLE_CHANGED,
        REMOVED,
        SESSIONS_ENDED,
        CODE_FAILED,
        FACTOR_ON,
        FACTOR_OFF,
        CODES_MADE,
        FACTOR_REQUIRED,
        FACTOR_OPTIONAL
    }

    private final DSLContext db;
    private final DeskKey key;
    private final Throttle throttle;

    PeopleLog(DSLContext db, DeskKey key, Throttle throttle) {
        this.db = db;
        this.key = key;
        this.throttle = throttle;
    }

    /** One line: whom it is about and who did it, by name; {@code place} tells failures of one network apart for a day. */
    public record Line(
            Instant at,
            Event event,
            @Nullable String name,
            @Nullable String by,
            String about,
            @Nullable String place) {}

    void note(Event event, UUID account, UUID by, String about) {
        insert(event, Optional.of(account), Optional.of(by), about, Optional.empty());
    }

    void failed(Optional<UUID> account, String typed, Place place) {
        var about = account.isPresent() ? "" : mark(typed);
        insert(Event.SIGN_IN_FAILED, account, Optional.empty(), about, Optional.of(hidden(place)));
    }

    void codeFailed(UUID account, Place place) {
        insert(Event.CODE_FAILED, Optional.of(account), Optional.empty(), "", Optional.of(hidden(place)));
    }

    /** A link or token that nothing came of: unknown, used up, or with a password that was refused. */
    void linkFailed(Place place) {
        insert(Event.LINK_FAILED, Optional.empty(), Optional.empty(), "", Optional.of(hidden(place)));
    }

    /** Somebody asked for what they may not do. */
    void refused(UUID account) {
        insert(Event.REFUSED, Optional.of(account), Optional.of(account), "", Optional.empty());
    }

    /** Tells that the same was typed again, and not what: it may be somebody's address. */
    private String mark(String typed) {
        return key.sign("typed", typed.strip().toLowerCase(Locale.ROOT)).substring(0, MARK);
    }

    private void insert(Event event, Optional<UUID> account, Optional<UUID> by, String about, Optional<String> place) {
        db.insertInto(ACCOUNT_EVENT)
                .set(ACCOUNT_EVENT.AT, Accounts.now())
                .set(ACCOUNT_EVENT.KIND, event.name())
                .set(ACCOUNT_EVENT.ACCOUNT_ID, account.orElse(null))
                .set(ACCOUNT_EVENT.BY_ID, by.orElse(null))
                .set(ACCOUNT_EVENT.ABOUT, about)
                .set(ACCOUNT_EVENT.PLACE_HASH, place.orElse(null))
                .execute();
    }

    /** The same network has the same mark within one day, and no other. */
    private String hidden(Place place) {
        return key.sign("place " + Accounts.now().toLocalDate(), place.network())
                .substring(0, MARK);
    }

    public List<Line> latest() {
        forgetOld();
        var whom = lowfield.db.Tables.ACCOUNT.as("whom");
        var who = lowfield.db.Tables.ACCOUNT.as("who");
        return db.select(
                        ACCOUNT_EVENT.AT,
                        ACCOUNT_EVENT.KIND,
                        whom.NAME,
                        who.NAME,
                        ACCOUNT_EVENT.ABOUT,
                        ACCOUNT_EVENT.PLACE_HASH)
                .from(ACCOUNT_EVENT)
                .leftJoin(whom)
                .on(whom.ID.eq(ACCOUNT_EVENT.ACCOUNT_ID))
                .leftJoin(who)
                .on(who.ID.eq(ACCOUNT_EVENT.BY_ID))
                .orderBy(ACCOUNT_EVENT.ID.desc())
                .limit(SHOWN)
                .fetch(r -> new Line(
                        r.value1().toInstant(),
                        Event.valueOf(r.value2()),
                        r.value3(),
                        r.value4(),
                        r.value5(),
                        r.value6()));
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    void forgetOld() {
        db.execute("select forget_old_account_events()");
        throttle.forgetOld();
    }
}
