package lowfield.server.picture;

import static lowfield.db.Tables.PICTURE;
import static lowfield.db.Tables.PICTURE_IMAGE;
import static org.jooq.impl.DSL.val;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.Text;
import lowfield.server.accounts.Person;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The author's own pictures of parts and builds and in texts, in the order in which they were added; lists and pages show the first. What
 * was taken out can be put back for {@value #DAYS_TO_PUT_BACK} days; what an edition was published with stays for its readers.
 */
@Service
public class Pictures {
    private static final int MOST = 12;
    private static final int MOST_OF_A_GUIDE = 200;
    private static final int LONGEST_ALTERNATIVE = 300;
    private static final int DAYS_TO_PUT_BACK = 30;

    private final DSLContext db;
    private final PictureDrawing drawing;
    private final Notices notices;
    private final Clock clock;
    private final TransactionTemplate transaction;
    /** The first picture of every part that has one. */
    private final Snapshot<Map<UUID, Picture>> firsts;

    Pictures(
            DSLContext db,
            PictureDrawing drawing,
            Notices notices,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.db = db;
        this.transaction = new TransactionTemplate(transactions);
        this.drawing = drawing;
        this.notices = notices;
        this.clock = clock;
        this.firsts = new Snapshot<>(this::loadFirsts);
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.PICTURES) {
                firsts.invalidate();
            }
        });
    }

    public List<Picture> of(PictureSubject subject) {
        return listed(subject.condition());
    }

    /** Which of these are there; what was taken out is not. */
    public Set<UUID> present(Collection<UUID> ids) {
        return ids.isEmpty()
                ? Set.of()
                : db.select(PICTURE.ID)
                        .from(PICTURE)
                        .where(PICTURE.ID.in(ids), PICTURE.REMOVED_AT.isNull())
                        .fetchSet(PICTURE.ID);
    }

    /** The picture that lists show of a part. */
    public Optional<Picture> first(UUID part) {
        return Optional.ofNullable(firsts.get().get(part));
    }

    /** The picture that pages show of each build that has one. */
    public Map<UUID, Picture> firstOfBuilds(Collection<UUID> builds) {
        return firsts(PICTURE.BUILD_ID.in(builds), PICTURE.BUILD_ID);
    }

    private Map<UUID, Picture> loadFirsts() {
        return firsts(PICTURE.VARIANT_ID.isNotNull(), PICTURE.VARIANT_ID);
    }

    private Map<UUID, Picture> firsts(Condition which, org.jooq.Field<UUID> of) {
        var first = new LinkedHashMap<UUID, Picture>();
        select(which).forEach(r -> first.putIfAbsent(r.get(of), picture(r)));
        return Map.copyOf(first);
    }

    private List<Picture> listed(Condition which) {
        return select(which).stream().map(Pictures::picture).toList();
    }

    private List<? extends Record> select(Condition which) {
        return db.select(
                        PICTURE.ID,
                        PICTURE.VARIANT_ID,
                        PICTURE.BUILD_ID,
                        PICTURE.ALTERNATIVE,
                        PICTURE_IMAGE.WIDTH,
                        PICTURE_IMAGE.HEIGHT)
                .from(PICTURE)
                .join(PICTURE_IMAGE)
                .on(PICTURE_IMAGE.PICTURE_ID.eq(PICTURE.ID), PICTURE_IMAGE.SIZE.eq(val(PictureSize.MEDIUM.name())))
                .where(which, PICTURE.REMOVED_AT.isNull())
                .orderBy(PICTURE.ADDED_AT, PICTURE.ID)
                .fetch();
    }

    private static Picture picture(Record r) {
        return new Picture(
                r.get(PICTURE.ID), r.get(PICTURE.ALTERNATIVE), r.get(PICTURE_IMAGE.WIDTH), r.get(PICTURE_IMAGE.HEIGHT));
    }

    /**
     * Keeps a picture; one that was sent for the same thing before is that one, with the new words. It is drawn before the
     * transaction begins: that takes seconds.
     */
    public Picture add(PictureSubject subject, byte[] sent, String alternative, Person by) {
        var words = words(alternative);
        subject.refuseUnknown(db);
        var hash = hash(sent);
        var images = known(subject, hash).isPresent() ? List.<DrawnPicture>of() : drawing.draw(sent);
        return transaction.execute(status -> {
            db.query("select pg_advisory_xact_lock(hashtextextended(?, 0))", hash)
                    .execute();
            var known = known(subject, hash);
            var id = known.orElseGet(UUID::randomUUID);
            if (known.isPresent()) {
                show(id, words);
            } else {
                var most = subject.kind() == PictureSubject.Kind.GUIDE ? MOST_OF_A_GUIDE : MOST;
                RuleBroken.unless(
                        of(subject).size() < most, "There are %d pictures already; take one out first.", most);
                insert(id, subject, hash, words, by, images.isEmpty() ? drawing.draw(sent) : images);
            }
            purge();
            notices.changed(Notices.Topic.PICTURES);
            return one(id);
        });
    }

    private Optional<UUID> known(PictureSubject subject, String hash) {
        return db.select(PICTURE.ID)
                .from(PICTURE)
                .where(subject.condition(), PICTURE.SENT_HASH.eq(hash))
                .fetchOptional(PICTURE.ID);
    }

    private void insert(
            UUID id, PictureSubject subject, String hash, String words, Person by, List<DrawnPicture> images) {
        db.insertInto(PICTURE)
                .set(PICTURE.ID, id)
                .set(subject.column(), subject.id())
                .set(PICTURE.ALTERNATIVE, words)
                .set(PICTURE.SENT_HASH, hash)
                .set(PICTURE.ADDED_AT, now())
                .set(PICTURE.ACCOUNT_ID, by.id())
                .execute();
        images.forEach(i -> db.insertInto(PICTURE_IMAGE)
                .values(id, i.size().name(), i.contentType(), i.width(), i.height(), i.body())
                .execute());
    }

    /** Says a picture in other words. */
    @Transactional
    public Picture describe(UUID id, String alternative) {
        one(id);
        show(id, words(alternative));
        notices.changed(Notices.Topic.PICTURES);
        return one(id);
    }

    @Transactional
    public void takeOut(UUID id) {
        one(id);
        db.update(PICTURE)
                .set(PICTURE.REMOVED_AT, now())
                .where(PICTURE.ID.eq(id))
                .execute();
        notices.changed(Notices.Topic.PICTURES);
    }

    @Transactional
    public Picture putBack(UUID id) {
        db.update(PICTURE).setNull(PICTURE.REMOVED_AT).where(PICTURE.ID.eq(id)).execute();
        notices.changed(Notices.Topic.PICTURES);
        return one(id);
    }

    private void show(UUID id, String words) {
        db.update(PICTURE)
                .set(PICTURE.ALTERNATIVE, words)
                .setNull(PICTURE.REMOVED_AT)
                .where(PICTURE.ID.eq(id))
                .execute();
    }

    /** What was taken out long ago and no edition shows is gone for good. */
    private void purge() {
        db.deleteFrom(PICTURE)
                .where(
                        PICTURE.REMOVED_AT.lt(now().minus(Duration.ofDays(DAYS_TO_PUT_BACK))),
                        PICTURE.PUBLISHED.isFalse())
                .execute();
    }

    private Picture one(UUID id) {
        return listed(PICTURE.ID.eq(id)).stream()
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no such picture; it may have been taken out."));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private static String words(String alternative) {
        var words = alternative.strip();
        RuleBroken.unless(
                !words.isEmpty() && words.length() <= LONGEST_ALTERNATIVE && Text.isOne(words),
                "Say in 1 to %d letters what the picture shows, for readers who do not see it.",
                LONGEST_ALTERNATIVE);
        return words;
    }

    private static String hash(byte[] sent) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(sent));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
