package lowfield.server.picture;

import static lowfield.db.Tables.PICTURE;
import static lowfield.db.Tables.PICTURE_IMAGE;

import java.util.Collection;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The images of pictures in each size, and who may fetch them. */
@Service
public class PictureImages {
    private final DSLContext db;

    PictureImages(DSLContext db) {
        this.db = db;
    }

    /** From now on readers may fetch these; of pictures in texts only those of their own guide. */
    @Transactional
    public void publish(Collection<UUID> shown, UUID guide) {
        if (!shown.isEmpty()) {
            db.update(PICTURE)
                    .set(PICTURE.PUBLISHED, true)
                    .where(PICTURE.ID.in(shown), PICTURE.GUIDE_ID.isNull().or(PICTURE.GUIDE_ID.eq(guide)))
                    .execute();
        }
    }

    /** The pictures that readers may fetch. */
    public Set<UUID> published() {
        return db.select(PICTURE.ID).from(PICTURE).where(PICTURE.PUBLISHED).fetchSet(PICTURE.ID);
    }

    /** The picture in one size, for people who are signed in. */
    public Optional<DrawnPicture> image(UUID id, PictureSize size) {
        return image(PICTURE_IMAGE.PICTURE_ID.eq(id), size);
    }

    /** The same, where a published edition shows it. */
    public Optional<DrawnPicture> publicImage(UUID id, PictureSize size) {
        return image(
                PICTURE_IMAGE
                        .PICTURE_ID
                        .eq(id)
                        .and(PICTURE_IMAGE.PICTURE_ID.in(
                                db.select(PICTURE.ID).from(PICTURE).where(PICTURE.PUBLISHED))),
                size);
    }

    private Optional<DrawnPicture> image(Condition which, PictureSize size) {
        return db.selectFrom(PICTURE_IMAGE)
                .where(which, PICTURE_IMAGE.SIZE.eq(size.name()))
                .fetchOptional(
                        r -> new DrawnPicture(size, r.getContentType(), r.getWidth(), r.getHeight(), r.getBody()));
    }
}
