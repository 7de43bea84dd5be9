package lowfield.server.picture;

import static lowfield.db.Tables.BUILD;
import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.PICTURE;
import static lowfield.db.Tables.VARIANT;

import java.util.UUID;
import lowfield.db.tables.records.PictureRecord;
import lowfield.server.platform.NotFound;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.TableField;

/** What a picture is of: a part, a build in all its editions, or, for the texts of all its editions, a guide. */
public record PictureSubject(Kind kind, UUID id) {
    /** Each of them has a column of its own. */
    public enum Kind {
        PART,
        BUILD,
        GUIDE
    }

    public static PictureSubject part(UUID id) {
        return new PictureSubject(Kind.PART, id);
    }

    public static PictureSubject build(UUID id) {
        return new PictureSubject(Kind.BUILD, id);
    }

    public static PictureSubject guide(UUID id) {
        return new PictureSubject(Kind.GUIDE, id);
    }

    TableField<PictureRecord, UUID> column() {
        return switch (kind) {
            case PART -> PICTURE.VARIANT_ID;
            case BUILD -> PICTURE.BUILD_ID;
            case GUIDE -> PICTURE.GUIDE_ID;
        };
    }

    Condition condition() {
        return column().eq(id);
    }

    void refuseUnknown(DSLContext db) {
        var isThere = switch (kind) {
            case PART -> db.fetchExists(VARIANT, VARIANT.ID.eq(id));
            case BUILD -> db.fetchExists(BUILD, BUILD.ID.eq(id));
            case GUIDE -> db.fetchExists(GUIDE, GUIDE.ID.eq(id));
        };
        if (!isThere) {
            throw new NotFound("There is nothing of this id that a picture could be of.");
        }
    }
}
