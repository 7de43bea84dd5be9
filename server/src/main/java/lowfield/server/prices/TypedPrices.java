package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SHOP;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.offer.GoingPrice;
import lowfield.core.offer.Guard;
import lowfield.db.tables.records.ObservationRecord;
import lowfield.db.tables.records.ShopRecord;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.NotFound;
import lowfield.server.shops.OwnShop;
import lowfield.server.shops.PageAddress;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What persons have seen that things cost, each price with its date and source. */
@Service
public class TypedPrices {
    private final DSLContext db;
    private final Listings listings;
    private final Acceptances acceptances;
    private final Parts parts;
    private final OwnShop own;
    private final Clock clock;

    TypedPrices(DSLContext db, Listings listings, Acceptances acceptances, Parts parts, OwnShop own, Clock clock) {
        this.own = own;
        this.db = db;
        this.listings = listings;
        this.acceptances = acceptances;
        this.parts = parts;
        this.clock = clock;
    }

    /** Writes the price down; it counts at once, by the person's word. The number by which it can be taken back. */
    @Transactional
    public long add(UUID part, TypedPrice typed, Person by) {
        parts.catalogue().part(part);
        var shop = shop(typed);
        typed.check(shop.getName(), shop.getCurrency());
        var at = moment(typed.seenOn(), ZoneId.of(shop.getZone()));
        var seller = Optional.ofNullable(typed.seller()).map(String::strip).filter(s -> !s.isEmpty());
        var key = new Listings.Key(
                page(part, typed, shop),
                seller.orElse(shop.getName()),
                typed.condition().name());
        var listing = listings.of(shop.getId(), List.of(key)).get(key);
        refuseFarOff(listing, part, typed);
        return acceptances.released(
                observation(listing, typed, at, by), "typed by " + by.name() + ": " + typed.sourceFor(by), by);
    }

    private ShopRecord shop(TypedPrice typed) {
        if (typed.shop() == null) {
            return own.of(typed.currency());
        }
        return db.selectFrom(SHOP)
                .where(SHOP.ID.eq(typed.shop()), SHOP.HAS_PRICES.isTrue())
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such shop."));
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

    private UUID page(UUID part, TypedPrice typed, ShopRecord shop) {
        var path = path(part, typed, shop);
        db.insertInto(
                        PRODUCT_PAGE,
                        PRODUCT_PAGE.SHOP_ID,
                        PRODUCT_PAGE.VARIANT_ID,
                        PRODUCT_PAGE.PATH,
                        PRODUCT_PAGE.BY_HAND)
                .values(shop.getId(), part, path, true)
                .onConflictDoNothing()
                .execute();
        var page = db.selectFrom(PRODUCT_PAGE)
                .where(PRODUCT_PAGE.SHOP_ID.eq(shop.getId()), PRODUCT_PAGE.PATH.eq(path))
                .fetchSingle();
        RuleBroken.unless(page.getVariantId().equals(part), "This page already speaks of another part.");
        return page.getId();
    }

    /** The link's path; the shop's front page, marked with the part, when there is none. */
    private static String path(UUID part, TypedPrice typed, ShopRecord shop) {
        var link = Optional.ofNullable(typed.link()).map(String::strip).filter(l -> !l.isEmpty());
        return link.map(PageAddress::of)
                .map(page -> {
                    RuleBroken.unless(
                            page.host().equals(shop.getHost()),
                            "The link begins with https://%s/, or is left out.",
                            shop.getHost());
                    return page.path();
                })
                .orElse("/#" + part);
    }

    /** Held to the last price of the same offer, or to what others ask where there was none. */
    private void refuseFarOff(UUID listing, UUID part, TypedPrice typed) {
        var asked = asked(part, typed);
        var ground = Guard.Ground.of(
                Optional.ofNullable(asked.get(listing)),
                GoingPrice.of(asked.values(), typed.price().currency()));
        var judged = Guard.USUAL.judge(ground, typed.price());
        if (!typed.sure() && !judged.accepted()) {
            throw new Conflict(judged.why() + "; say that you are sure if it is right.", Map.of("isFarOff", true));
        }
    }

    /** What counts of the part in the typed condition and currency, by listing. */
    private Map<UUID, Money> asked(UUID part, TypedPrice typed) {
        return db.select(LISTING.ID, LISTING.ACCEPTED_PRICE_MINOR)
                .from(LISTING)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .where(PRODUCT_PAGE.VARIANT_ID.eq(part), LISTING.ACCEPTED_PRICE_MINOR.isNotNull())
                .and(LISTING.CONDITION.eq(typed.condition().name()))
                .and(LISTING.ACCEPTED_CURRENCY.eq(typed.currency()))
                .fetchMap(LISTING.ID, r -> Money.of(r.value2(), typed.currency()));
    }

    private ObservationRecord observation(UUID listing, TypedPrice typed, OffsetDateTime at, Person by) {
        return db.insertInto(OBSERVATION)
                .set(OBSERVATION.LISTING_ID, listing)
                .set(OBSERVATION.SEEN_AT, at)
                .set(OBSERVATION.PRICE_MINOR, typed.priceMinor())
                .set(OBSERVATION.CURRENCY, typed.currency())
                .set(OBSERVATION.SHIPPING_MINOR, typed.shippingMinor())
                .set(OBSERVATION.CLAIM_BACK_MINOR, typed.claimBackMinor())
                .set(OBSERVATION.STOCK, typed.stock().name())
                .set(OBSERVATION.MEMBERS_ONLY, typed.membersOnly())
                .set(OBSERVATION.ACCOUNT_ID, by.id())
                .set(OBSERVATION.SOURCE, typed.sourceFor(by))
                .returning()
                .fetchSingle();
    }
}
