package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SHOP;
import static lowfield.db.Tables.VARIANT;

import java.net.URI;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.db.tables.records.ObservationRecord;
import lowfield.db.tables.records.ShopRecord;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What persons say that things cost: a price with its date and source, and the basis of an estimate. */
@Service
public class TypedPrices {
    private static final int OLDEST_DAYS = 90;
    private static final double LEAST = 0.65;
    private static final double MOST = 1.6;

    private final DSLContext db;
    private final Listings listings;
    private final Acceptances acceptances;
    private final Parts parts;
    private final Notices notices;
    private final Clock clock;

    TypedPrices(DSLContext db, Listings listings, Acceptances acceptances, Parts parts, Notices notices, Clock clock) {
        this.db = db;
        this.listings = listings;
        this.acceptances = acceptances;
        this.parts = parts;
        this.notices = notices;
        this.clock = clock;
    }

    /**
     * A price that a person has seen: sums in minor units of the shop's currency, as of noon of a day in the shop's zone (now,
     * when it is today, or no day is named). Without a seller the shop itself sells; without a link the shop's front page is meant. A price far
     * from the last one must be typed with {@code sure}.
     */
    public record TypedPrice(
            UUID shop,
            @Nullable String seller,
            Condition condition,
            Stock stock,
            long priceMinor,
            String currency,
            @Nullable Long shippingMinor,
            @Nullable Long claimBackMinor,
            boolean membersOnly,
            @Nullable LocalDate seenOn,
            String source,
            @Nullable String link,
            boolean sure) {}

    /** Writes the price down; it counts at once, by the person's word. */
    @Transactional
    public void add(UUID part, TypedPrice typed, Person by) {
        parts.catalogue().part(part);
        var shop = db.selectFrom(SHOP)
                .where(SHOP.ID.eq(typed.shop()))
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such shop."));
        check(typed, shop);
        var at = moment(typed.seenOn(), ZoneId.of(shop.getZone()));
        var seller = Optional.ofNullable(typed.seller()).map(String::strip).filter(s -> !s.isEmpty());
        var key = new Listings.Key(
                page(part, typed, shop),
                seller.orElse(shop.getName()),
                typed.condition().name());
        var listing = listings.of(shop.getId(), List.of(key)).get(key);
        refuseFarOff(listing, typed);
        acceptances.released(observation(listing, typed, at, by), "typed by " + by.name() + ": " + source(typed), by);
    }

    private static String source(TypedPrice typed) {
        return typed.source().strip();
    }

    private static void check(TypedPrice typed, ShopRecord shop) {
        var currency = Money.currencyOf(shop.getCurrency());
        RuleBroken.unless(
                typed.currency().equals(shop.getCurrency()),
                "%s asks in %s; type the price in that, not in %s.",
                shop.getName(),
                shop.getCurrency(),
                typed.currency().length() > 10 ? "another" : typed.currency());
        RuleBroken.unless(typed.priceMinor() > 0, "A price is more than nothing.");
        Money.ofMajor(new Money(typed.priceMinor(), currency).major(), currency);
        RuleBroken.unless(
                typed.shippingMinor() == null
                        || typed.shippingMinor() >= 0 && typed.shippingMinor() <= typed.priceMinor() + 100_000,
                "Shipping is nothing or more, and not far above the price itself.");
        RuleBroken.unless(
                typed.claimBackMinor() == null
                        || typed.claimBackMinor() > 0 && typed.claimBackMinor() < typed.priceMinor(),
                "What can be claimed back is less than the price.");
        RuleBroken.unless(
                typed.stock() != Stock.GONE && typed.stock() != Stock.OUT_OF_STOCK,
                "A price that can be paid has something in stock; to say that a thing is gone, set its price aside.");
        RuleBroken.unless(
                source(typed).length() >= 3 && typed.source().length() <= 300,
                "Say where you have the price from, in 3 to 300 letters.");
        RuleBroken.unless(
                typed.seller() == null || typed.seller().length() <= 100, "A seller's name has at most 100 letters.");
    }

    private OffsetDateTime moment(@Nullable LocalDate named, ZoneId zone) {
        var now = clock.instant();
        var today = LocalDate.ofInstant(now, zone);
        var day = named == null ? today : named;
        RuleBroken.unless(!day.isAfter(today), "A price is seen today or before, not on %s.", day);
        RuleBroken.unless(day.isAfter(today.minusDays(OLDEST_DAYS)), "A price is at most %d days old.", OLDEST_DAYS);
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
        if (link.isEmpty()) {
            return "/#" + part;
        }
        try {
            var uri = URI.create(link.get());
            RuleBroken.unless(
                    "https".equals(uri.getScheme())
                            && shop.getHost().equals(uri.getHost())
                            && uri.getUserInfo() == null
                            && link.get().length() <= 500
                            && !uri.getRawPath().isEmpty(),
                    "The link begins with https://%s/, or is left out.",
                    shop.getHost());
            return uri.getRawPath() + (uri.getRawQuery() == null ? "" : "?" + uri.getRawQuery());
        } catch (IllegalArgumentException malformed) {
            throw new RuleBroken("This is not an address; copy it from the browser, or leave it out.");
        }
    }

    private void refuseFarOff(UUID listing, TypedPrice typed) {
        var last = db.select(LISTING.ACCEPTED_PRICE_MINOR)
                .from(LISTING)
                .where(LISTING.ID.eq(listing), LISTING.ACCEPTED_PRICE_MINOR.isNotNull())
                .fetchOptional(LISTING.ACCEPTED_PRICE_MINOR);
        last.ifPresent(minor -> {
            var share = (double) typed.priceMinor() / minor;
            RuleBroken.unless(
                    typed.sure() || share >= LEAST && share <= MOST,
                    "The last price here was %s; say that you are sure if %s is right.",
                    Money.of(minor, typed.currency()),
                    Money.of(typed.priceMinor(), typed.currency()));
        });
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
                .set(OBSERVATION.SOURCE, source(typed))
                .returning()
                .fetchSingle();
    }

    /** The basis of a part's estimate; absent when it has none. */
    public Optional<EstimateForm> estimate(UUID part) {
        return db.select(VARIANT.ESTIMATE)
                .from(VARIANT)
                .where(VARIANT.ID.eq(part), VARIANT.ESTIMATE.isNotNull())
                .fetchOptional(r -> Json.read(r.value1().data(), EstimateForm.class));
    }

    /** Sets or, when absent, takes away the basis of a part's estimate. */
    @Transactional
    public void estimate(UUID part, Optional<EstimateForm> form) {
        var known = parts.catalogue().part(part);
        form.ifPresent(f -> {
            f.basis();
            Optional.ofNullable(f.comparable()).ifPresent(other -> {
                RuleBroken.unless(!other.equals(part), "A part cannot be compared with itself.");
                RuleBroken.unless(
                        parts.catalogue().part(other).kind() == known.kind(),
                        "An estimate compares parts of one kind.");
            });
            RuleBroken.unless(
                    f.type() != EstimateForm.Type.SUGGESTED
                            || known.suggestedPrice().isPresent(),
                    "%s has no suggested price to start from.",
                    known.fullName());
        });
        db.update(VARIANT)
                .set(VARIANT.ESTIMATE, form.map(Json::jsonb).orElse(null))
                .where(VARIANT.ID.eq(known.id()))
                .execute();
        notices.changed(Notices.Topic.OFFERS);
    }
}
