package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;

import java.io.IOException;
import java.io.Reader;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.offer.Stock;
import lowfield.server.reading.SeenOffer;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.postgresql.PGConnection;
import org.springframework.stereotype.Component;

/** Writes down what shops said; nothing is judged here. Many observations go through PostgreSQL's COPY. */
@Component
public class Observations {
    private static final String COPY =
            "copy observation (listing_id, round_id, seen_at, price_minor, currency, shipping_minor, stock, members_only) from stdin";

    private final DSLContext db;
    private final Listings listings;

    Observations(DSLContext db, Listings listings) {
        this.db = db;
        this.listings = listings;
    }

    /** What was seen of one listing: sums in minor units, no price when it cannot be bought. */
    public record Seen(
            UUID listing,
            @Nullable UUID round,
            OffsetDateTime at,
            @Nullable Long priceMinor,
            String currency,
            @Nullable Long shippingMinor,
            Stock stock,
            boolean membersOnly) {

        public static Seen of(UUID listing, UUID round, OffsetDateTime at, String currency, SeenOffer offer) {
            return new Seen(
                    listing,
                    round,
                    at,
                    offer.price().map(Money::minor).orElse(null),
                    currency,
                    offer.shipping().map(Money::minor).orElse(null),
                    offer.stock(),
                    offer.membersOnly());
        }

        public static Seen gone(UUID listing, UUID round, OffsetDateTime at, String currency) {
            return new Seen(listing, round, at, null, currency, null, Stock.GONE, false);
        }

        private void write(StringBuilder line) {
            line.append(listing).append('\t');
            field(line, round);
            line.append(at).append('\t');
            field(line, priceMinor);
            line.append(currency).append('\t');
            field(line, shippingMinor);
            line.append(stock.name()).append('\t').append(membersOnly).append('\n');
        }

        private static void field(StringBuilder line, @Nullable Object value) {
            line.append(value == null ? "\\N" : value).append('\t');
        }
    }

    /** One observation an offer of a page; listings of the page that it no longer shows are seen to be gone. */
    public void keep(Sighting sighting, List<SeenOffer> offers) {
        if (offers.isEmpty()) {
            return;
        }
        var known = listings.of(
                sighting.shop(),
                offers.stream().map(o -> Listings.Key.of(sighting.page(), o)).toList());
        var shown = new HashSet<UUID>();
        var seen = new ArrayList<Seen>();
        for (var offer : offers) {
            var listing = known.get(Listings.Key.of(sighting.page(), offer));
            if (shown.add(listing)) {
                seen.add(Seen.of(listing, sighting.round(), sighting.at(), sighting.currency(), offer));
            }
        }
        listings.standing(sighting.shop(), sighting.page()).stream()
                .filter(l -> !shown.contains(l))
                .forEach(l -> seen.add(Seen.gone(l, sighting.round(), sighting.at(), sighting.currency())));
        write(seen);
    }

    /** The page says what it said since a moment: what was seen last then is seen again. */
    public void keepUnchanged(Sighting sighting, OffsetDateTime since) {
        db.insertInto(
                        OBSERVATION,
                        OBSERVATION.LISTING_ID,
                        OBSERVATION.ROUND_ID,
                        OBSERVATION.SEEN_AT,
                        OBSERVATION.PRICE_MINOR,
                        OBSERVATION.CURRENCY,
                        OBSERVATION.SHIPPING_MINOR,
                        OBSERVATION.STOCK,
                        OBSERVATION.MEMBERS_ONLY)
                .select(DSL.select(
                                OBSERVATION.LISTING_ID,
                                DSL.val(sighting.round()),
                                DSL.val(sighting.at()),
                                OBSERVATION.PRICE_MINOR,
                                OBSERVATION.CURRENCY,
                                OBSERVATION.SHIPPING_MINOR,
                                OBSERVATION.STOCK,
                                OBSERVATION.MEMBERS_ONLY)
                        .distinctOn(OBSERVATION.LISTING_ID)
                        .from(OBSERVATION)
                        .where(
                                OBSERVATION.LISTING_ID.in(DSL.select(LISTING.ID)
                                        .from(LISTING)
                                        .where(LISTING.PAGE_ID.eq(sighting.page()), LISTING.GUIDE_ID.isNull())),
                                OBSERVATION.SEEN_AT.ge(since))
                        .orderBy(OBSERVATION.LISTING_ID, OBSERVATION.SEEN_AT.desc(), OBSERVATION.ID.desc()))
                .execute();
    }

    /** Writes many down at once, in the transaction that is open. */
    public void write(Collection<Seen> seen) {
        if (seen.isEmpty()) {
            return;
        }
        db.connection(connection -> {
            try {
                connection.unwrap(PGConnection.class).getCopyAPI().copyIn(COPY, new Lines(seen.iterator()));
            } catch (IOException never) {
                throw new SQLException(never);
            }
        });
    }

    /** The observations as the text that COPY reads, a few at a time. */
    private static final class Lines extends Reader {
        private static final int FULL = 32 * 1024;

        private final Iterator<Seen> seen;
        private final StringBuilder ready = new StringBuilder(FULL + 512);
        private int at;

        Lines(Iterator<Seen> seen) {
            this.seen = seen;
        }

        @Override
        public int read(char[] into, int offset, int length) {
            if (at == ready.length()) {
                ready.setLength(0);
                at = 0;
                while (ready.length() < FULL && seen.hasNext()) {
                    seen.next().write(ready);
                }
            }
            var count = Math.min(length, ready.length() - at);
            ready.getChars(at, at + count, into, offset);
            at += count;
            return count == 0 ? -1 : count;
        }

        @Override
        public void close() {
            // Nothing is held.
        }
    }
}
