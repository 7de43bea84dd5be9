package lowfield.server.round;

import static lowfield.db.Tables.PRICE_ROUND;
import static lowfield.db.Tables.ROUND_FEED;
import static lowfield.db.Tables.ROUND_PAGE;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import lowfield.server.platform.Notices;
import lowfield.server.prices.Forgetting;
import lowfield.server.prices.Judging;
import lowfield.server.rates.Rates;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** The end of a round: when everything is observed, or it was cancelled, what was seen is judged and the round is closed. */
@Component
class RoundEnd {
    private final DSLContext db;
    private final DatabaseRetry retry;
    private final Judging judging;
    private final Forgetting forgetting;
    private final Rates rates;
    private final Notices notices;
    private final Clock clock;

    RoundEnd(
            DSLContext db,
            DatabaseRetry retry,
            Judging judging,
            Forgetting forgetting,
            Rates rates,
            Notices notices,
            Clock clock) {
        this.forgetting = forgetting;
        this.rates = rates;
        this.db = db;
        this.retry = retry;
        this.judging = judging;
        this.notices = notices;
        this.clock = clock;
    }

    /** The rounds that wait for nothing any more but to be judged. */
    List<UUID> due() {
        var waits = DSL.exists(DSL.selectOne()
                        .from(ROUND_PAGE)
                        .where(ROUND_PAGE.ROUND_ID.eq(PRICE_ROUND.ID), ROUND_PAGE.STATE.eq("WAITING")))
                .or(DSL.exists(DSL.selectOne()
                        .from(ROUND_FEED)
                        .where(ROUND_FEED.ROUND_ID.eq(PRICE_ROUND.ID), ROUND_FEED.STATE.eq("WAITING"))));
        return db.select(PRICE_ROUND.ID)
                .from(PRICE_ROUND)
                .where(PRICE_ROUND.ENDED_AT.isNull())
                .and(PRICE_ROUND
                        .STATE
                        .eq("CANCELLED")
                        .or(PRICE_ROUND.STATE.eq("RUNNING").and(DSL.not(waits))))
                .fetch(PRICE_ROUND.ID);
    }

    /** Judges and closes a round, once. */
    void end(UUID round) {
        rates.refresh();
        retry.transaction(() -> {
            var open = db.selectFrom(PRICE_ROUND)
                    .where(PRICE_ROUND.ID.eq(round), PRICE_ROUND.ENDED_AT.isNull())
                    .forUpdate()
                    .fetchOptional();
            open.ifPresent(r -> {
                judging.judge(round, r.getStartedAt());
                forgetting.whatMayNotBeKept();
                db.update(PRICE_ROUND)
                        .set(PRICE_ROUND.STATE, r.getState().equals("CANCELLED") ? "CANCELLED" : "DONE")
                        .set(PRICE_ROUND.ENDED_AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                        .where(PRICE_ROUND.ID.eq(round))
                        .execute();
                notices.changed(Notices.Topic.OFFERS);
            });
        });
    }

    /** Closes a round that cannot be judged: what it saw stays on record, and prices stay as they were. */
    void breakOff(UUID round) {
        retry.run(() -> db.update(PRICE_ROUND)
                .set(PRICE_ROUND.STATE, "BROKEN")
                .set(PRICE_ROUND.ENDED_AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .where(PRICE_ROUND.ID.eq(round), PRICE_ROUND.ENDED_AT.isNull())
                .execute());
    }
}
