package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.PRODUCT_PAGE;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.history.Grounds;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Guard;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Judges what a round has seen, all of it at once when everything is observed (rules 2): how each kind moved is taken out
 * before each price is looked at. A price that a person rejected and that a shop still asks stays rejected.
 */
@Component
public class Judging {
    private static final String OPEN = """
            select o.id, o.listing_id, o.seen_at, o.price_minor, o.currency, p.variant_id, v.product_id, f.kind,
                l.condition, p.shop_id, s.zone, l.accepted_price_minor, l.accepted_currency, l.accepted_seen_at,
                (select case when a.verdict = 'REJECTED' then ro.price_minor end from acceptance a
                    join observation ro on ro.id = a.observation_id and ro.seen_at = a.seen_at
                    where a.listing_id = l.id and a.account_id is not null
                      and (ro.account_id is null or a.verdict <> 'REJECTED')
                    order by a.id desc limit 1) as rejected_minor
            from observation o
            join listing l on l.id = o.listing_id
            join product_page p on p.id = l.page_id
            join shop s on s.id = p.shop_id
            join variant v on v.id = p.variant_id
            join product r on r.id = v.product_id
            join family f on f.id = r.family_id
            where {0}
              and not exists (select 1 from acceptance a where a.observation_id = o.id and a.seen_at = o.seen_at)
            order by o.id
            """;
    private static final String PAST = """
            select d.variant_id, v.product_id, f.kind, d.condition, d.shop_id, d.day, d.price_minor, d.currency
            from price_day d
            join variant v on v.id = d.variant_id
            join product r on r.id = v.product_id
            join family f on f.id = r.family_id
            where d.day >= cast(? as date) and d.day <= cast(? as date) and d.guide_id is null
            """;

    private final DSLContext db;
    private final Accepted accepted;
    private final Clock clock;

    Judging(DSLContext db, Accepted accepted, Clock clock) {
        this.db = db;
        this.accepted = accepted;
        this.clock = clock;
    }

    /**
     * What waits to be judged: an observation, and what is asked of it when it states a price. The rejected price is what a
     * person said last of the listing, unless that was taken back or something else was said since. A price that somebody
     * typed and took back says nothing of the shop's.
     */
    private record Open(
            long id,
            UUID listing,
            OffsetDateTime at,
            Optional<Grounds.Seen> seen,
            @Nullable Long rejectedMinor) {}

    /** Judges every observation of a round that has no decision yet; in one transaction with the round's end. */
    public void judge(UUID round, OffsetDateTime since) {
        judge(DSL.condition("o.round_id = {0} and o.seen_at >= {1}", DSL.val(round), DSL.val(since)), since);
        accepted.count(round, since);
    }

    /** What became of one observation: "ACCEPTED", "SET_ASIDE" or "REJECTED", and why. */
    public record Ruling(String verdict, String why) {}

    /** Judges one observation that belongs to no round, as a round would; in the transaction that wrote it. */
    public Ruling judge(UUID listing, long observation, OffsetDateTime at) {
        var judged = judge(DSL.condition("o.id = {0} and o.seen_at = {1}", DSL.val(observation), DSL.val(at)), at);
        accepted.restore(List.of(listing), at.minusDays(Guard.REMEMBERED_DAYS));
        accepted.count(List.of(observation), at, at);
        return new Ruling(judged.get(0).verdict(), judged.get(0).why());
    }

    private List<Verdict> judge(org.jooq.Condition which, OffsetDateTime since) {
        var rows = db.resultQuery(OPEN, which).fetch();
        var peers = peers(rows);
        var open = rows.map(r -> open(r, peers));
        var grounds = Grounds.of(open.stream().flatMap(o -> o.seen().stream()).toList(), past(since));
        var verdicts = new ArrayList<Verdict>();
        open.forEach(o -> verdicts.add(verdict(o, grounds)));
        write(verdicts);
        return verdicts;
    }

    private record Verdict(Open of, String verdict, String why) {}

    private static Verdict verdict(Open open, Grounds grounds) {
        if (open.seen().isEmpty()) {
            return new Verdict(open, "ACCEPTED", "cannot be bought, and says so");
        }
        var seen = open.seen().get();
        var judged = Guard.USUAL.judge(grounds.ground(seen), seen.price());
        if (judged.accepted()) {
            return new Verdict(open, "ACCEPTED", judged.why());
        }
        var stillAsked = Long.valueOf(seen.price().minor()).equals(open.rejectedMinor());
        return stillAsked
                ? new Verdict(open, "REJECTED", "still the price that was rejected")
                : new Verdict(open, "SET_ASIDE", judged.why());
    }

