package lowfield.server.catalogue;

import static lowfield.db.Tables.ACCOUNT;
import static lowfield.db.Tables.SOFT_FACT;
import static lowfield.db.Tables.VARIANT;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.evidence.Reviews;
import lowfield.core.evidence.Score;
import lowfield.core.evidence.SoftFact;
import lowfield.server.accounts.Person;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is known of parts beside their makers' figures. A part that was merged into another brings its facts along. */
@Service
public class SoftFacts {
    private static final int MOST = 100;

    private final DSLContext db;
    private final Parts parts;
    private final Clock clock;

    SoftFacts(DSLContext db, Parts parts, Clock clock) {
        this.db = db;
        this.parts = parts;
        this.clock = clock;
    }

    /** A fact as it was kept, and by whom. */
    public record Kept(UUID id, UUID part, SoftFact fact, String by) {}

    /** What is known of some parts. */
    public record Known(Map<UUID, List<Kept>> byPart) {
        /** Of one of them, the newest first. */
        public List<Kept> of(UUID part) {
            return byPart.getOrDefault(part, List.of());
        }

        /** Its reviews in words; empty when there is none. */
        public String reviews(UUID part) {
            return Reviews.of(of(part).stream().map(Kept::fact).toList())
                    .map(Reviews::said)
                    .orElse("");
        }

        /** How many things but reviews are known of it. */
        public long others(UUID part) {
            return of(part).stream().filter(k -> k.fact().score().isEmpty()).count();
        }
    }

    /** What is known of some parts. */
    public Known of(List<UUID> ids) {
        var part = DSL.coalesce(VARIANT.MERGED_INTO, VARIANT.ID);
        return new Known(db
                .select(SOFT_FACT.asterisk(), ACCOUNT.NAME, part)
                .from(SOFT_FACT)
                .join(VARIANT)
                .on(VARIANT.ID.eq(SOFT_FACT.VARIANT_ID))
                .join(ACCOUNT)
                .on(ACCOUNT.ID.eq(SOFT_FACT.ACCOUNT_ID))
                .where(part.in(ids))
                .orderBy(SOFT_FACT.SEEN_ON.desc(), SOFT_FACT.AT.desc(), SOFT_FACT.ID)
                .fetch(r -> new Kept(r.get(SOFT_FACT.ID), r.get(part), fact(r), r.get(ACCOUNT.NAME)))
                .stream()
                .collect(Collectors.groupingBy(Kept::part)));
    }

    private static SoftFact fact(Record r) {
        return new SoftFact(
                SoftFact.Form.valueOf(r.get(SOFT_FACT.FORM)),
                Optional.ofNullable(r.get(SOFT_FACT.SCORE_COUNT))
                        .map(count ->
                                new Score(r.get(SOFT_FACT.SCORE_HUNDREDTHS), r.get(SOFT_FACT.SCORE_OUT_OF), count)),
                r.get(SOFT_FACT.WORDS),
                r.get(SOFT_FACT.SOURCE),
                r.get(SOFT_FACT.SEEN_ON));
    }

    public LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    @Transactional
    public UUID keep(UUID id, SoftFact fact, Person by) {
        var part = parts.catalogue().part(id).id();
        fact.mustHaveCome(today());
        RuleBroken.unless(
                db.fetchCount(SOFT_FACT, SOFT_FACT.VARIANT_ID.eq(part)) < MOST,
                "At most %d facts are kept of a part; take old ones out.",
                MOST);
        return db.insertInto(SOFT_FACT)
                .set(SOFT_FACT.VARIANT_ID, part)
                .set(SOFT_FACT.FORM, fact.form().name())
                .set(
                        SOFT_FACT.SCORE_HUNDREDTHS,
                        fact.score().map(Score::hundredths).orElse(null))
                .set(SOFT_FACT.SCORE_OUT_OF, fact.score().map(Score::outOf).orElse(null))
                .set(SOFT_FACT.SCORE_COUNT, fact.score().map(Score::count).orElse(null))
                .set(SOFT_FACT.WORDS, fact.words())
                .set(SOFT_FACT.SOURCE, fact.source())
                .set(SOFT_FACT.SEEN_ON, fact.on())
                .set(SOFT_FACT.ACCOUNT_ID, by.id())
                .set(SOFT_FACT.AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .returning(SOFT_FACT.ID)
                .fetchSingle()
                .getId();
    }

    @Transactional
    public void takeOut(UUID fact) {
        if (db.deleteFrom(SOFT_FACT).where(SOFT_FACT.ID.eq(fact)).execute() == 0) {
            throw new NotFound("This fact was taken out already.");
        }
    }
}
