package lowfield.server.press;

import static lowfield.db.Tables.EDITION;

import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.press.ShownPictures;
import lowfield.core.press.TotalDrift;
import lowfield.server.accounts.Person;
import lowfield.server.archive.Archive;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.edition.PublishedTotals;
import lowfield.server.picture.PictureImages;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import lowfield.server.readers.Pages;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Publishing: one frozen snapshot and the pages rendered from it, in one transaction, or nothing. */
@Service
public class Press {
    private final DSLContext db;
    private final EditionLoader editions;
    private final PublishChecks checks;
    private final Publications publications;
    private final Archive archive;
    private final PublishedTotals totals;
    private final Pages pages;
    private final PictureImages pictures;

    Press(
            DSLContext db,
            EditionLoader editions,
            PublishChecks checks,
            Publications publications,
            Archive archive,
            Pages pages,
            PictureImages pictures,
            PublishedTotals totals) {
        this.db = db;
        this.editions = editions;
        this.checks = checks;
        this.publications = publications;
        this.archive = archive;
        this.totals = totals;
        this.pages = pages;
        this.pictures = pictures;
    }

    /** What was published: its number and the hash of its snapshot. */
    public record Result(int edition, String hash, String path) {}

    /** What publishing now would freeze: choices and texts by their version, and what each build comes to. */
    public record Proof(int version, List<ProofTotal> totals) {}

    /** A build's counted total at this moment; absent when it is not known. */
    public record ProofTotal(
            UUID build, String name, @Nullable Long totalMinor) {
        private Optional<Money> total(Currency money) {
            return Optional.ofNullable(totalMinor).map(minor -> Money.of(minor, money.getCurrencyCode()));
        }
    }

    @Transactional(readOnly = true)
    public Proof proof(UUID edition) {
        var loaded = editions.load(edition);
        return proof(loaded, checks.of(loaded));
    }

    private static Proof proof(LoadedEdition edition, List<PublishChecks.CheckView> checks) {
        return new Proof(
                version(edition, checks),
                edition.tiers().stream()
                        .flatMap(t -> t.builds().stream()
                                .map(b -> new ProofTotal(
                                        b.id(),
                                        t.nameOf(b.id()),
                                        b.total()
                                                .total()
                                                .likeliest()
                                                .map(Money::minor)
                                                .orElse(null))))
                        .toList());
    }

    /** Exceptions are printed, and belong to it. */
    private static int version(LoadedEdition edition, List<PublishChecks.CheckView> checks) {
        var exceptions = checks.stream()
                .flatMap(c -> c.problems().stream())
                .map(p -> p.id() + " " + p.exception())
                .toList();
        return Objects.hash(edition.version(), exceptions) & 0xFFFFFFF;
    }

    /**
     * Publishes what was seen in a proof: with other choices or texts by now it is stale; when a total has moved by more
     * than 2% since, it is not published, so that somebody looks once more.
     */
    @Transactional
    public Result publish(UUID editionId, Proof seen, Person by) {
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
        var results = checks.of(loaded);
        hold(proof(loaded, results), seen, loaded.guide().money());
        var failed = results.stream().filter(c -> !c.passes()).toList();
        if (!failed.isEmpty()) {
            var first = failed.get(0).problems().stream()
                    .filter(p -> p.exception() == null)
                    .findFirst()
                    .orElseThrow()
                    .sentence();
            throw new Conflict(
                    "Nothing was published: %d of %d checks fail. First: %s."
                            .formatted(failed.size(), results.size(), first),
                    Map.of("checks", failed));
        }
        var publication = publications.of(loaded, results);
        pictures.publish(ShownPictures.of(publication), row.getGuideId());
        var hash = archive.freeze(editionId, publication, by);
        totals.freeze(loaded);
        db.update(EDITION)
                .set(EDITION.STATE, "SUPERSEDED")
                .where(EDITION.GUIDE_ID.eq(row.getGuideId()), EDITION.STATE.eq("PUBLISHED"))
                .execute();
        db.update(EDITION)
                .set(EDITION.STATE, "PUBLISHED")
                .set(EDITION.VERSION, EDITION.VERSION.plus(1))
                .where(EDITION.ID.eq(editionId))
                .execute();
        pages.render(loaded.guide().id(), archive.latest(editionId));
        return new Result(row.getNumber(), hash, Pages.path(loaded.guide().slug(), row.getNumber()));
    }

    private static void hold(Proof now, Proof seen, Currency money) {
        if (now.version() != seen.version()) {
            throw new Stale(
                    "Choices or texts have changed since you looked; nothing was published. Look again.",
                    now,
                    seen,
                    now.version());
        }
        var before = new HashMap<UUID, ProofTotal>();
        seen.totals().forEach(t -> before.put(t.build(), t));
        now.totals().stream()
                .filter(t -> before.containsKey(t.build())
                        && TotalDrift.isTooFar(before.get(t.build()).total(money), t.total(money)))
                .findFirst()
                .ifPresent(t -> {
                    throw new Conflict(
                            "Nothing was published: the total of %s has moved by more than 2%% since you looked. Look once more, then publish at today's prices."
                                    .formatted(t.name()),
                            Map.of("totals", now.totals()));
                });
    }

    /** The edition's page as it would be if it were published now. */
    @Transactional(readOnly = true)
    public String preview(UUID edition) {
        var loaded = editions.load(edition);
        return pages.preview(publications.of(loaded, checks.of(loaded)));
    }
}