    private void write(List<Verdict> verdicts) {
        var now = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        var from = 0;
        while (from < verdicts.size()) {
            var insert = db.insertInto(
                    ACCEPTANCE,
                    ACCEPTANCE.LISTING_ID,
                    ACCEPTANCE.OBSERVATION_ID,
                    ACCEPTANCE.SEEN_AT,
                    ACCEPTANCE.VERDICT,
                    ACCEPTANCE.WHY,
                    ACCEPTANCE.AT);
            var to = Math.min(verdicts.size(), from + 1000);
            for (var v : verdicts.subList(from, to)) {
                insert = insert.values(v.of().listing(), v.of().id(), v.of().at(), v.verdict(), v.why(), now);
            }
            insert.execute();
            from = to;
        }
    }

    private static Open open(Record r, Map<List<Object>, List<Money>> peers) {
        var minor = r.get("price_minor", Long.class);
        var at = r.get("seen_at", OffsetDateTime.class);
        var id = r.get("id", Long.class);
        var listing = r.get("listing_id", UUID.class);
        if (minor == null) {
            return new Open(id, listing, at, Optional.empty(), null);
        }
        var currency = r.get("currency", String.class).strip();
        var seen = new Grounds.Seen(
                listing,
                r.get("variant_id", UUID.class),
                r.get("product_id", UUID.class),
                r.get("kind", String.class),
                Condition.valueOf(r.get("condition", String.class)),
                r.get("shop_id", UUID.class),
                Money.of(minor, currency),
                own(r),
                peers.getOrDefault(sameThing(r), List.of()));
        return new Open(id, listing, at, Optional.of(seen), r.get("rejected_minor", Long.class));
    }

    private static Optional<Grounds.Accepted> own(Record r) {
        return Optional.ofNullable(r.get("accepted_price_minor", Long.class))
                .map(minor -> new Grounds.Accepted(
                        Money.of(minor, r.get("accepted_currency", String.class).strip()),
                        dayOf(r.get("accepted_seen_at", OffsetDateTime.class), r.get("zone", String.class))));
    }

    private static LocalDate dayOf(OffsetDateTime moment, String zone) {
        return moment.atZoneSameInstant(ZoneId.of(zone)).toLocalDate();
    }

    private static List<Object> sameThing(Record r) {
        return List.of(r.get("variant_id", UUID.class), r.get("condition", String.class));
    }

    /** What others ask for the same part in the same condition, where a listing is new. */
    private Map<List<Object>, List<Money>> peers(List<Record> open) {
        var parts = open.stream()
                .filter(r -> r.get("accepted_price_minor") == null)
                .map(r -> r.get("variant_id", UUID.class))
                .distinct()
                .toArray(UUID[]::new);
        var peers = new HashMap<List<Object>, List<Money>>();
        if (parts.length > 0) {
            db.select(
                            PRODUCT_PAGE.VARIANT_ID,
                            LISTING.CONDITION,
                            LISTING.ACCEPTED_PRICE_MINOR,
                            LISTING.ACCEPTED_CURRENCY)
                    .from(LISTING)
                    .join(PRODUCT_PAGE)
                    .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                    .where(
                            PRODUCT_PAGE.VARIANT_ID.in(ValueTable.of(parts)),
                            LISTING.ACCEPTED_PRICE_MINOR.isNotNull(),
                            LISTING.GUIDE_ID.isNull())
                    .forEach(r -> peers.computeIfAbsent(sameThing(r), k -> new ArrayList<>())
                            .add(Money.of(r.value3(), r.value4())));
        }
        return peers;
    }

    private List<Grounds.Past> past(OffsetDateTime since) {
        var day = since.toLocalDate();
        return db.resultQuery(PAST, day.minusDays(Guard.REMEMBERED_DAYS), day.plusDays(1))
                .fetch(r -> new Grounds.Past(
                        r.get("variant_id", UUID.class),
                        r.get("product_id", UUID.class),
                        r.get("kind", String.class),
                        Condition.valueOf(r.get("condition", String.class)),
                        r.get("shop_id", UUID.class),
                        r.get("day", LocalDate.class),
                        Money.of(
                                r.get("price_minor", Long.class),
                                r.get("currency", String.class).strip())));
    }
}
