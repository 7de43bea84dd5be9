package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.PRODUCT_PAGE;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.offer.Guard;
import lowfield.db.tables.records.AcceptanceRecord;
import lowfield.db.tables.records.ObservationRecord;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was decided about each observation: accepted, set aside for a person, released or rejected by one. */
@Service
public class Acceptances {
    private static final int ROWS_AT_ONCE = 1000;

    private final DSLContext db;
    private final Notices notices;
    private final Accepted accepted;
    private final Clock clock;

    Acceptances(DSLContext db, Notices notices, Accepted accepted, Clock clock) {
        this.accepted = accepted;
        this.db = db;
        this.notices = notices;
        this.clock = clock;
    }

    /** What is decided about one observation. */
    private record Ruling(UUID listing, long observation, OffsetDateTime seenAt, String verdict, String why) {}

    /** A person's own price counts at once; the number of the decision. */
    long released(ObservationRecord typed, String why, Person person) {
        return decide(List.of(of(typed, "RELEASED", why)), person).get(0);
    }

    /** It counts no more. */
    void withdrawn(ObservationRecord typed, String why, Person person) {
        decide(List.of(of(typed, "REJECTED", why)), person);
    }

    private static Ruling of(ObservationRecord seen, String verdict, String why) {
        return new Ruling(seen.getListingId(), seen.getId(), seen.getSeenAt(), verdict, why);
    }

    /** Writes the rulings down and lets them hold; their numbers, in order. */
    private List<Long> decide(List<Ruling> rulings, Person person) {
        var ids = new ArrayList<Long>();
        for (int from = 0; from < rulings.size(); from += ROWS_AT_ONCE) {
            ids.addAll(write(rulings.subList(from, Math.min(rulings.size(), from + ROWS_AT_ONCE)), person));
        }
        var times = rulings.stream().map(Ruling::seenAt).sorted().toList();
        var first = times.get(0);
        accepted.restore(rulings.stream().map(Ruling::listing).toList(), first.minusDays(Guard.REMEMBERED_DAYS));
        accepted.count(rulings.stream().map(Ruling::observation).toList(), first, times.get(times.size() - 1));
        notices.changed(Notices.Topic.OFFERS, parts(rulings));
        return ids;
    }

    private List<UUID> parts(List<Ruling> rulings) {
        return db.selectDistinct(PRODUCT_PAGE.VARIANT_ID)
                .from(LISTING)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .where(LISTING.ID.in(
                        rulings.stream().map(Ruling::listing).distinct().toList()))
                .fetch(PRODUCT_PAGE.VARIANT_ID);
    }

    private List<Long> write(List<Ruling> rulings, Person person) {
        var at = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        return db.insertInto(
                        ACCEPTANCE,
                        ACCEPTANCE.LISTING_ID,
                        ACCEPTANCE.OBSERVATION_ID,
                        ACCEPTANCE.SEEN_AT,
                        ACCEPTANCE.VERDICT,
                        ACCEPTANCE.WHY,
                        ACCEPTANCE.ACCOUNT_ID,
                        ACCEPTANCE.AT)
                .valuesOfRows(rulings.stream()
                        .map(r -> DSL.row(
                                r.listing(), r.observation(), r.seenAt(), r.verdict(), r.why(), person.id(), at))
                        .toList())
                .returning(ACCEPTANCE.ID)
                .fetch(ACCEPTANCE.ID);
    }

    /**
     * A person says that prices that were set aside are right, or wrong: all of them or, when one was decided meanwhile,
     * none. Each decision keeps who and why; their numbers are given.
     */
    @Transactional
    public List<Long> release(List<Long> ids, boolean right, String why, Person person) {
        RuleBroken.unless(why.length() <= 1000, "A note has at most 1,000 letters.");
        var waiting = db.selectFrom(ACCEPTANCE)
                .where(ACCEPTANCE.ID.in(ValueTable.of(ids.toArray(Long[]::new))))
                .orderBy(ACCEPTANCE.ID)
                .forUpdate()
                .fetch();
        if (waiting.size() < ids.size()) {
            throw new NotFound("There is no such price.");
        }
        if (waiting.stream().anyMatch(a -> !a.getVerdict().equals("SET_ASIDE"))
                || !newest(waiting.map(AcceptanceRecord::getListingId)).equals(Set.copyOf(ids))) {
            throw new Conflict("This price was decided already, or a newer one was seen.");
        }
        var verdict = right ? "RELEASED" : "REJECTED";
        return decide(
                waiting.map(a -> new Ruling(a.getListingId(), a.getObservationId(), a.getSeenAt(), verdict, why)),
                person);
    }

    private Set<Long> newest(List<UUID> listings) {
        return db.select(DSL.max(ACCEPTANCE.ID))
                .from(ACCEPTANCE)
                .where(ACCEPTANCE.LISTING_ID.in(ValueTable.of(listings.toArray(UUID[]::new))))
                .groupBy(ACCEPTANCE.LISTING_ID)
                .fetchSet(DSL.max(ACCEPTANCE.ID));
    }

    /** A person does not trust a price that counts: the one accepted before it counts again. */
    @Transactional
    public List<Long> setAside(UUID listing, String why, Person person) {
        var current = db.select(LISTING.ACCEPTED_OBSERVATION, LISTING.ACCEPTED_SEEN_AT)
                .from(LISTING)
                .where(LISTING.ID.eq(listing), LISTING.ACCEPTED_OBSERVATION.isNotNull())
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("This offer has no price that counts."));
        return decide(List.of(new Ruling(listing, current.value1(), current.value2(), "REJECTED", why)), person);
    }

    /** Takes decisions back: what was decided before them about the same prices holds again. */
    @Transactional
    public void takeBack(List<Long> ids, Person person) {
        var before = ACCEPTANCE.as("before");
        var again = db.select(
                        ACCEPTANCE.LISTING_ID,
                        ACCEPTANCE.OBSERVATION_ID,
                        ACCEPTANCE.SEEN_AT,
                        before.VERDICT,
                        before.WHY)
                .distinctOn(ACCEPTANCE.ID)
                .from(ACCEPTANCE)
                .join(before)
                .on(before.OBSERVATION_ID
                        .eq(ACCEPTANCE.OBSERVATION_ID)
                        .and(before.SEEN_AT.eq(ACCEPTANCE.SEEN_AT))
                        .and(before.ID.lt(ACCEPTANCE.ID)))
                .where(ACCEPTANCE.ID.in(ValueTable.of(ids.toArray(Long[]::new))))
                .orderBy(ACCEPTANCE.ID, before.ID.desc())
                .fetch(r -> new Ruling(
                        r.value1(),
                        r.value2(),
                        r.value3(),
                        r.value4().equals("ACCEPTED") ? "RELEASED" : r.value4(),
                        r.value5()));
        if (again.size() < ids.size()) {
            throw new NotFound("There is no such price.");
        }
        decide(again, person);
    }
}
