package lowfield.server.triage;

import static lowfield.db.Tables.ACCOUNT;
import static lowfield.db.Tables.MOVER_DECISION;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.server.accounts.Person;
import lowfield.server.attention.Attention;
import lowfield.server.editing.Editing;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LinePatch;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.history.Histories;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import lowfield.server.prices.Acceptances;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The period's queue: what moved since the last edition, what was decided about it, and taking a decision back. A decision
 * counts for what it was made about; when that moves again it is asked again.
 */
@Service
public class Triage {
    private final DSLContext db;
    private final EditionLoader editions;
    private final Attention attention;
    private final Histories histories;
    private final Editing editing;
    private final Acceptances acceptances;
    private final Clock clock;

    Triage(
            DSLContext db,
            EditionLoader editions,
            Attention attention,
            Histories histories,
            Editing editing,
            Acceptances acceptances,
            Clock clock) {
        this.db = db;
        this.editions = editions;
        this.attention = attention;
        this.histories = histories;
        this.editing = editing;
        this.acceptances = acceptances;
        this.clock = clock;
    }

    /** The queue, heaviest first, what was decided already, latest first, and the last half year of the parts in the queue. */
    public record Queue(List<Mover> open, List<Mover> decided, List<Curve> curves) {}

    /** A part's prices of the last half year, a day each. */
    public record Curve(UUID part, List<Histories.Day> days) {}

    @Transactional(readOnly = true)
    public Queue queue(UUID edition) {
        return queue(editions.load(edition));
    }

    private Queue queue(LoadedEdition edition) {
        var decided = decided(edition.edition().id());
        var settled = decided.stream().map(Triage::identity).collect(Collectors.toSet());
        var open = Movers.of(attention.round(edition)).stream()
                .filter(m -> !settled.contains(identity(m)))
                .toList();
        return new Queue(open, decided, curves(edition, open));
    }

    /** Of what is not in doubt: a price that waits for a decision is in no history yet. */
    private List<Curve> curves(LoadedEdition edition, List<Mover> open) {
        var today =
                LocalDate.ofInstant(clock.instant(), ZoneId.of(edition.guide().zone()));
        var parts = open.stream()
                .filter(m -> m.acceptances().isEmpty())
                .flatMap(m -> Optional.ofNullable(m.part()).stream())
                .collect(Collectors.toSet());
        return histories.halfYears(parts, edition.guide().id(), today).entrySet().stream()
                .map(e -> new Curve(e.getKey(), e.getValue()))
                .toList();
    }

    private static String identity(Mover mover) {
        return mover.key() + " " + mover.fingerprint();
    }

    private List<Mover> decided(UUID edition) {
        return db.select(MOVER_DECISION.asterisk(), ACCOUNT.NAME)
                .from(MOVER_DECISION)
                .join(ACCOUNT)
                .on(ACCOUNT.ID.eq(MOVER_DECISION.ACCOUNT_ID))
                .where(MOVER_DECISION.EDITION_ID.eq(edition))
                .orderBy(MOVER_DECISION.AT.desc(), MOVER_DECISION.MOVER)
                .fetch(r -> Json.read(r.get(MOVER_DECISION.SAID).data(), Mover.class)
                        .decided(new Mover.Decided(
                                Mover.Decision.valueOf(r.get(MOVER_DECISION.DECISION)),
                                r.get(MOVER_DECISION.WHY),
                                r.get(ACCOUNT.NAME),
                                r.get(MOVER_DECISION.AT).toInstant())));
    }

