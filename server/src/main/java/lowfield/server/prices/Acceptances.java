package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.GUIDE_SHOP;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRICE_ROUND;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
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
    private final PastPrices past;
    private final Clock clock;

    Acceptances(DSLContext db, Notices notices, Parts parts, PastPrices past, Clock clock) {
        this.past = past;
        this.parts = parts;
        this.db = db;
        this.notices = notices;
        this.clock = clock;
    }

    /** A price that waits for a person. */
    public record SetAside(
            long id,
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

    /** Judges every observation of a round that has no decision yet. */
    @Transactional
    public void judge(UUID round) {
        var since = db.select(PRICE_ROUND.STARTED_AT)
                .from(PRICE_ROUND)
                .where(PRICE_ROUND.ID.eq(round))
                .fetchSingle(PRICE_ROUND.STARTED_AT);
        var open = db.selectFrom(OBSERVATION)
                .where(OBSERVATION.ROUND_ID.eq(round), OBSERVATION.SEEN_AT.ge(since))
                .and(DSL.notExists(DSL.selectOne()
                        .from(ACCEPTANCE)
                        .where(
                                ACCEPTANCE.OBSERVATION_ID.eq(OBSERVATION.ID),
                                ACCEPTANCE.SEEN_AT.eq(OBSERVATION.SEEN_AT))))
                .orderBy(OBSERVATION.ID)
                .fetch();
        var grounds = past.of(round, since);
        for (var observation : open) {
            var judgement = judge(observation, grounds);
            decide(observation, judgement.accepted() ? "ACCEPTED" : "SET_ASIDE", judgement.why(), null);
        }
        notices.changed(Notices.Topic.OFFERS);
    }

    private Guard.Judgement judge(ObservationRecord seen, PastPrices.Of grounds) {
        if (seen.getPriceMinor() == null) {
            return new Guard.Judgement(true, "cannot be bought, and says so");
        }
        var own = db.select(LISTING.ACCEPTED_PRICE_MINOR, LISTING.ACCEPTED_SEEN_AT, SHOP.ZONE)
                .from(LISTING)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .where(LISTING.ID.eq(seen.getListingId()), LISTING.ACCEPTED_PRICE_MINOR.isNotNull())
                .fetchOptional();
        var ground = grounds.ground(
                seen.getId(),
                own.map(r -> new PastPrices.Accepted(
                        Money.of(r.value1(), seen.getCurrency()), PastPrices.dayOf(r.value2(), r.value3()))),
                own.isPresent()
                        ? Optional.empty()
                        : peers(seen.getListingId()).map(m -> Money.of(m, seen.getCurrency())));
        return Guard.USUAL.judge(ground, Money.of(seen.getPriceMinor(), seen.getCurrency()));
    }

    /** For a listing that is new: the median of what others ask for the same part in the same condition. */
    private Optional<Long> peers(UUID listing) {
        var own = LISTING.as("own");
        var ownPage = PRODUCT_PAGE.as("own_page");
        var prices = db.select(LISTING.ACCEPTED_PRICE_MINOR)
                .from(own)
                .join(ownPage)
                .on(ownPage.ID.eq(own.PAGE_ID))
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.VARIANT_ID.eq(ownPage.VARIANT_ID))
                .join(LISTING)
                .on(LISTING.PAGE_ID
                        .eq(PRODUCT_PAGE.ID)
                        .and(LISTING.CONDITION.eq(own.CONDITION))
                        .and(LISTING.ID.ne(own.ID)))
                .where(own.ID.eq(listing), LISTING.ACCEPTED_PRICE_MINOR.isNotNull())
                .orderBy(LISTING.ACCEPTED_PRICE_MINOR)
                .fetch(LISTING.ACCEPTED_PRICE_MINOR);
        return prices.isEmpty() ? Optional.empty() : Optional.of(prices.get(prices.size() / 2));
    }

    private void decide(ObservationRecord observation, String verdict, String why, @Nullable Person person) {
        db.insertInto(ACCEPTANCE)
                .set(ACCEPTANCE.LISTING_ID, observation.getListingId())
                .set(ACCEPTANCE.OBSERVATION_ID, observation.getId())
                .set(ACCEPTANCE.SEEN_AT, observation.getSeenAt())
                .set(ACCEPTANCE.VERDICT, verdict)
                .set(ACCEPTANCE.WHY, why)
                .set(ACCEPTANCE.ACCOUNT_ID, person == null ? null : person.id())
                .set(ACCEPTANCE.AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .execute();
        if (verdict.equals("ACCEPTED") || verdict.equals("RELEASED")) {
            db.update(LISTING)
                    .set(LISTING.ACCEPTED_OBSERVATION, observation.getId())
                    .set(LISTING.ACCEPTED_SEEN_AT, observation.getSeenAt())
                    .set(
                            LISTING.ACCEPTED_PRICE_MINOR,
                            DSL.coalesce(DSL.val(observation.getPriceMinor()), LISTING.ACCEPTED_PRICE_MINOR))
                    .set(LISTING.ACCEPTED_CURRENCY, observation.getCurrency())
                    .set(LISTING.ACCEPTED_SHIPPING_MINOR, observation.getShippingMinor())
                    .set(LISTING.ACCEPTED_STOCK, observation.getStock())
                    .set(LISTING.ACCEPTED_MEMBERS_ONLY, observation.getMembersOnly())
                    .where(LISTING.ID.eq(observation.getListingId()))
                    .execute();
        }
    }

    /** The prices that wait for a person, newest first: the latest decision of a listing is that it was set aside. */
    public List<SetAside> waiting(UUID guide) {
        var newer = ACCEPTANCE.as("newer");
        return db.select(
                        ACCEPTANCE.ID,
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
    public void release(long id, boolean right, String why, Person person) {
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
        var observation = db.selectFrom(OBSERVATION)
                .where(OBSERVATION.ID.eq(acceptance.getObservationId()), OBSERVATION.SEEN_AT.eq(acceptance.getSeenAt()))
                .fetchSingle();
        decide(observation, right ? "RELEASED" : "REJECTED", why, person);
        notices.changed(Notices.Topic.OFFERS);
    }
}
