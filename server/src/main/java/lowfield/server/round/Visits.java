package lowfield.server.round;

import static lowfield.db.Tables.PRICE_ROUND;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.ROUND_FEED;
import static lowfield.db.Tables.ROUND_PAGE;
import static lowfield.db.Tables.SHOP;
import static lowfield.db.Tables.VARIANT;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Gtin;
import lowfield.server.platform.Json;
import lowfield.server.reading.FeedForm;
import lowfield.server.reading.Identity;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** What is to be asked at a shop, and what became of it, in the database. Moments here are the machine's, not the market's. */
@Component
class Visits {
    private final DSLContext db;

    Visits(DSLContext db) {
        this.db = db;
    }

    /** A page that a running round waits for; its mark is known when it was read whole within the last month. */
    record PageTask(
            UUID round,
            UUID page,
            String path,
            Identity identity,
            Optional<String> etag,
            Optional<OffsetDateTime> etagAt,
            int tries) {}

    VisitedShop shop(UUID id) {
        return db.selectFrom(SHOP)
                .where(SHOP.ID.eq(id))
                .fetchSingle(r -> new VisitedShop(
                        r.getId(),
                        r.getName(),
                        r.getHost(),
                        r.getCurrency(),
                        r.getTaxPermille() > 0,
                        Duration.ofMillis(r.getPaceMs()),
                        r.getLanes(),
                        Optional.ofNullable(r.getFeed()).map(f -> Json.read(f.data(), FeedForm.class)),
                        Optional.ofNullable(r.getRobots()),
                        Optional.ofNullable(r.getRobotsReadAt()).map(OffsetDateTime::toInstant),
                        Optional.ofNullable(r.getRestingUntil()).map(OffsetDateTime::toInstant)));
    }

    /** The running rounds that wait for the shop's list. */
    List<UUID> feeds(UUID shop) {
        return db.select(ROUND_FEED.ROUND_ID)
                .from(ROUND_FEED)
                .join(PRICE_ROUND)
                .on(PRICE_ROUND.ID.eq(ROUND_FEED.ROUND_ID))
                .where(ROUND_FEED.SHOP_ID.eq(shop), ROUND_FEED.STATE.eq("WAITING"), PRICE_ROUND.STATE.eq("RUNNING"))
                .orderBy(PRICE_ROUND.STARTED_AT)
                .fetch(ROUND_FEED.ROUND_ID);
    }

