package lowfield.server.press;

import static lowfield.db.Tables.WAIVER;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.attention.At;
import lowfield.core.attention.Gate;
import lowfield.core.attention.GateResult;
import lowfield.core.attention.Item;
import lowfield.db.tables.records.WaiverRecord;
import lowfield.server.accounts.Person;
import lowfield.server.attention.Attention;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.guide.Editions;
import lowfield.server.platform.Stale;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The gates of an edition with their waivers. */
@Service
public class Preflights {
    private final DSLContext db;
    private final EditionLoader loader;
    private final Attention attention;
    private final Editions editions;
    private final Clock clock;

    Preflights(DSLContext db, EditionLoader loader, Attention attention, Editions editions, Clock clock) {
        this.editions = editions;
        this.db = db;
        this.loader = loader;
        this.attention = attention;
        this.clock = clock;
    }

    /**
     * A gate as it stands; a waiver counts while the problems are those it was given for. The version changes with the
     * problems and with the waiver, so that nobody waives, or takes back, what they have not read.
     *
     * @param earlier the reason of a waiver that was given for other problems than these
     */
    public record GateView(
            Gate gate,
            String rule,
            List<ProblemView> problems,
            @Nullable String waiver,
            @Nullable String earlier,
            boolean open,
            int version) {}

    /** One thing that stands against a gate: the builds that share it, and the line to look at first. */
    public record ProblemView(List<UUID> builds, @Nullable UUID line, String sentence, String detail) {}

    public List<GateView> of(UUID edition) {
        return of(loader.load(edition));
    }

    List<GateView> of(LoadedEdition edition) {
        var waivers = db.selectFrom(WAIVER)
                .where(WAIVER.EDITION_ID.eq(edition.edition().id()))
                .fetchMap(WAIVER.GATE);
        return results(edition).stream().map(r -> view(r, waivers)).toList();
    }

    private List<GateResult> results(LoadedEdition edition) {
        return GateResult.of(attention.of(edition));
    }

    private static GateView view(GateResult result, Map<String, WaiverRecord> waivers) {
        var given = Optional.ofNullable(waivers.get(result.gate().name()));
        var waiver = given.filter(w -> w.getFingerprint().equals(result.fingerprint()))
                .map(WaiverRecord::getReason);
        return new GateView(
                result.gate(),
                result.gate().rule(),
                result.problems().stream().map(Preflights::problem).toList(),
                waiver.orElse(null),
                result.holds() || waiver.isPresent()
                        ? null
                        : given.map(WaiverRecord::getReason).orElse(null),
                result.holds() || waiver.isPresent(),
                Objects.hash(result.fingerprint(), waiver) & 0xFFFFFFF);
    }

    private static ProblemView problem(Item item) {
        return new ProblemView(
                item.places().stream().map(At::build).distinct().toList(),
                item.places().stream().findFirst().flatMap(At::line).orElse(null),
                item.sentence(),
                item.detail());
    }

    /** Lets an edition through a gate that does not hold, for a written reason that is kept. */
    @Transactional
    public void waive(UUID edition, Gate gate, String reason, int expected, Person by) {
        RuleBroken.unless(
                reason.strip().length() >= 3 && reason.length() <= 1000,
                "An exception needs a reason of 3 to 1,000 letters; it is kept.");
        editions.forEditing(edition);
        var loaded = loader.load(edition);
        expect(loaded, gate, expected, reason);
        var result = results(loaded).stream()
                .filter(r -> r.gate() == gate)
                .findFirst()
                .orElseThrow();
        RuleBroken.unless(!result.holds(), "This check passes; it needs no exception.");
        var at = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        db.insertInto(WAIVER)
                .values(edition, gate.name(), result.fingerprint(), reason.strip(), by.id(), at)
                .onConflict(WAIVER.EDITION_ID, WAIVER.GATE)
                .doUpdate()
                .set(WAIVER.FINGERPRINT, result.fingerprint())
                .set(WAIVER.REASON, reason.strip())
                .set(WAIVER.ACCOUNT_ID, by.id())
                .set(WAIVER.AT, at)
                .execute();
    }

    private void expect(LoadedEdition edition, Gate gate, int expected, String yours) {
        var now = of(edition).stream().filter(g -> g.gate() == gate).findFirst().orElseThrow();
        if (now.version() != expected) {
            throw new Stale("What this check says has changed meanwhile; read it again.", now, yours, now.version());
        }
    }

    @Transactional
    public void withdraw(UUID edition, Gate gate, int expected) {
        editions.forEditing(edition);
        expect(loader.load(edition), gate, expected, "withdrawn");
        db.deleteFrom(WAIVER)
                .where(WAIVER.EDITION_ID.eq(edition), WAIVER.GATE.eq(gate.name()))
                .execute();
    }
}
