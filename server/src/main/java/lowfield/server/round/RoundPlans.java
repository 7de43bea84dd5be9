package lowfield.server.round;

import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.PRICE_ROUND;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.RoundPlan;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.Json;
import lowfield.server.platform.LostDatabase;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** Starts the rounds that guides have planned. */
@Component
class RoundPlans {
    private static final Logger LOG = LoggerFactory.getLogger(RoundPlans.class);

    private final DSLContext db;
    private final ObjectProvider<Rounds> rounds;
    private final Clock clock;

    RoundPlans(DSLContext db, ObjectProvider<Rounds> rounds, Clock clock) {
        this.db = db;
        this.rounds = rounds;
        this.clock = clock;
    }

    private record Planned(UUID guide, RoundPlan plan, ZoneId zone, Optional<Instant> last, Instant made) {
        boolean isDue(Instant now) {
            return plan.lastBefore(now, zone)
                    .filter(due -> due.isAfter(made) && last.map(due::isAfter).orElse(true))
                    .isPresent();
        }
    }

    /** A round that was missed while no server ran is caught up once. */
    void startDue() {
        var last = DSL.field(
                DSL.select(DSL.max(PRICE_ROUND.STARTED_AT)).from(PRICE_ROUND).where(PRICE_ROUND.GUIDE_ID.eq(GUIDE.ID)));
        var now = clock.instant();
        db
                .select(GUIDE.ID, GUIDE.ROUNDS, GUIDE.ZONE, GUIDE.CREATED_AT, last)
                .from(GUIDE)
                .where(GUIDE.ROUNDS.isNotNull())
                .fetch(r -> new Planned(
                        r.value1(),
                        Json.read(r.value2().data(), RoundPlan.class),
                        ZoneId.of(r.value3()),
                        Optional.ofNullable(r.value5()).map(OffsetDateTime::toInstant),
                        r.value4().toInstant()))
                .stream()
                .filter(p -> p.isDue(now))
                .forEach(p -> start(p.guide(), p.plan().scope()));
    }

    private void start(UUID guide, RoundPlan.Scope scope) {
        try {
            rounds.getObject().start(guide, scope, null);
        } catch (Conflict another) {
            // One is running; what it brings is as fresh.
        } catch (RuntimeException unforeseen) {
            if (LostDatabase.isCause(unforeseen)) {
                throw unforeseen;
            }
            LOG.warn("The planned round of guide {} did not start; it is tried again", guide, unforeseen);
        }
    }
}