    /** The next pages that running rounds wait for. */
    List<PageTask> pages(UUID shop, int most) {
        return db.select(
                        ROUND_PAGE.ROUND_ID,
                        PRODUCT_PAGE.ID,
                        PRODUCT_PAGE.PATH,
                        VARIANT.GTIN,
                        VARIANT.MAKER_NUMBER,
                        PRODUCT_PAGE.ETAG,
                        PRODUCT_PAGE.ETAG_AT,
                        ROUND_PAGE.TRIES)
                .from(ROUND_PAGE)
                .join(PRICE_ROUND)
                .on(PRICE_ROUND.ID.eq(ROUND_PAGE.ROUND_ID))
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(ROUND_PAGE.PAGE_ID))
                .join(VARIANT)
                .on(VARIANT.ID.eq(PRODUCT_PAGE.VARIANT_ID))
                .where(ROUND_PAGE.SHOP_ID.eq(shop), ROUND_PAGE.STATE.eq("WAITING"), PRICE_ROUND.STATE.eq("RUNNING"))
                .orderBy(PRICE_ROUND.STARTED_AT, ROUND_PAGE.TRIES, PRODUCT_PAGE.PATH)
                .limit(most)
                .fetch(r -> new PageTask(
                        r.value1(),
                        r.value2(),
                        r.value3(),
                        new Identity(Optional.ofNullable(r.value4()).map(Gtin::new), Optional.ofNullable(r.value5()))
                                .at(r.value3()),
                        Optional.ofNullable(r.value6()).filter(e -> r.value7() != null),
                        Optional.ofNullable(r.value7()),
                        r.value8()));
    }

    boolean isRunning(UUID round) {
        return db.fetchExists(PRICE_ROUND, PRICE_ROUND.ID.eq(round), PRICE_ROUND.STATE.eq("RUNNING"));
    }

    /**
     * Takes a page from those that wait, in the transaction that writes down what it said. False when another did, or when
     * the round has ended meanwhile: then nothing may be written.
     */
    boolean close(UUID round, UUID page, String state, String sentence) {
        return isOpen(round)
                && db.update(ROUND_PAGE)
                                .set(ROUND_PAGE.STATE, state)
                                .set(ROUND_PAGE.SENTENCE, shortened(sentence))
                                .where(
                                        ROUND_PAGE.ROUND_ID.eq(round),
                                        ROUND_PAGE.PAGE_ID.eq(page),
                                        ROUND_PAGE.STATE.eq("WAITING"))
                                .execute()
                        == 1;
    }

    boolean closeFeed(UUID round, UUID shop, String state, String sentence, int rows, int matched) {
        return isOpen(round)
                && db.update(ROUND_FEED)
                                .set(ROUND_FEED.STATE, state)
                                .set(ROUND_FEED.SENTENCE, shortened(sentence))
                                .set(ROUND_FEED.ROWS, rows)
                                .set(ROUND_FEED.MATCHED, matched)
                                .where(
                                        ROUND_FEED.ROUND_ID.eq(round),
                                        ROUND_FEED.SHOP_ID.eq(shop),
                                        ROUND_FEED.STATE.eq("WAITING"))
                                .execute()
                        == 1;
    }

    /** Gives up on everything that running rounds still wait for at a shop, with the reason. */
    void leave(UUID shop, String sentence) {
        var running = DSL.select(PRICE_ROUND.ID).from(PRICE_ROUND).where(PRICE_ROUND.STATE.eq("RUNNING"));
        db.update(ROUND_PAGE)
                .set(ROUND_PAGE.STATE, "FAILED")
                .set(ROUND_PAGE.SENTENCE, shortened(sentence))
                .where(ROUND_PAGE.SHOP_ID.eq(shop), ROUND_PAGE.STATE.eq("WAITING"), ROUND_PAGE.ROUND_ID.in(running))
                .execute();
        db.update(ROUND_FEED)
                .set(ROUND_FEED.STATE, "FAILED")
                .set(ROUND_FEED.SENTENCE, shortened(sentence))
                .where(ROUND_FEED.SHOP_ID.eq(shop), ROUND_FEED.STATE.eq("WAITING"), ROUND_FEED.ROUND_ID.in(running))
                .execute();
    }

    /** Whether a round can still be written to; it cannot end before this transaction has. */
    private boolean isOpen(UUID round) {
        return db.select(PRICE_ROUND.ID)
                .from(PRICE_ROUND)
                .where(PRICE_ROUND.ID.eq(round), PRICE_ROUND.ENDED_AT.isNull())
                .forShare()
                .fetchOptional()
                .isPresent();
    }

    private static String shortened(String sentence) {
        return sentence.length() > 500 ? sentence.substring(0, 499) + "…" : sentence;
    }

    /** Notes the page's own mark of what was read, or that there is none to rely on. */
    void mark(UUID page, Optional<String> etag, OffsetDateTime at) {
        var usable = etag.filter(e -> e.length() <= 300).orElse(null);
        db.update(PRODUCT_PAGE)
                .set(PRODUCT_PAGE.ETAG, usable)
                .set(PRODUCT_PAGE.ETAG_AT, usable == null ? null : at)
                .where(PRODUCT_PAGE.ID.eq(page))
                .execute();
    }

    void triedAgain(UUID round, UUID page) {
        db.update(ROUND_PAGE)
                .set(ROUND_PAGE.TRIES, ROUND_PAGE.TRIES.plus(1))
                .where(ROUND_PAGE.ROUND_ID.eq(round), ROUND_PAGE.PAGE_ID.eq(page))
                .execute();
    }

    void rest(UUID shop, Instant until) {
        db.update(SHOP)
                .set(SHOP.RESTING_UNTIL, OffsetDateTime.ofInstant(until, ZoneOffset.UTC))
                .where(SHOP.ID.eq(shop))
                .execute();
    }

    void keepRobots(UUID shop, String text, Instant at) {
        db.update(SHOP)
                .set(SHOP.ROBOTS, text.length() > 100_000 ? text.substring(0, 100_000) : text)
                .set(SHOP.ROBOTS_READ_AT, OffsetDateTime.ofInstant(at, ZoneOffset.UTC))
                .where(SHOP.ID.eq(shop))
                .execute();
    }

    /** The shops at which running rounds wait for something. */
    List<UUID> shopsWaitedFor() {
        return db.select(ROUND_PAGE.SHOP_ID)
                .from(ROUND_PAGE)
                .join(PRICE_ROUND)
                .on(PRICE_ROUND.ID.eq(ROUND_PAGE.ROUND_ID))
                .where(ROUND_PAGE.STATE.eq("WAITING"), PRICE_ROUND.STATE.eq("RUNNING"))
                .union(DSL.select(ROUND_FEED.SHOP_ID)
                        .from(ROUND_FEED)
                        .join(PRICE_ROUND)
                        .on(PRICE_ROUND.ID.eq(ROUND_FEED.ROUND_ID))
                        .where(ROUND_FEED.STATE.eq("WAITING"), PRICE_ROUND.STATE.eq("RUNNING")))
                .fetch(0, UUID.class);
    }
}
