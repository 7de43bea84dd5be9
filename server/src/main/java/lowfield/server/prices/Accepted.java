package lowfield.server.prices;

import static lowfield.db.Tables.OBSERVATION;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/**
 * Makes what was accepted count: each listing shows its newest accepted observation, and the statistics of days and months
 * follow. All in one statement, however many there are.
 */
@Component
class Accepted {
    private static final String ACCEPTED = """
            select o.id, o.listing_id, o.seen_at, o.price_minor, o.currency, o.shipping_minor, o.stock, o.members_only,
                o.claim_back_minor, o.boxed_cooler, o.link
            from observation o
            where {0} and (select a.verdict from acceptance a
                where a.observation_id = o.id and a.seen_at = o.seen_at
                order by a.id desc limit 1) in ('ACCEPTED', 'RELEASED')
            """;
    private static final String LISTINGS = """
            update listing set
                accepted_observation = n.id,
                accepted_seen_at = n.seen_at,
                accepted_price_minor = coalesce(n.price_minor, listing.accepted_price_minor),
                accepted_currency = n.currency,
                accepted_shipping_minor = n.shipping_minor,
                accepted_stock = n.stock,
                accepted_members_only = n.members_only,
                accepted_claim_back_minor = n.claim_back_minor,
                accepted_boxed_cooler = n.boxed_cooler,
                accepted_link = n.link
            from (select distinct on (listing_id) * from (%s) o order by listing_id, seen_at desc, id desc) n
            where listing.id = n.listing_id
              and (listing.accepted_seen_at is null or listing.accepted_seen_at <= n.seen_at)
            """.formatted(ACCEPTED);
    private static final String NOTHING = """
            update listing set accepted_observation = null, accepted_seen_at = null, accepted_price_minor = null,
                accepted_currency = null, accepted_shipping_minor = null, accepted_stock = null,
                accepted_members_only = null, accepted_claim_back_minor = null, accepted_boxed_cooler = null,
                accepted_link = null
            where id in (select unnest({0}))
            """;
    /** The days of parts at shops, where these let their prices be kept, that some observations speak of. */
    private static final String TOUCHED = """
            select distinct p.variant_id, l.condition, (o.seen_at at time zone s.zone)::date as day, p.shop_id,
                s.zone, s.currency, l.guide_id
            from observation o
            join listing l on l.id = o.listing_id
            join product_page p on p.id = l.page_id
            join shop s on s.id = p.shop_id
            where s.may_store and {0}
            """;

    private static final String NO_DAYS = """
            delete from price_day d using (%s) t
            where d.variant_id = t.variant_id and d.condition = t.condition and d.day = t.day and d.shop_id = t.shop_id
              and d.guide_id is not distinct from t.guide_id
            """.formatted(TOUCHED);
    /** Of each day the newest accepted observation of every listing, whichever round saw it. */
    private static final String DAYS = """
            insert into price_day (variant_id, condition, day, shop_id, price_minor, bookable_minor, currency, guide_id)
            select n.variant_id, n.condition, n.day, n.shop_id,
                min(n.price_minor),
                min(n.price_minor) filter (where n.stock in ('IN_STOCK', 'LIMITED') and not n.members_only),
                n.currency, n.guide_id
            from (
                select distinct on (l.id, t.day) t.variant_id, t.condition, t.day, t.shop_id, t.currency, t.guide_id,
                    o.price_minor, o.stock, o.members_only, o.currency as seen_currency
                from (%s) t
                join product_page p on p.variant_id = t.variant_id and p.shop_id = t.shop_id
                join listing l on l.page_id = p.id and l.condition = t.condition and l.guide_id is not distinct from t.guide_id
                join observation o on o.listing_id = l.id
                where o.seen_at >= {1} and o.seen_at < {2}
                  and (o.seen_at at time zone t.zone)::date = t.day
                  and (select a.verdict from acceptance a
                    where a.observation_id = o.id and a.seen_at = o.seen_at
                    order by a.id desc limit 1) in ('ACCEPTED', 'RELEASED')
                order by l.id, t.day, o.seen_at desc, o.id desc) n
            where n.price_minor is not null and n.seen_currency = n.currency
            group by 1, 2, 3, 4, 7, 8
            """.formatted(TOUCHED);

    private static final String MONTHS = """
            insert into price_month (kind, month, variant_id, day, price_minor, currency, ending)
            select distinct on (f.kind, date_trunc('month', d.day), d.variant_id)
                f.kind, date_trunc('month', d.day)::date, d.variant_id, d.day, d.bookable_minor, d.currency,
                v.release = 'ENDING'
            from price_day d
            join variant v on v.id = d.variant_id
            join product r on r.id = v.product_id
            join family f on f.id = r.family_id
            where d.condition = 'NEW' and d.bookable_minor is not null and d.guide_id is null
              and (d.variant_id, d.day) in (
                select p.variant_id, (o.seen_at at time zone s.zone)::date
                from (%s) o
                join listing l on l.id = o.listing_id
                join product_page p on p.id = l.page_id
                join shop s on s.id = p.shop_id)
            order by f.kind, date_trunc('month', d.day), d.variant_id, d.day desc, d.bookable_minor
            on conflict (kind, month, variant_id) do update
                set day = excluded.day, price_minor = excluded.price_minor, ending = excluded.ending
                where price_month.day <= excluded.day
            """.formatted(ACCEPTED);

    private static final lowfield.db.tables.Observation O = OBSERVATION.as("o");

    private final DSLContext db;

    Accepted(DSLContext db) {
        this.db = db;
    }

    /** Lets what was accepted of a round count; in the transaction that accepted it. */
    void count(UUID round, OffsetDateTime since) {
        Condition seen = O.ROUND_ID.eq(round).and(O.SEEN_AT.ge(since));
        db.query(LISTINGS, seen).execute();
        // A round lasts two days at most.
        statistics(seen, since, since.plusDays(2));
    }

    /** Works the statistics out anew where some observations of a time count, or do not count any more. */
    void count(List<Long> observations, OffsetDateTime first, OffsetDateTime last) {
        statistics(
                O.ID.in(ValueTable.of(observations.toArray(Long[]::new))).and(O.SEEN_AT.between(first, last)),
                first,
                last);
    }

    /** A day of another zone begins half a day earlier or later. */
    private void statistics(Condition seen, OffsetDateTime first, OffsetDateTime last) {
        db.query(NO_DAYS, seen).execute();
        db.query(DAYS, seen, DSL.val(first.minusDays(2)), DSL.val(last.plusDays(2)))
                .execute();
        db.query(MONTHS, seen).execute();
    }

    /** Shows listings by their newest accepted observation of a time, after a decision about them. */
    void restore(List<UUID> listings, OffsetDateTime since) {
        db.query(NOTHING, DSL.val(listings.toArray(UUID[]::new))).execute();
        db.query(
                        LISTINGS,
                        O.LISTING_ID
                                .in(ValueTable.of(listings.toArray(UUID[]::new)))
                                .and(O.SEEN_AT.ge(since)))
                .execute();
    }
}
