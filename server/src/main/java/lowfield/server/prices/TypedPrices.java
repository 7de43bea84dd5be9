package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRODUCT_PAGE;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.offer.GoingPrice;
import lowfield.core.offer.Guard;
import lowfield.core.offer.Offer;
import lowfield.db.tables.records.ObservationRecord;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What persons have seen that things cost, each price with its date and source. */
@Service
public class TypedPrices {
    private static final UUID NOT_KEPT = new UUID(0, 0);

    private final DSLContext db;
    private final Acceptances acceptances;
    private final Parts parts;
    private final TypedPlaces places;
    private final Clock clock;

    TypedPrices(DSLContext db, Acceptances acceptances, Parts parts, TypedPlaces places, Clock clock) {
        this.places = places;
        this.db = db;
        this.acceptances = acceptances;
        this.parts = parts;
        this.clock = clock;
    }

    /** Writes the price down; it counts at once, by the person's word. The number by which it can be taken back. */
    @Transactional
    public long add(UUID part, TypedPrice typed, Person by) {
        parts.catalogue().part(part);
        typed.check();
        RuleBroken.unless(
                typed.guide() == null || db.fetchExists(GUIDE, GUIDE.ID.eq(typed.guide())), "There is no such guide.");
        var place = places.of(part, typed);
        var listing = place.listing();
        refuseFarOff(listing, new Judged(part, typed.guide(), typed.condition().name(), typed.price(), typed.sure()));
        var at = moment(typed.seenOn(), place.zone());
        return acceptances.released(
                observation(place, typed, at, by), "typed by " + by.name() + ": " + typed.sourceFor(by), by);
    }

    /** The listing of a typed price by its number. */
    @Transactional(readOnly = true)
    public UUID listing(long number) {
        return db.select(ACCEPTANCE.LISTING_ID)
                .from(ACCEPTANCE)
                .where(ACCEPTANCE.ID.eq(number))
                .fetchOptional(ACCEPTANCE.LISTING_ID)
                .orElseThrow(() -> new NotFound("There is no such price."));
    }

    /** The offer that a typed price would be; nothing is kept. */
    @Transactional(readOnly = true)
    public Offer asOffer(TypedPrice typed) {
        typed.check();
        var seen = clock.instant();
        return new Offer(
                NOT_KEPT,
                places.seller(typed),
                typed.condition(),
                typed.price(),
                places.shipping(typed),
                typed.stock(),
                typed.membersOnly(),
                Optional.ofNullable(typed.claimBackMinor()).map(m -> Money.of(m, typed.currency())),
                Optional.ofNullable(typed.boxedCooler()),
                seen,
                typed.address().orElse(""));
    }

