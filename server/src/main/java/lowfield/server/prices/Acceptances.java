package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.GUIDE_SHOP;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.offer.Guard;
import lowfield.db.tables.records.ObservationRecord;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was decided about each observation: accepted, set aside for a person, released or rejected by one. */
@Service
public class Acceptances {

    private final DSLContext db;
    private final Notices notices;
    private final Parts parts;
    private final Accepted accepted;
    private final Clock clock;

    Acceptances(DSLContext db, Notices notices, Parts parts, Accepted accepted, Clock clock) {
        this.accepted = accepted;
        this.parts = parts;
        this.db = db;
        this.notices = notices;
        this.clock = clock;
    }

    /** A price that waits for a person. */
    public record SetAside(
            long id,
            UUID listing,
            UUID variant,
            String part,
            String seller,
            String shop,
            String condition,
            long priceMinor,
            @Nullable Long lastMinor,
            String why,
            Instant seenAt,
            String link) {}

    /** A person's own price counts at once. */
    void released(ObservationRecord typed, String why, Person person) {
        decide(typed, "RELEASED", why, person);
    }

    private long decide(ObservationRecord observation, String verdict, String why, Person person) {
        var id = db.insertInto(ACCEPTANCE)
                .set(ACCEPTANCE.LISTING_ID, observation.getListingId())
                .set(ACCEPTANCE.OBSERVATION_ID, observation.getId())
                .set(ACCEPTANCE.SEEN_AT, observation.getSeenAt())
                .set(ACCEPTANCE.VERDICT, verdict)
                .set(ACCEPTANCE.WHY, why)
                .set(ACCEPTANCE.ACCOUNT_ID, person.id())
                .set(ACCEPTANCE.AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .returning(ACCEPTANCE.ID)
                .fetchSingle(ACCEPTANCE.ID);
        accepted.restore(observation.getListingId(), observation.getSeenAt().minusDays(Guard.REMEMBERED_DAYS));
        accepted.count(observation.getId(), observation.getSeenAt());
        notices.changed(Notices.Topic.OFFERS);
        return id;
    }

    /** The prices that wait for a person, newest first: the latest decision of a listing is that it was set aside. */
    public List<SetAside> waiting(UUID guide) {
        var newer = ACCEPTANCE.as("newer");
        return db.select(
                        ACCEPTANCE.ID,
                        ACCEPTANCE.LISTING_ID,
                        ACCEPTANCE.WHY,
                        PRODUCT_PAGE.VARIANT_ID,
                        SELLER.NAME,
                        SHOP.NAME,
                        SHOP.HOST,
                        PRODUCT_PAGE.PATH,
                        LISTING.CONDITION,
                        OBSERVATION.PRICE_MINOR,
                        OBSERVATION.SEEN_AT,
                        LISTING.ACCEPTED_PRICE_MINOR)
                .from(ACCEPTANCE)
                .join(OBSERVATION)
                .on(OBSERVATION.ID.eq(ACCEPTANCE.OBSERVATION_ID).and(OBSERVATION.SEEN_AT.eq(ACCEPTANCE.SEEN_AT)))
                .join(LISTING)
                .on(LISTING.ID.eq(ACCEPTANCE.LISTING_ID))
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .join(SELLER)
                .on(SELLER.ID.eq(LISTING.SELLER_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .join(GUIDE_SHOP)
                .on(GUIDE_SHOP.SHOP_ID.eq(SHOP.ID))
                .where(GUIDE_SHOP.GUIDE_ID.eq(guide), ACCEPTANCE.VERDICT.eq("SET_ASIDE"))
                .and(DSL.notExists(DSL.selectOne()
                        .from(newer)
                        .where(newer.LISTING_ID.eq(ACCEPTANCE.LISTING_ID), newer.ID.gt(ACCEPTANCE.ID))))
                .orderBy(ACCEPTANCE.ID.desc())
                .fetch(r -> setAside(r, r.get(LISTING.ACCEPTED_PRICE_MINOR)));
    }

    private SetAside setAside(Record r, @Nullable Long last) {
        return new SetAside(
                r.get(ACCEPTANCE.ID),
                r.get(ACCEPTANCE.LISTING_ID),
                r.get(PRODUCT_PAGE.VARIANT_ID),
                parts.catalogue().part(r.get(PRODUCT_PAGE.VARIANT_ID)).fullName(),
                r.get(SELLER.NAME),
                r.get(SHOP.NAME),
                r.get(LISTING.CONDITION),
                r.get(OBSERVATION.PRICE_MINOR),
                last,
                r.get(ACCEPTANCE.WHY),
                r.get(OBSERVATION.SEEN_AT).toInstant(),
                "https://" + r.get(SHOP.HOST) + r.get(PRODUCT_PAGE.PATH));
    }

    /** A person says that a price that was set aside is right, or wrong; the decision keeps who and why. */
    @Transactional
    public long release(long id, boolean right, String why, Person person) {
        RuleBroken.unless(why.length() <= 1000, "A note has at most 1,000 letters.");
        var acceptance = db.selectFrom(ACCEPTANCE)
                .where(ACCEPTANCE.ID.eq(id))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such price."));
        var decided = db.fetchExists(
                ACCEPTANCE, ACCEPTANCE.LISTING_ID.eq(acceptance.getListingId()).and(ACCEPTANCE.ID.gt(id)));
        if (decided || !acceptance.getVerdict().equals("SET_ASIDE")) {
            throw new Conflict("This price was decided already, or a newer one was seen.");
        }
        var observation = observation(acceptance.getObservationId(), acceptance.getSeenAt());
        return decide(observation, right ? "RELEASED" : "REJECTED", why, person);
    }

    /** A person does not trust a price that counts: the one accepted before it counts again. */
    @Transactional
    public long setAside(UUID listing, String why, Person person) {
        var current = db.select(LISTING.ACCEPTED_OBSERVATION, LISTING.ACCEPTED_SEEN_AT)
                .from(LISTING)
                .where(LISTING.ID.eq(listing), LISTING.ACCEPTED_OBSERVATION.isNotNull())
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("This offer has no price that counts."));
        return decide(observation(current.value1(), current.value2()), "REJECTED", why, person);
    }

    /** Takes a decision back: what was decided before it about the same price holds again. */
    @Transactional
    public void takeBack(long id, Person person) {
        var decision = db.selectFrom(ACCEPTANCE)
                .where(ACCEPTANCE.ID.eq(id))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such price."));
        var before = db.select(ACCEPTANCE.VERDICT, ACCEPTANCE.WHY)
                .from(ACCEPTANCE)
                .where(
                        ACCEPTANCE.OBSERVATION_ID.eq(decision.getObservationId()),
                        ACCEPTANCE.SEEN_AT.eq(decision.getSeenAt()),
                        ACCEPTANCE.ID.lt(id))
                .orderBy(ACCEPTANCE.ID.desc())
                .limit(1)
                .fetchSingle();
        var again = before.value1().equals("ACCEPTED") ? "RELEASED" : before.value1();
        decide(observation(decision.getObservationId(), decision.getSeenAt()), again, before.value2(), person);
    }

    private ObservationRecord observation(long id, OffsetDateTime seenAt) {
        return db.selectFrom(OBSERVATION)
                .where(OBSERVATION.ID.eq(id), OBSERVATION.SEEN_AT.eq(seenAt))
                .fetchSingle();
    }
}
