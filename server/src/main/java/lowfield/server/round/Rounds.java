package lowfield.server.round;

import static lowfield.db.Tables.GUIDE_SHOP;
import static lowfield.db.Tables.PRICE_ROUND;
import static lowfield.db.Tables.ROUND_FEED;
import static lowfield.db.Tables.SHOP;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import lowfield.core.guide.RoundPlan;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Conflict;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Price rounds: started, followed, paused, cancelled. A round asks for every list of the guide's shops, and for the pages of
 * the parts that its open and current editions use, that the finder showed in the last week, or that no list could price; it
 * first observes all of it, then judges each price.
 */
@Service
public class Rounds {
    private static final int SHOWN_DAYS = 7;
    private static final String PAGES = """
            insert into round_page (round_id, page_id, shop_id, state)
            with used as (
                select jsonb_path_query(l.choice, '$ ? (@.type == "PART").part')#>>'{}' as part
                from line l join edition e on e.id = l.edition_id
                where e.guide_id = {1} and e.state in ('IN_WORK', 'PUBLISHED')
                union select jsonb_path_query(l.choice, '$.parts[*]')#>>'{}'
                from line l join edition e on e.id = l.edition_id
                where e.guide_id = {1} and e.state in ('IN_WORK', 'PUBLISHED')
                union select o.variant_id::text
                from line_option o join edition e on e.id = o.edition_id
                where e.guide_id = {1} and e.state in ('IN_WORK', 'PUBLISHED'))
            select {0}, p.id, p.shop_id, 'WAITING'
            from product_page p
            join shop s on s.id = p.shop_id
            join guide_shop g on g.shop_id = s.id
            where g.guide_id = {1} and not p.by_hand
              and (s.feed is null or p.asked_at > {2} or p.variant_id::text in (select part from used))
            """;

    private final DSLContext db;
    private final TransactionTemplate transaction;
    private final Visits visits;
    private final ShopVisit visit;
    private final RoundEnd end;
    private final ObjectProvider<RoundJobs> jobs;
    private final Clock clock;

    Rounds(
            DSLContext db,
            TransactionTemplate transaction,
            Visits visits,
            ShopVisit visit,
            RoundEnd end,
            ObjectProvider<RoundJobs> jobs,
            Clock clock) {
        this.db = db;
        this.transaction = transaction;
        this.visits = visits;
        this.visit = visit;
        this.end = end;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** Starts a round; a second one at once is refused. */
    public UUID start(UUID guide, RoundPlan.Scope scope, @Nullable Person person) {
        var id = prepare(guide, scope, person);
        jobs.getObject().lookRound();
        return id;
    }

    /** The same in this very thread and its helpers, returning when it has ended. */
    public void runNow(UUID guide, RoundPlan.Scope scope) {
        var id = prepare(guide, scope, null);
        CompletableFuture.allOf(visits.shopsWaitedFor().stream()
                        .map(shop -> CompletableFuture.runAsync(() -> visitNow(shop)))
                        .toArray(CompletableFuture[]::new))
                .join();
        end.end(id);
    }

    private void visitNow(UUID shop) {
        try {
            visit.visit(shop, () -> true);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private UUID prepare(UUID guide, RoundPlan.Scope scope, @Nullable Person person) {
        return transaction.execute(status -> {
            var inserted = db.insertInto(PRICE_ROUND)
                    .set(PRICE_ROUND.GUIDE_ID, guide)
                    .set(PRICE_ROUND.ACCOUNT_ID, person == null ? null : person.id())
                    .set(PRICE_ROUND.STATE, "RUNNING")
                    .set(PRICE_ROUND.SCOPE, scope.name())
                    .set(PRICE_ROUND.STARTED_AT, now())
                    .onConflictDoNothing()
                    .returning(PRICE_ROUND.ID)
                    .fetchOptional();
            var id = inserted.orElseThrow(() -> new Conflict("A round is running already; wait for it, or cancel it."))
                    .getId();
            db.insertInto(ROUND_FEED, ROUND_FEED.ROUND_ID, ROUND_FEED.SHOP_ID, ROUND_FEED.STATE)
                    .select(DSL.select(DSL.val(id), SHOP.ID, DSL.val("WAITING"))
                            .from(SHOP)
                            .join(GUIDE_SHOP)
                            .on(GUIDE_SHOP.SHOP_ID.eq(SHOP.ID))
                            .where(GUIDE_SHOP.GUIDE_ID.eq(guide), SHOP.FEED.isNotNull()))
                    .execute();
            if (scope == RoundPlan.Scope.ALL) {
                db.query(PAGES, DSL.val(id), DSL.val(guide), DSL.val(now().minusDays(SHOWN_DAYS)))
                        .execute();
            }
            return id;
        });
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** Stops after the pages that are being fetched; what was seen is kept and judged. */
    public void cancel(UUID round) {
        change(round, "CANCELLED", "RUNNING", "PAUSED");
    }

    /** Waits after the pages that are being fetched until it is gone on with. */
    public void pause(UUID round) {
        change(round, "PAUSED", "RUNNING");
    }

    public void goOn(UUID round) {
        change(round, "RUNNING", "PAUSED");
    }

    private void change(UUID round, String to, String... from) {
        db.update(PRICE_ROUND)
                .set(PRICE_ROUND.STATE, to)
                .where(PRICE_ROUND.ID.eq(round), PRICE_ROUND.STATE.in(from), PRICE_ROUND.ENDED_AT.isNull())
                .execute();
        jobs.getObject().lookRound();
    }
}
