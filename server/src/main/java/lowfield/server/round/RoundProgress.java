package lowfield.server.round;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRICE_ROUND;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.ROUND_FEED;
import static lowfield.db.Tables.ROUND_PAGE;
import static lowfield.db.Tables.SHOP;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.RoundPlan;
import lowfield.db.tables.records.PriceRoundRecord;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** How far rounds have come. */
@Service
public class RoundProgress {
    private final DSLContext db;

    RoundProgress(DSLContext db) {
        this.db = db;
    }

    /** What went wrong at one page, or an offer there that could not count. */
    public record Failure(String shop, UUID variant, String sentence) {}

    /** What became of a shop's list: its lines, those that speak of known parts, and a sentence where something was wrong. */
    public record Feed(String shop, String state, int rows, int matched, String sentence) {}

    /** A round at one moment. */
    public record Progress(
            UUID id,
            String state,
            RoundPlan.Scope scope,
            Instant startedAt,
            @Nullable Instant endedAt,
            List<Feed> feeds,
            int pages,
            int read,
            int failed,
            int accepted,
            int setAside,
            List<Failure> failures) {}

    /** When the last round of a guide through all its shops began that came to its end; absent where there was none. */
    public Optional<Instant> lastOfAllShops(UUID guide) {
        return db.select(DSL.max(PRICE_ROUND.STARTED_AT))
                .from(PRICE_ROUND)
                .where(
                        PRICE_ROUND.GUIDE_ID.eq(guide),
                        PRICE_ROUND.STATE.eq("DONE"),
                        PRICE_ROUND.SCOPE.eq(RoundPlan.Scope.ALL.name()))
                .fetchOptional(0, OffsetDateTime.class)
                .map(OffsetDateTime::toInstant);
    }

    public Optional<Progress> latest(UUID guide) {
        return db.select(PRICE_ROUND.ID)
                .from(PRICE_ROUND)
                .where(PRICE_ROUND.GUIDE_ID.eq(guide))
                .orderBy(PRICE_ROUND.STARTED_AT.desc())
                .limit(1)
                .fetchOptional(PRICE_ROUND.ID)
                .map(this::of);
    }

    public Progress of(UUID id) {
        var round = db.selectFrom(PRICE_ROUND)
                .where(PRICE_ROUND.ID.eq(id))
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such round."));
        var pages = db.select(ROUND_PAGE.STATE, DSL.count())
                .from(ROUND_PAGE)
                .where(ROUND_PAGE.ROUND_ID.eq(id))
                .groupBy(ROUND_PAGE.STATE)
                .fetchMap(ROUND_PAGE.STATE, DSL.count());
        var verdicts = db.select(ACCEPTANCE.VERDICT, DSL.count())
                .from(ACCEPTANCE)
                .join(OBSERVATION)
                .on(OBSERVATION.ID.eq(ACCEPTANCE.OBSERVATION_ID).and(OBSERVATION.SEEN_AT.eq(ACCEPTANCE.SEEN_AT)))
                .where(OBSERVATION.ROUND_ID.eq(id), OBSERVATION.SEEN_AT.ge(round.getStartedAt()))
                .groupBy(ACCEPTANCE.VERDICT)
                .fetchMap(ACCEPTANCE.VERDICT, DSL.count());
        return progress(round, pages, verdicts);
    }

    private Progress progress(PriceRoundRecord round, Map<String, Integer> pages, Map<String, Integer> verdicts) {
        var failures = db.select(SHOP.NAME, PRODUCT_PAGE.VARIANT_ID, ROUND_PAGE.SENTENCE)
                .from(ROUND_PAGE)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(ROUND_PAGE.PAGE_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .where(ROUND_PAGE.ROUND_ID.eq(round.getId()), ROUND_PAGE.SENTENCE.ne(""))
                .orderBy(SHOP.NAME, PRODUCT_PAGE.PATH)
                .limit(300)
                .fetch(r -> new Failure(r.value1(), r.value2(), r.value3()));
        var ended = round.getEndedAt();
        return new Progress(
                round.getId(),
                round.getState(),
                RoundPlan.Scope.valueOf(round.getScope()),
                round.getStartedAt().toInstant(),
                ended == null ? null : ended.toInstant(),
                feeds(round.getId()),
                pages.values().stream().mapToInt(i -> i).sum(),
                pages.getOrDefault("READ", 0),
                pages.getOrDefault("FAILED", 0),
                verdicts.getOrDefault("ACCEPTED", 0),
                verdicts.getOrDefault("SET_ASIDE", 0),
                failures);
    }

    private List<Feed> feeds(UUID round) {
        return db.select(SHOP.NAME, ROUND_FEED.STATE, ROUND_FEED.ROWS, ROUND_FEED.MATCHED, ROUND_FEED.SENTENCE)
                .from(ROUND_FEED)
                .join(SHOP)
                .on(SHOP.ID.eq(ROUND_FEED.SHOP_ID))
                .where(ROUND_FEED.ROUND_ID.eq(round))
                .orderBy(SHOP.NAME)
                .fetch(r -> new Feed(r.value1(), r.value2(), r.value3(), r.value4(), r.value5()));
    }
}
