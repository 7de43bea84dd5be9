package lowfield.server.bench;

import static lowfield.db.Tables.KEPT_QUERY;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.find.Query;
import lowfield.core.part.Kind;
import lowfield.server.accounts.Person;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Query sentences kept by name, for everyone at the desk. */
@Service
public class KeptQueries {
    private static final int MOST = 60;

    private final DSLContext db;
    private final Clock clock;

    KeptQueries(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** A sentence by its name; of one kind of part. */
    public record Kept(UUID id, String name, Kind kind, String sentence) {}

    public List<Kept> of(Kind kind) {
        return db.selectFrom(KEPT_QUERY)
                .where(KEPT_QUERY.KIND.eq(kind.name()))
                .orderBy(KEPT_QUERY.NAME)
                .fetch(r -> new Kept(r.getId(), r.getName(), kind, r.getSentence()));
    }

    /** Keeps a sentence; the same name a second time keeps the newer one. */
    @Transactional
    public Kept keep(Kind kind, String name, String sentence, Person by) {
        var bare = name.strip();
        RuleBroken.unless(!bare.isEmpty() && bare.length() <= 80, "A search is saved under a name of 1 to 80 letters.");
        var written = Query.read(kind, sentence).written();
        RuleBroken.unless(of(kind).size() < MOST, "At most %d searches are saved for a kind; remove one first.", MOST);
        var id = db.insertInto(KEPT_QUERY)
                .set(KEPT_QUERY.NAME, bare)
                .set(KEPT_QUERY.KIND, kind.name())
                .set(KEPT_QUERY.SENTENCE, written)
                .set(KEPT_QUERY.ACCOUNT_ID, by.id())
                .set(KEPT_QUERY.CREATED_AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .onConflict(KEPT_QUERY.KIND, KEPT_QUERY.NAME)
                .doUpdate()
                .set(KEPT_QUERY.SENTENCE, written)
                .returning(KEPT_QUERY.ID)
                .fetchSingle()
                .getId();
        return new Kept(id, bare, kind, written);
    }

    @Transactional
    public void letGo(UUID id) {
        var gone = db.deleteFrom(KEPT_QUERY).where(KEPT_QUERY.ID.eq(id)).execute();
        if (gone == 0) {
            throw new NotFound("This search has been removed already.");
        }
    }
}
