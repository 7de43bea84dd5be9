package lowfield.server.edition;

import static lowfield.db.Sequences.LINE_VERSION;
import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.LINE;
import static lowfield.db.Tables.LINE_OPTION;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.guide.Following;
import lowfield.db.tables.records.LineOptionRecord;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.IdleCache;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/**
 * Lines and their options as rows. A line with its options is read and written as one state, and every state has a version
 * of its own.
 */
@Component
public class LineRows {
    private static final Field<Integer[]> VERSIONS = DSL.array(DSL.select(LINE.VERSION)
            .from(LINE)
            .where(LINE.EDITION_ID.eq(EDITION.ID))
            .orderBy(LINE.POSITION, LINE.ID));

    private final DSLContext db;
    /** Rows by version, which names one state for ever; a state that was rolled back has a number nobody asks for. */
    private final Cache<Integer, StoredLine> known = IdleCache.cache().build();

    LineRows(DSLContext db) {
        this.db = db;
    }

    /** A line as it stands, with its version and that of the line it takes from, which may be its own. */
    public record StoredLine(UUID id, LineState state, int version, int source) {
        StoredLine(UUID id, LineState state, int version) {
            this(id, state, version, version);
        }

        /** With what it takes from the line at the end of what it follows, which may be itself. */
        public StoredLine following(StoredLine source) {
            return source.id().equals(id)
                    ? this
                    : new StoredLine(id, state.following(source.state()), version, source.version());
        }
    }

    /** An edition's lines, in order, by build, and the stamp of its frame at the same moment. */
    public record EditionRows(long stamp, Map<UUID, List<StoredLine>> builds) {}

    /** All lines of an edition, in order, by build. */
    public Map<UUID, List<StoredLine>> of(UUID edition) {
        return standing(edition).builds();
    }

    /** Frame and lines in one question. */
    public EditionRows standing(UUID edition) {
        while (true) {
            var now = db.select(EDITION.STAMP, VERSIONS)
                    .from(EDITION)
                    .where(EDITION.ID.eq(edition))
                    .fetchOptional()
                    .orElseThrow(() -> new NotFound("There is no such edition."));
            var versions = List.of(now.value2());
            var rows = known.getAll(versions, missing -> read(edition, missing));
            // A line that was edited between the two questions is asked for again.
            if (rows.size() == versions.size()) {
                return new EditionRows(
                        now.value1(),
                        versions.stream()
                                .map(rows::get)
                                .collect(Collectors.groupingBy(
                                        r -> r.state().build(), LinkedHashMap::new, Collectors.toList())));
            }
        }
    }

    private Map<Integer, StoredLine> read(UUID edition, Set<? extends Integer> versions) {
        var rows = db.selectFrom(LINE)
                .where(LINE.EDITION_ID.eq(edition), LINE.VERSION.in(versions))
                .fetch();
        var options = db
                .selectFrom(LINE_OPTION)
                .where(LINE_OPTION.EDITION_ID.eq(edition), LINE_OPTION.LINE_ID.in(rows.getValues(LINE.ID)))
                .orderBy(LINE_OPTION.POSITION)
                .fetch()
                .stream()
                .collect(Collectors.groupingBy(LineOptionRecord::getLineId));
        return rows.stream()
                .map(r -> new StoredLine(
                        r.getId(), LineColumns.state(r, options.getOrDefault(r.getId(), List.of())), r.getVersion()))
                .collect(Collectors.toMap(StoredLine::version, Function.identity()));
    }

    /** Which lines of an edition follow which. */
    public Following following(UUID edition) {
        return new Following(db.select(LINE.ID, LINE.FOLLOWS)
                .from(LINE)
                .where(LINE.EDITION_ID.eq(edition), LINE.FOLLOWS.isNotNull())
                .fetchMap(LINE.ID, LINE.FOLLOWS));
    }

    /** One line, held for an edit. */
    public Optional<StoredLine> forUpdate(UUID edition, UUID id) {
        return db.select(LINE.VERSION)
                .from(LINE)
                .where(LINE.EDITION_ID.eq(edition), LINE.ID.eq(id))
                .forUpdate()
                .fetchOptional(LINE.VERSION)
                .map(version -> row(edition, version));
    }

