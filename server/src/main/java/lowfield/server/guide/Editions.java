package lowfield.server.guide;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.GUIDE;
import static org.jooq.impl.DSL.select;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.YearMonth;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.offer.PricePolicy;
import lowfield.db.tables.records.EditionRecord;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.IdleCache;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Editions of a guide: the first from its tiers, every later one as a copy of the last. */
@Service
public class Editions {
    private static final int MOST_YEARS = 5;

    private final DSLContext db;
    private final TierRows tiers;
    private final EmptyTiers emptyTiers;
    private final EditionCopy copy;
    private final Clock clock;
    /** Plans by stamp, which names one state of an edition's frame for ever. */
    private final Cache<Long, Plan> known = IdleCache.cache().build();

    Editions(DSLContext db, TierRows tiers, EmptyTiers emptyTiers, EditionCopy copy, Clock clock) {
        this.emptyTiers = emptyTiers;
        this.db = db;
        this.tiers = tiers;
        this.copy = copy;
        this.clock = clock;
    }

    /** The first edition, with a main build of empty slots in every tier. */
    @Transactional
    public EditionInfo first(GuideInfo guide, LocalDate month, @Nullable LocalDate pressOn, List<TierForm> tiers) {
        lock(guide);
        RuleBroken.unless(
                of(guide.id()).isEmpty(), "%s has editions already; open the next one instead.", guide.name());
        RuleBroken.unless(!tiers.isEmpty() && tiers.size() <= 12, "An edition has 1 to 12 tiers.");
        RuleBroken.unless(
                tiers.stream().map(t -> t.name().strip()).distinct().count() == tiers.size(),
                "Two tiers have the same name.");
        var edition = insert(guide, 1, month, pressOn);
        tiers.forEach(tier -> emptyTiers.add(guide, edition.id(), tier));
        return byId(edition.id());
    }

    /**
     * The next edition: every tier, build, line, reason and option of the last one carried over. Months may be skipped.
     *
     * @param month any day of its month; the one after the last edition's when there is none
     */
    @Transactional
    public EditionInfo next(GuideInfo guide, @Nullable LocalDate month, @Nullable LocalDate pressOn) {
        lock(guide);
        var last = of(guide.id()).stream()
                .reduce((a, b) -> b)
                .orElseThrow(() -> new RuleBroken("There is no edition to copy yet; make the first one."));
        if (last.state() == EditionInfo.State.IN_WORK) {
            throw new Conflict(
                    "Edition %d is in work already; publish it before you open the next.".formatted(last.number()));
        }
        var period = (month == null ? last.period().plusMonths(1) : month).withDayOfMonth(1);
        RuleBroken.unless(
                period.isAfter(last.period()),
                "Edition %d was that of %s; the next is of a later month.",
                last.number(),
                YearMonth.from(last.period()));
        RuleBroken.unless(
                period.isBefore(last.period().plusYears(MOST_YEARS)),
                "The next edition is within %d years of the last.",
                MOST_YEARS);
        var edition = insert(guide, last.number() + 1, period, pressOn);
        copy.carryOver(last.id(), edition.id(), Locale.forLanguageTag(guide.locale()));
        db.update(EDITION)
                .set(EDITION.CHARTS, Json.jsonb(last.charts()))
                .where(EDITION.ID.eq(edition.id()))
                .execute();
        return byId(edition.id());
    }

    private void lock(GuideInfo guide) {
        db.select(GUIDE.ID)
                .from(GUIDE)
                .where(GUIDE.ID.eq(guide.id()))
                .forUpdate()
                .fetch();
    }

    private EditionInfo insert(GuideInfo guide, int number, LocalDate month, @Nullable LocalDate pressOn) {
        var id = UUID.randomUUID();
        db.insertInto(EDITION)
                .set(EDITION.ID, id)
                .set(EDITION.GUIDE_ID, guide.id())
                .set(EDITION.NUMBER, number)
                .set(EDITION.PERIOD, month.withDayOfMonth(1))
                .set(EDITION.PRESS_ON, pressOn)
                .set(EDITION.STATE, "IN_WORK")
                .set(EDITION.POLICY, Json.jsonb(guide.policy()))
                .set(EDITION.CREATED_AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .execute();
        return byId(id);
    }

    /** A further tier in the edition in work, with a main build of empty slots. */
    @Transactional
    public UUID addTier(GuideInfo guide, UUID edition, TierForm form) {
        forReshaping(edition);
        return emptyTiers.add(guide, edition, form);
    }

    public List<EditionInfo> of(UUID guide) {
        return db.selectFrom(EDITION)
                .where(EDITION.GUIDE_ID.eq(guide))
                .orderBy(EDITION.NUMBER)
                .fetch(Editions::info);
    }

    public Optional<EditionInfo> inWork(UUID guide) {
        return of(guide).stream()
                .filter(e -> e.state() == EditionInfo.State.IN_WORK)
                .findFirst();
    }

    /** An edition with its tiers as they stand. */
    public record Plan(EditionInfo edition, List<TierInfo> tiers) {}

    public Plan plan(UUID id) {
        return plan(id, stamp(id, false));
    }

    /** The plan with a stamp that was read just now. */
    public Plan plan(UUID id, long stamp) {
        return known.get(
                stamp,
                s -> new Plan(
                        db.selectFrom(EDITION).where(EDITION.ID.eq(id)).fetchSingle(Editions::info), tiers.of(id)));
    }

    public EditionInfo byId(UUID id) {
        return plan(id).edition();
    }

    /** The edition when its lines may be changed; publishing and changes of its frame wait until then, and are waited for. */
    public EditionInfo forEditing(UUID id) {
        return forEditing(id, stamp(id, true));
    }

    /** The same with a stamp that was read just now, and is held. */
    public EditionInfo forEditing(UUID id, long stamp) {
        return inWork(plan(id, stamp).edition());
    }

    /** The edition when its tiers, builds and anything else of it may be changed, for one at a time. */
    public EditionInfo forReshaping(UUID id) {
        db.select(EDITION.ID).from(EDITION).where(EDITION.ID.eq(id)).forUpdate().fetch();
        return inWork(byId(id));
    }

    private static EditionInfo inWork(EditionInfo edition) {
        if (edition.state() != EditionInfo.State.IN_WORK) {
            throw new Conflict(
                    "Edition %d is published and does not change; open the next one.".formatted(edition.number()));
        }
        return edition;
    }

    private long stamp(UUID id, boolean held) {
        var select = db.select(EDITION.STAMP).from(EDITION).where(EDITION.ID.eq(id));
        return (held ? select.forShare().fetchOptional(EDITION.STAMP) : select.fetchOptional(EDITION.STAMP))
                .orElseThrow(() -> new NotFound("There is no such edition."));
    }

    private static EditionInfo info(EditionRecord r) {
        return new EditionInfo(
                r.getId(),
                r.getGuideId(),
                r.getNumber(),
                r.getPeriod(),
                r.getPressOn(),
                EditionInfo.State.valueOf(r.getState()),
                r.getNote(),
                Json.read(r.getPolicy().data(), PricePolicy.class),
                List.of(Json.read(r.getCharts().data(), ChartChoice[].class)),
                r.getVersion());
    }
}
