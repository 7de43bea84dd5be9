package lowfield.server.press;

import static lowfield.db.Tables.EDITION;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.archive.Archive;
import lowfield.server.archive.Published;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.NotFound;
import lowfield.server.readers.Pages;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Publishing: one frozen snapshot and the pages rendered from it, in one transaction, or nothing. */
@Service
public class Press {
    private final DSLContext db;
    private final EditionLoader editions;
    private final Preflights preflights;
    private final Freezing freezing;
    private final Archive archive;
    private final Pages pages;
    private final Clock clock;

    Press(
            DSLContext db,
            EditionLoader editions,
            Preflights preflights,
            Freezing freezing,
            Archive archive,
            Pages pages,
            Clock clock) {
        this.db = db;
        this.editions = editions;
        this.preflights = preflights;
        this.freezing = freezing;
        this.archive = archive;
        this.pages = pages;
        this.clock = clock;
    }

    /** What was published: its number and the hash of its snapshot. */
    public record Result(int edition, String hash, String path) {}

    @Transactional
    public Result publish(UUID editionId, Person by) {
        var row = db.selectFrom(EDITION)
                .where(EDITION.ID.eq(editionId))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such edition."));
        if (!row.getState().equals("IN_WORK")) {
            throw new Conflict(
                    "Edition %d is published already; it was not published twice.".formatted(row.getNumber()));
        }
        var loaded = editions.load(editionId);
        var gates = preflights.of(loaded);
        var shut = gates.stream().filter(g -> !g.open()).toList();
        if (!shut.isEmpty()) {
            var first = shut.get(0).problems().get(0).sentence();
            throw new Conflict(
                    "Nothing was published: %d of %d gates do not hold. First: %s."
                            .formatted(shut.size(), gates.size(), first),
                    Map.of("gates", shut));
        }
        var published = freezing.freeze(loaded, gates, clock.instant().truncatedTo(ChronoUnit.SECONDS));
        var hash = archive.freeze(editionId, published, by);
        db.update(EDITION)
                .set(EDITION.STATE, "SUPERSEDED")
                .where(EDITION.GUIDE_ID.eq(row.getGuideId()), EDITION.STATE.eq("PUBLISHED"))
                .execute();
        db.update(EDITION)
                .set(EDITION.STATE, "PUBLISHED")
                .set(EDITION.VERSION, EDITION.VERSION.plus(1))
                .where(EDITION.ID.eq(editionId))
                .execute();
        pages.render(loaded.guide().id());
        return new Result(row.getNumber(), hash, Pages.path(loaded.guide().slug(), row.getNumber()));
    }

    /** The edition's page as it would be if it were published now. */
    @Transactional(readOnly = true)
    public String preview(UUID edition) {
        var loaded = editions.load(edition);
        return pages.preview(snapshot(loaded, clock));
    }

    private Published snapshot(LoadedEdition edition, Clock at) {
        return freezing.freeze(edition, preflights.of(edition), at.instant().truncatedTo(ChronoUnit.SECONDS));
    }
}
