package lowfield.server.editing;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.edition.BuildRows;
import lowfield.server.edition.LineRows;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.platform.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When the prices that stand in an edition itself were last right: those of unlisted parts and of packages. */
@Service
public class PriceDates {
    private static final String CONFIRMED = ": price confirmed";
    private static final String UNDONE = ": confirmation undone";

    private final LineRows lines;
    private final BuildRows builds;
    private final Journal journal;

    PriceDates(LineRows lines, BuildRows builds, Journal journal) {
        this.lines = lines;
        this.builds = builds;
        this.journal = journal;
    }

    /**
     * The price of an unlisted part is right as it stands, as of a moment. It is the same choice, so that nothing else of its line moves.
     */
    @Transactional
    public void unlisted(UUID edition, UUID line, Instant at, Person by) {
        date(edition, line, at, CONFIRMED, by);
    }

    private void date(UUID edition, UUID line, @Nullable Instant at, String act, Person by) {
        var row = lines.forUpdate(edition, line)
                .orElseThrow(() -> new NotFound("This line is gone; somebody removed it meanwhile."));
        var after = row.state().priced(at);
        lines.write(edition, line, Optional.of(row), after);
        journal.record(
                new Journal.Entry(
                        edition, after.build(), Target.LINE, line, after.slot().label() + act, row.state(), after),
                by,
                false);
    }

    /** Takes such a date back, where it still stands. */
    @Transactional
    public void undoUnlisted(UUID edition, UUID line, Instant at, @Nullable Instant before, Person by) {
        if (lines.forUpdate(edition, line)
                .filter(r -> at.equals(r.state().choice().seenAt()))
                .isPresent()) {
            date(edition, line, before, UNDONE, by);
        }
    }

    /** The price of a package is right as it stands, as of a moment; nothing else of it moves. */
    @Transactional
    public void packaged(UUID edition, UUID build, UUID pack, Instant at, Person by) {
        date(edition, build, pack, at, CONFIRMED, by);
    }

    private void date(UUID edition, UUID build, UUID pack, Instant at, String act, Person by) {
        var row = builds.forUpdate(edition, build).orElseThrow(() -> new NotFound("This build is gone already."));
        var before = BuildRows.state(row);
        var extras = Optional.ofNullable(before.extras()).orElse(ExtrasForm.NONE);
        var after = before.beside(new ExtrasForm(
                extras.adjustments(),
                extras.packages().stream()
                        .map(p -> p.id().equals(pack) ? p.seen(at) : p)
                        .toList()));
        builds.write(edition, build, after);
        journal.record(
                new Journal.Entry(edition, build, Target.BUILD, build, after.name() + act, before, after), by, false);
    }

    /** Takes such a date back, where it still stands. */
    @Transactional
    public void undoPackaged(UUID edition, UUID build, UUID pack, Instant at, Instant before, Person by) {
        var isStanding =
                builds
                        .forUpdate(edition, build)
                        .map(BuildRows::state)
                        .flatMap(s -> Optional.ofNullable(s.extras()))
                        .stream()
                        .flatMap(e -> e.packages().stream())
                        .anyMatch(p -> p.id().equals(pack) && at.equals(p.seenAt()));
        if (isStanding) {
            date(edition, build, pack, before, UNDONE, by);
        }
    }
}