    /** Decides about a mover as it was read; the queue after it. */
    @Transactional
    public Queue decide(UUID edition, String key, String fingerprint, Mover.Decision decision, String why, Person by) {
        RuleBroken.unless(why.length() <= 500, "A note on a decision takes at most 500 letters.");
        var loaded = editions.load(edition);
        var mover = queue(loaded).open().stream()
                .flatMap(Mover::decidable)
                .filter(m -> m.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFound("Nothing of this waits for a decision any more."));
        if (!mover.fingerprint().equals(fingerprint)) {
            throw new Conflict("%s has moved again meanwhile; look at it once more.".formatted(mover.title()));
        }
        var prices = carryOut(loaded, mover, decision, why, by);
        db.insertInto(MOVER_DECISION)
                .set(MOVER_DECISION.EDITION_ID, edition)
                .set(MOVER_DECISION.MOVER, mover.key())
                .set(MOVER_DECISION.FINGERPRINT, mover.fingerprint())
                .set(MOVER_DECISION.DECISION, decision.name())
                .set(MOVER_DECISION.WHY, why)
                .set(MOVER_DECISION.SAID, Json.jsonb(mover.inShort()))
                .set(MOVER_DECISION.ACCEPTANCES, prices.toArray(Long[]::new))
                .set(MOVER_DECISION.ACCOUNT_ID, by.id())
                .set(MOVER_DECISION.AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .execute();
        return queue(edition);
    }

    /** Does what was decided; gives the decisions about prices that it comes to. */
    private List<Long> carryOut(LoadedEdition edition, Mover mover, Mover.Decision decision, String why, Person by) {
        var inDoubt = mover.acceptances();
        switch (decision) {
            case KEEP -> {
                return inDoubt.isEmpty() ? List.of() : acceptances.release(inDoubt, true, why, by);
            }
            case HOLD -> {
                RuleBroken.unless(
                        mover.form() == Mover.Form.MOVED || mover.form() == Mover.Form.PREMIUM,
                        "Only a choice with a price can be pinned to its offer.");
                RuleBroken.unless(!why.isBlank(), "Say why the choice is pinned to this offer.");
                hold(edition, mover, why, by);
                return List.of();
            }
            case SET_ASIDE -> {
                RuleBroken.unless(
                        !inDoubt.isEmpty() || mover.form() == Mover.Form.MOVED, "Only a price can be ignored.");
                return inDoubt.isEmpty()
                        ? acceptances.setAside(listing(edition, mover), why, by)
                        : acceptances.release(inDoubt, false, why, by);
            }
        }
        throw new IllegalStateException(decision.name());
    }

    private static UUID listing(LoadedEdition edition, Mover mover) {
        return edition.evaluated()
                .place(mover.places().get(0).line())
                .flatMap(p -> p.line().price().offer())
                .orElseThrow()
                .listing();
    }

    /** Every line of its own that has this choice is held to its present offer, each as an edit that can be undone. */
    private void hold(LoadedEdition edition, Mover mover, String why, Person by) {
        for (var place : mover.places()) {
            var line = edition.evaluated().place(place.line()).orElseThrow().line();
            if (line.plan().isOwn()) {
                var offer = line.price().offer().orElseThrow();
                editing.edit(
                        edition.edition().id(),
                        place.line(),
                        LinePatch.hold(offer.listing(), why),
                        edition.version(line),
                        by);
            }
        }
    }

    /** Takes a decision back; what it did is undone with it. */
    @Transactional
    public Queue takeBack(UUID edition, String key, String fingerprint, Person by) {
        var row = db.deleteFrom(MOVER_DECISION)
                .where(
                        MOVER_DECISION.EDITION_ID.eq(edition),
                        MOVER_DECISION.MOVER.eq(key),
                        MOVER_DECISION.FINGERPRINT.eq(fingerprint))
                .returning()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("This was taken back already."));
        if (row.getAcceptances().length > 0) {
            acceptances.takeBack(List.of(row.getAcceptances()), by);
        } else if (row.getDecision().equals(Mover.Decision.HOLD.name())) {
            letGo(editions.load(edition), Json.read(row.getSaid().data(), Mover.class), by);
        }
        return queue(edition);
    }

    private void letGo(LoadedEdition edition, Mover mover, Person by) {
        for (var place : mover.places()) {
            edition.evaluated()
                    .place(place.line())
                    .map(EvaluatedEdition.Place::line)
                    .filter(line -> line.plan().held().isPresent())
                    .ifPresent(line -> editing.edit(
                            edition.edition().id(), place.line(), LinePatch.hold(null, ""), edition.version(line), by));
        }
    }
}
