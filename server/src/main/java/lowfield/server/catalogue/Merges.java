package lowfield.server.catalogue;

import static lowfield.db.Tables.PICTURE;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.VARIANT;

import java.util.List;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Stale;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes one part of two that are the same thing. */
@Service
public class Merges {
    private final DSLContext db;
    private final Parts parts;
    private final Corrections corrections;
    private final Notices notices;

    Merges(DSLContext db, Parts parts, Corrections corrections, Notices notices) {
        this.db = db;
        this.parts = parts;
        this.corrections = corrections;
        this.notices = notices;
    }

    /** Makes one part of two: the first's pages go over to the second, and its id leads there for good. */
    @Transactional
    public void merge(UUID from, UUID into, int expected, Person by) {
        var gone = parts.catalogue().part(from);
        var stays = parts.catalogue().part(into);
        RuleBroken.unless(!gone.id().equals(stays.id()), "A part cannot be merged into itself.");
        RuleBroken.unless(
                gone.kind() == stays.kind(),
                "%s is a %s and %s a %s; only parts of one kind can be one.",
                gone.fullName(),
                gone.kind().label(),
                stays.fullName(),
                stays.kind().label());
        // Both are held, in one order: of two opposite merges at once the second finds the first done.
        var both = db.selectFrom(VARIANT)
                .where(VARIANT.ID.in(gone.id(), stays.id()))
                .orderBy(VARIANT.ID)
                .forUpdate()
                .fetchMap(VARIANT.ID);
        if (both.values().stream().anyMatch(v -> v.getMergedInto() != null)) {
            throw new Conflict("One of the two was merged meanwhile; look again before you merge anything.");
        }
        var row = both.get(gone.id());
        if (row.getVersion() != expected) {
            throw new Stale(
                    "This part was changed meanwhile; it was not merged.",
                    Corrections.state(row),
                    "merged",
                    row.getVersion());
        }
        var before = Corrections.state(row);
        row.setMergedInto(stays.id());
        row.setVersion(row.getVersion() + 1);
        row.update();
        db.update(VARIANT)
                .set(VARIANT.MERGED_INTO, stays.id())
                .where(VARIANT.MERGED_INTO.eq(gone.id()))
                .execute();
        db.update(PRODUCT_PAGE)
                .set(PRODUCT_PAGE.VARIANT_ID, stays.id())
                .where(PRODUCT_PAGE.VARIANT_ID.eq(gone.id()))
                .execute();
        db.update(PICTURE)
                .set(PICTURE.VARIANT_ID, stays.id())
                .where(PICTURE.VARIANT_ID.eq(gone.id()))
                .and(PICTURE.SENT_HASH.notIn(
                        db.select(PICTURE.SENT_HASH).from(PICTURE).where(PICTURE.VARIANT_ID.eq(stays.id()))))
                .execute();
        notices.changed(Notices.Topic.PICTURES);
        corrections.keep(gone.id(), by, "merged into " + stays.fullName(), before, Corrections.state(row));
        notices.changed(Notices.Topic.CATALOGUE);
        notices.changed(Notices.Topic.OFFERS, List.of(gone.id(), stays.id()));
    }
}
