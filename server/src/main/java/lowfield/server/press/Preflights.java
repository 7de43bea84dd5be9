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
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.press.Gate;
import lowfield.core.press.Preflight;
import lowfield.core.press.Sheet;
import lowfield.db.tables.records.WaiverRecord;
import lowfield.server.accounts.Person;
import lowfield.server.bench.Sheets;
import lowfield.server.bench.Workbench;
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
    private final Workbench workbench;
    private final Editions editions;
    private final Clock clock;

    Preflights(DSLContext db, Workbench workbench, Editions editions, Clock clock) {
        this.editions = editions;
        this.db = db;
        this.workbench = workbench;
        this.clock = clock;
    }

    /**
     * A gate as it stands; a waiver counts while the problems are those it was given for. The version changes with the
     * problems and with the waiver, so that nobody waives, or takes back, what they have not read.
     */
    public record GateView(
            Gate gate,
            String rule,
            List<Preflight.Problem> problems,
            @Nullable String waiver,
            boolean open,
            int version) {}

    public List<GateView> of(UUID edition) {
        return of(workbench.sheets(edition));
    }

    List<GateView> of(Sheets sheets) {
        var waivers = db.selectFrom(WAIVER)
                .where(WAIVER.EDITION_ID.eq(sheets.edition().id()))
                .fetchMap(WAIVER.GATE);
        return preflight(sheets).results().stream().map(r -> view(r, waivers)).toList();
    }

    private Preflight preflight(Sheets sheets) {
        var all = sheets.tiers().stream()
                .flatMap(t -> t.builds().stream().map(b -> sheet(sheets, t, b)))
                .toList();
        return Preflight.of(all, clock.instant(), sheets.guide().oldAfterDays());
    }

    private static GateView view(Preflight.Result result, Map<String, WaiverRecord> waivers) {
        var waiver = Optional.ofNullable(waivers.get(result.gate().name()))
                .filter(w -> w.getFingerprint().equals(result.fingerprint())
                        || w.getFingerprint().equals(result.formerFingerprint()))
                .map(WaiverRecord::getReason);
        var version = Objects.hash(result.fingerprint(), waiver) & 0xFFFFFFF;
        return new GateView(
                result.gate(),
                result.gate().rule(),
                result.problems(),
                waiver.orElse(null),
                result.holds() || waiver.isPresent(),
                version);
    }

    private Sheet sheet(Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build) {
        var entries = build.lines().stream()
                .filter(l -> !l.line().isEmpty())
                .map(l -> new Sheet.Entry(
                        l.line(),
                        l.reason(),
                        l.price().offer().map(Offer::seenAt),
                        l.price().price().map(PartPrice::whyNone).orElse(""),
                        withoutPrice(build, l)))
                .toList();
        return new Sheet(
                build.id(),
                tier.nameOf(build.id()),
                build.findings(),
                build.state(),
                build.total().total().blame(),
                entries);
    }

    private List<String> withoutPrice(Sheets.OfBuild build, Sheets.OfLine line) {
        return build.options(line.line().id()).stream()
                .map(Sheets.OfOption::prospect)
                .filter(t -> t.price().goods().range().isEmpty())
                .map(t -> t.part().fullName())
                .toList();
    }

    /** Lets an edition through a gate that does not hold, for a written reason that is kept. */
    @Transactional
    public void waive(UUID edition, Gate gate, String reason, int expected, Person by) {
        RuleBroken.unless(
                reason.strip().length() >= 3 && reason.length() <= 1000,
                "A waiver needs a reason of 3 to 1,000 letters; it is kept.");
        editions.forEditing(edition);
        var sheets = workbench.sheets(edition);
        expect(sheets, gate, expected, reason);
        var result = preflight(sheets).results().stream()
                .filter(r -> r.gate() == gate)
                .findFirst()
                .orElseThrow();
        RuleBroken.unless(!result.holds(), "This gate holds; there is nothing to waive.");
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

    private void expect(Sheets sheets, Gate gate, int expected, String yours) {
        var now = of(sheets).stream().filter(g -> g.gate() == gate).findFirst().orElseThrow();
        if (now.version() != expected) {
            throw new Stale("What this gate says has changed meanwhile; read it again.", now, yours, now.version());
        }
    }

    @Transactional
    public void withdraw(UUID edition, Gate gate, int expected) {
        editions.forEditing(edition);
        expect(workbench.sheets(edition), gate, expected, "withdrawn");
        db.deleteFrom(WAIVER)
                .where(WAIVER.EDITION_ID.eq(edition), WAIVER.GATE.eq(gate.name()))
                .execute();
    }
}
