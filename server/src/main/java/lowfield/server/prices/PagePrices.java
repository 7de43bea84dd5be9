package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.OBSERVATION;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.server.platform.Notices;
import lowfield.server.reading.SeenOffer;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Prices of a page that somebody had read outside a round: written down and judged as a round's are. */
@Service
public class PagePrices {
    private final DSLContext db;
    private final Listings listings;
    private final Judging judging;
    private final Notices notices;
    private final Clock clock;

    PagePrices(DSLContext db, Listings listings, Judging judging, Notices notices, Clock clock) {
        this.db = db;
        this.listings = listings;
        this.judging = judging;
        this.notices = notices;
        this.clock = clock;
    }

    /** A page of a shop, of which part it speaks, and in which currency and zone its shop is. */
    public record PageOf(UUID shop, UUID page, UUID part, String currency, ZoneId zone) {}

    /** What the shop says there now. A price whose validity has ended waits for a person. */
    @Transactional
    public Judging.Ruling keep(PageOf of, SeenOffer offer) {
        var key = Listings.Key.of(of.page(), offer);
        var listing = listings.of(of.shop(), List.of(key)).get(key);
        var at = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)
                .truncatedTo(java.time.temporal.ChronoUnit.MICROS);
        var seen = db.insertInto(OBSERVATION)
                .set(OBSERVATION.LISTING_ID, listing)
                .set(OBSERVATION.SEEN_AT, at)
                .set(OBSERVATION.PRICE_MINOR, offer.price().map(Money::minor).orElse(null))
                .set(OBSERVATION.CURRENCY, of.currency())
                .set(
                        OBSERVATION.SHIPPING_MINOR,
                        offer.shipping().map(Money::minor).orElse(null))
                .set(OBSERVATION.STOCK, offer.stock().name())
                .set(OBSERVATION.MEMBERS_ONLY, offer.membersOnly())
                .returning(OBSERVATION.ID)
                .fetchSingle()
                .getId();
        var today = LocalDate.ofInstant(clock.instant(), of.zone());
        var ruling = offer.validUntil()
                .filter(until -> until.isBefore(today))
                .map(until -> ended(listing, seen, at, until))
                .orElseGet(() -> judging.judge(listing, seen, at));
        notices.changed(Notices.Topic.OFFERS, List.of(of.part()));
        return ruling;
    }

    private Judging.Ruling ended(UUID listing, long observation, OffsetDateTime at, LocalDate until) {
        var why = "valid until %s only".formatted(until);
        db.insertInto(ACCEPTANCE)
                .set(ACCEPTANCE.LISTING_ID, listing)
                .set(ACCEPTANCE.OBSERVATION_ID, observation)
                .set(ACCEPTANCE.SEEN_AT, at)
                .set(ACCEPTANCE.VERDICT, "SET_ASIDE")
                .set(ACCEPTANCE.WHY, why)
                .set(ACCEPTANCE.AT, at)
                .execute();
        return new Judging.Ruling("SET_ASIDE", why);
    }
}