    /**
     * An offer is seen again as it last counted: same seller, condition, stock, shipping, rebate, cooler and membership. What was typed
     * for all guides stays theirs; what a shop said is said again for the guide alone. The number by which it is taken back.
     */
    @Transactional
    public long confirm(UUID guide, UUID listing, boolean isSure, Person by) {
        var known = db.selectFrom(LISTING)
                .where(LISTING.ID.eq(listing), LISTING.ACCEPTED_OBSERVATION.isNotNull(), TypedPlaces.isFor(guide))
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such offer."));
        var last = db.selectFrom(OBSERVATION)
                .where(
                        OBSERVATION.ID.eq(known.getAcceptedObservation()),
                        OBSERVATION.SEEN_AT.eq(known.getAcceptedSeenAt()))
                .fetchSingle();
        var part = db.select(PRODUCT_PAGE.VARIANT_ID)
                .from(PRODUCT_PAGE)
                .where(PRODUCT_PAGE.ID.eq(known.getPageId()))
                .fetchSingle()
                .value1();
        var place = last.getAccountId() != null ? listing : places.ofGuide(known, guide);
        refuseFarOff(
                listing,
                new Judged(
                        part,
                        guide,
                        known.getCondition(),
                        Money.of(known.getAcceptedPriceMinor(), known.getAcceptedCurrency()),
                        isSure));
        var again = db.insertInto(OBSERVATION)
                .set(OBSERVATION.LISTING_ID, place)
                .set(OBSERVATION.SEEN_AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .set(OBSERVATION.PRICE_MINOR, known.getAcceptedPriceMinor())
                .set(OBSERVATION.CURRENCY, known.getAcceptedCurrency())
                .set(OBSERVATION.SHIPPING_MINOR, known.getAcceptedShippingMinor())
                .set(OBSERVATION.CLAIM_BACK_MINOR, known.getAcceptedClaimBackMinor())
                .set(OBSERVATION.BOXED_COOLER, known.getAcceptedBoxedCooler())
                .set(OBSERVATION.STOCK, known.getAcceptedStock())
                .set(OBSERVATION.MEMBERS_ONLY, known.getAcceptedMembersOnly())
                .set(OBSERVATION.ACCOUNT_ID, by.id())
                .set(OBSERVATION.SOURCE, "confirmed by " + by.name())
                .set(OBSERVATION.LINK, known.getAcceptedLink())
                .returning()
                .fetchSingle();
        return acceptances.released(again, "confirmed by " + by.name(), by);
    }

    /** Takes a typed price back: it counts no more, and what counted before it does again. */
    @Transactional
    public void takeBack(UUID part, long number, Person by) {
        var typed = db.select(OBSERVATION.asterisk())
                .from(ACCEPTANCE)
                .join(OBSERVATION)
                .on(OBSERVATION.ID.eq(ACCEPTANCE.OBSERVATION_ID).and(OBSERVATION.SEEN_AT.eq(ACCEPTANCE.SEEN_AT)))
                .join(LISTING)
                .on(LISTING.ID.eq(OBSERVATION.LISTING_ID))
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .where(ACCEPTANCE.ID.eq(number), OBSERVATION.ACCOUNT_ID.isNotNull(), PRODUCT_PAGE.VARIANT_ID.eq(part))
                .forUpdate()
                .of(LISTING)
                .fetchOptionalInto(OBSERVATION)
                .orElseThrow(() -> new NotFound("Nobody typed such a price of this part."));
        var latest = db.select(DSL.max(ACCEPTANCE.ID))
                .from(ACCEPTANCE)
                .where(ACCEPTANCE.OBSERVATION_ID.eq(typed.getId()), ACCEPTANCE.SEEN_AT.eq(typed.getSeenAt()))
                .fetchSingle()
                .value1();
        if (latest != number) {
            throw new Conflict("This price was taken back already, or something else was decided about it.");
        }
        acceptances.withdrawn(typed, "taken back by " + by.name(), by);
    }

    /** The same where nothing else was decided about it since; else it stays as it is. */
    @Transactional
    public void takeBackIfLast(UUID part, long number, Person by) {
        var seen = db.selectFrom(ACCEPTANCE).where(ACCEPTANCE.ID.eq(number)).fetchOptional();
        var isLast = seen.filter(a -> db.fetchCount(
                                ACCEPTANCE,
                                ACCEPTANCE.OBSERVATION_ID.eq(a.getObservationId()),
                                ACCEPTANCE.SEEN_AT.eq(a.getSeenAt()))
                        == 1)
                .isPresent();
        if (isLast) {
            takeBack(part, number, by);
        }
    }

    private OffsetDateTime moment(@Nullable LocalDate named, ZoneId zone) {
        var now = clock.instant();
        var today = LocalDate.ofInstant(now, zone);
        var day = named == null ? today : named;
        RuleBroken.unless(!day.isAfter(today), "A price is seen today or before, not on %s.", day);
        RuleBroken.unless(
                day.isAfter(today.minusDays(Guard.REMEMBERED_DAYS)),
                "A price is at most %d days old.",
                Guard.REMEMBERED_DAYS);
        var noon = day.atTime(LocalTime.NOON).atZone(zone).toInstant();
        return OffsetDateTime.ofInstant(day.equals(today) || noon.isAfter(now) ? now : noon, ZoneOffset.UTC);
    }

    /** A price that a person says; {@code isSure} where it was said twice. */
    private record Judged(UUID part, @Nullable UUID guide, String condition, Money price, boolean isSure) {}

    /** Held to the last price of the same offer, or to what others ask where there was none. */
    private void refuseFarOff(UUID listing, Judged said) {
        var asked = asked(said);
        var ground = Guard.Ground.of(
                Optional.ofNullable(asked.get(listing)),
                GoingPrice.of(asked.values(), said.price().currency()));
        var judged = Guard.USUAL.judge(ground, said.price());
        if (!said.isSure() && !judged.accepted()) {
            throw new Conflict(judged.why() + "; say that you are sure if it is right.", Map.of("isFarOff", true));
        }
    }

    /** What counts of the part in the same condition and currency, by listing. */
    private Map<UUID, Money> asked(Judged said) {
        var currency = said.price().currency().getCurrencyCode();
        return db.select(LISTING.ID, LISTING.ACCEPTED_PRICE_MINOR)
                .from(LISTING)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .where(PRODUCT_PAGE.VARIANT_ID.eq(said.part()), LISTING.ACCEPTED_PRICE_MINOR.isNotNull())
                .and(LISTING.CONDITION.eq(said.condition()))
                .and(TypedPlaces.isFor(said.guide()))
                .and(LISTING.ACCEPTED_CURRENCY.eq(currency))
                .fetchMap(LISTING.ID, r -> Money.of(r.value2(), currency));
    }

    private ObservationRecord observation(TypedPlaces.Place place, TypedPrice typed, OffsetDateTime at, Person by) {
        return db.insertInto(OBSERVATION)
                .set(OBSERVATION.LISTING_ID, place.listing())
                .set(OBSERVATION.SEEN_AT, at)
                .set(OBSERVATION.PRICE_MINOR, typed.priceMinor())
                .set(OBSERVATION.CURRENCY, typed.currency())
                .set(OBSERVATION.SHIPPING_MINOR, typed.shippingMinor())
                .set(OBSERVATION.CLAIM_BACK_MINOR, typed.claimBackMinor())
                .set(OBSERVATION.BOXED_COOLER, typed.boxedCooler())
                .set(OBSERVATION.STOCK, typed.stock().name())
                .set(OBSERVATION.MEMBERS_ONLY, typed.membersOnly())
                .set(OBSERVATION.ACCOUNT_ID, by.id())
                .set(OBSERVATION.SOURCE, typed.sourceFor(by))
                .set(OBSERVATION.LINK, place.link().orElse(null))
                .returning()
                .fetchSingle();
    }
}