    /** One line, held for an edit, and the stamp of its edition's frame, which is held from changing. */
    public record Held(long stamp, StoredLine row) {}

    /** Both in one question, since every edit asks it. */
    public Optional<Held> heldForEdit(UUID edition, UUID id) {
        return db.resultQuery("""
                        select e.stamp, l.version from edition e join line l on l.edition_id = e.id
                        where e.id = cast(? as uuid) and l.id = cast(? as uuid)
                        for share of e for update of l
                        """, edition, id)
                .coerce(EDITION.STAMP, LINE.VERSION)
                .fetchOptional(r -> new Held(r.value1(), row(edition, r.value2())));
    }

    private StoredLine row(UUID edition, int version) {
        return known.get(
                version, v -> read(edition, Set.of(v)).values().iterator().next());
    }

    /** Writes the state, whether the line exists or not; an absent state removes it. */
    public void write(UUID edition, UUID id, Optional<LineState> state) {
        if (state.isPresent()) {
            write(edition, id, forUpdate(edition, id), state.get());
        } else {
            db.deleteFrom(LINE)
                    .where(LINE.EDITION_ID.eq(edition), LINE.ID.eq(id))
                    .execute();
        }
    }

    /** Writes what a line that is held becomes. */
    public void write(UUID edition, UUID id, Optional<StoredLine> before, LineState after) {
        refuseCircle(edition, id, after);
        var version = before.isPresent() ? changed(edition, before.get(), after) : made(edition, id, after);
        if (!before.map(r -> r.state().options()).orElse(List.of()).equals(after.options())) {
            writeOptions(edition, id, after.options());
        }
        known.put(version, new StoredLine(id, after, version));
    }

    /** Holds every line of the edition while a line is made to follow, so that no two edits close a circle together. */
    private void refuseCircle(UUID edition, UUID line, LineState state) {
        if (state.follows() != null) {
            db.select(LINE.ID)
                    .from(LINE)
                    .where(LINE.EDITION_ID.eq(edition))
                    .orderBy(LINE.ID)
                    .forUpdate()
                    .fetch();
            following(edition).with(line, state.follows());
        }
    }

    /** Writes what is different, and the version. */
    private int changed(UUID edition, StoredLine before, LineState after) {
        return db.update(LINE)
                .set(LineColumns.changes(before.state(), after))
                .set(LINE.VERSION, LINE_VERSION.nextval())
                .where(LINE.EDITION_ID.eq(edition), LINE.ID.eq(before.id()))
                .returning(LINE.VERSION)
                .fetchSingle()
                .getVersion();
    }

    private int made(UUID edition, UUID id, LineState state) {
        return db.insertInto(LINE)
                .set(LINE.EDITION_ID, edition)
                .set(LINE.ID, id)
                .set(LineColumns.values(state))
                .onConflictDoNothing()
                .returning(LINE.VERSION)
                .fetchOptional()
                .orElseThrow(() -> new Conflict("This line is there already; somebody brought it back meanwhile."))
                .getVersion();
    }

    private void writeOptions(UUID edition, UUID line, List<OptionState> options) {
        db.deleteFrom(LINE_OPTION)
                .where(LINE_OPTION.EDITION_ID.eq(edition), LINE_OPTION.LINE_ID.eq(line))
                .execute();
        int position = 0;
        for (var option : options) {
            db.insertInto(
                            LINE_OPTION,
                            LINE_OPTION.EDITION_ID,
                            LINE_OPTION.LINE_ID,
                            LINE_OPTION.PURPOSE,
                            LINE_OPTION.VARIANT_ID,
                            LINE_OPTION.NOTE,
                            LINE_OPTION.POSITION,
                            LINE_OPTION.ADDS,
                            LINE_OPTION.MOTIVE)
                    .values(
                            edition,
                            line,
                            option.purpose().name(),
                            option.part(),
                            option.note(),
                            position++,
                            option.isBeside(),
                            option.motive() == null ? null : option.motive().name())
                    .execute();
        }
    }
}
