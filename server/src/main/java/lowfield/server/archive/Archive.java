package lowfield.server.archive;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.REVISION;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.press.Publication;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.SelectOnConditionStep;
import org.springframework.stereotype.Service;

/** The published revisions of editions; a revision never changes. */
@Service
public class Archive {
    private final DSLContext db;
    private final Cache<UUID, Publication> read =
            Caffeine.newBuilder().maximumSize(64).build();

    private final Cache<List<Object>, Optional<UUID>> latest =
            Caffeine.newBuilder().maximumSize(256).build();

    Archive(DSLContext db, Notices notices) {
        this.db = db;
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.PAGES) {
                latest.invalidateAll();
            }
        });
    }

    /** One frozen revision: its canonical text and that text's SHA-256. */
    public record Revision(
            UUID id, int edition, int number, String kind, String json, String hash, OffsetDateTime publishedAt) {
        /** What it says. */
        public Publication publication() {
            return Documents.read(json);
        }
    }

    /** Freezes an edition's first revision. */
    public String freeze(UUID edition, Publication publication, Person by) {
        var json = Documents.write(publication);
        var hash = hash(json);
        db.insertInto(REVISION)
                .set(REVISION.EDITION_ID, edition)
                .set(REVISION.NUMBER, 1)
                .set(REVISION.KIND, "FIRST")
                .set(REVISION.SNAPSHOT, json)
                .set(REVISION.HASH, hash)
                .set(REVISION.ACCOUNT_ID, by.id())
                .set(REVISION.PUBLISHED_AT, publication.publishedAt().atOffset(ZoneOffset.UTC))
                .execute();
        return hash;
    }

    /** Every revision of a guide, oldest first. */
    public List<Revision> of(UUID guide) {
        return revisions()
                .where(EDITION.GUIDE_ID.eq(guide))
                .orderBy(EDITION.NUMBER, REVISION.NUMBER)
                .fetch(Archive::revision);
    }

    /** The latest revision of an edition that was published. */
    public Revision latest(UUID edition) {
        return revisions()
                .where(REVISION.EDITION_ID.eq(edition))
                .orderBy(REVISION.NUMBER.desc())
                .limit(1)
                .fetchSingle(Archive::revision);
    }

    private SelectOnConditionStep<?> revisions() {
        return db.select(
                        REVISION.ID,
                        EDITION.NUMBER,
                        REVISION.NUMBER,
                        REVISION.KIND,
                        REVISION.SNAPSHOT,
                        REVISION.HASH,
                        REVISION.PUBLISHED_AT)
                .from(REVISION)
                .join(EDITION)
                .on(EDITION.ID.eq(REVISION.EDITION_ID));
    }

    private static Revision revision(Record row) {
        return new Revision(
                row.get(REVISION.ID),
                row.get(EDITION.NUMBER),
                row.get(REVISION.NUMBER),
                row.get(REVISION.KIND),
                row.get(REVISION.SNAPSHOT),
                row.get(REVISION.HASH),
                row.get(REVISION.PUBLISHED_AT));
    }

    /** What is current of every edition that is out, oldest first. */
    public List<Publication> published(UUID guide) {
        return db
                .select(REVISION.ID)
                .distinctOn(EDITION.NUMBER)
                .from(REVISION)
                .join(EDITION)
                .on(EDITION.ID.eq(REVISION.EDITION_ID))
                .where(EDITION.GUIDE_ID.eq(guide))
                .orderBy(EDITION.NUMBER, REVISION.NUMBER.desc())
                .fetch(REVISION.ID)
                .stream()
                .map(id -> read.get(id, this::load))
                .toList();
    }

    /** What was published last before an edition number. */
    public Optional<Publication> before(UUID guide, int number) {
        return latest.get(List.of(guide, number), key -> latestBefore(guide, number))
                .map(id -> read.get(id, this::load));
    }

    private Optional<UUID> latestBefore(UUID guide, int number) {
        return db.select(REVISION.ID)
                .from(REVISION)
                .join(EDITION)
                .on(EDITION.ID.eq(REVISION.EDITION_ID))
                .where(EDITION.GUIDE_ID.eq(guide), EDITION.NUMBER.lt(number))
                .orderBy(EDITION.NUMBER.desc(), REVISION.NUMBER.desc())
                .limit(1)
                .fetchOptional(REVISION.ID);
    }

    private Publication load(UUID id) {
        return Documents.read(db.select(REVISION.SNAPSHOT)
                .from(REVISION)
                .where(REVISION.ID.eq(id))
                .fetchSingle(REVISION.SNAPSHOT));
    }

    static String hash(String json) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(json.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
