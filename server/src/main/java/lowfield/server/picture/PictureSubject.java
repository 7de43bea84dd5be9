package lowfield.server.picture;

import static lowfield.db.Tables.BUILD;
import static lowfield.db.Tables.PICTURE;
import static lowfield.db.Tables.VARIANT;

import java.util.Optional;
import java.util.UUID;
import lowfield.server.platform.NotFound;
import org.jooq.Condition;
import org.jooq.DSLContext;

/** What a picture shows: a part, or a build in all its editions. */
public record PictureSubject(Optional<UUID> part, Optional<UUID> build) {
    public static PictureSubject part(UUID id) {
        return new PictureSubject(Optional.of(id), Optional.empty());
    }

    public static PictureSubject build(UUID id) {
        return new PictureSubject(Optional.empty(), Optional.of(id));
    }

    Condition condition() {
        return part.map(PICTURE.VARIANT_ID::eq).orElseGet(() -> PICTURE.BUILD_ID.eq(build.orElseThrow()));
    }

    void refuseUnknown(DSLContext db) {
        var isThere = part.map(p -> db.fetchExists(VARIANT, VARIANT.ID.eq(p)))
                .orElseGet(() -> db.fetchExists(BUILD, BUILD.ID.eq(build.orElseThrow())));
        if (!isThere) {
            throw new NotFound("There is nothing of this id that a picture could show.");
        }
    }
}
