package lowfield.server.edition;

import static lowfield.db.Sequences.LINE_VERSION;
import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.LINE;
import static lowfield.db.Tables.LINE_OPTION;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.edition.Option;
import lowfield.core.guide.Following;
import lowfield.core.guide.Slot;
import lowfield.db.tables.records.LineOptionRecord;
import lowfield.db.tables.records.LineRecord;
import lowfield.server.guide.TierRows;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.IdleCache;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
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

    private static final List<Column<?, ?>> COLUMNS = List.of(
            Column.of(LINE.BUILD_ID, LineState::build),
            Column.of(LINE.POSITION, LineState::position),
            Column.of(LINE.QUANTITY, LineState::quantity),
            Column.of(LINE.COUNTED, LineState::counted),
            Column.of(LINE.HELD_LISTING, LineState::heldListing),
            Column.of(LINE.HELD_WHY, LineState::heldWhy),
            Column.of(LINE.REASON, LineState::reason),
            Column.of(LINE.REASON_FOR, LineState::reasonFor),
            Column.of(LINE.FOLLOWS, LineState::follows),
            Column.of(LINE.NOTE, LineState::note),
            Column.of(LINE.PLACE, LineState::place),
            new Column<>(LINE.POLICY, LineState::policy, TierRows::stored),
            new Column<>(LINE.SLOT, LineState::slot, Slot::name),
            new Column<>(LINE.CHOICE, LineState::choice, Json::jsonb),
            new Column<>(LINE.COMPARED, LineState::comparedOf, parts -> parts.toArray(UUID[]::new)));

    private final DSLContext db;
    /** Rows by version, which names one state for ever; a state that was rolled back has a number nobody asks for. */
    private final Cache<Integer, Row> known = IdleCache.cache().build();

    /** What of a state is written where, and in which form. */
    private record Column<S, T>(Field<T> field, Function<LineState, S> part, Function<S, T> form) {
        static <T> Column<T, T> of(Field<T> field, Function<LineState, T> part) {
            return new Column<>(field, part, Function.identity());
        }

        boolean isSame(LineState one, LineState other) {
            return Objects.equals(part.apply(one), part.apply(other));
        }

        @Nullable
        T value(LineState state) {
            return form.apply(part.apply(state));
        }
    }

    LineRows(DSLContext db) {
        this.db = db;
    }

    /** A line as it stands, with its version and that of the line it takes from, which may be its own. */
    public record Row(UUID id, LineState state, int version, int source) {
        Row(UUID id, LineState state, int version) {
            this(id, state, version, version);
        }

        /** With what it takes from the line at the end of what it follows, which may be itself. */
        public Row following(Row source) {
            return source.id().equals(id)
                    ? this
                    : new Row(id, state.following(source.state()), version, source.version());
        }
    }

    /** An edition's lines, in order, by build, and the stamp of its frame at the same moment. */
    public record EditionRows(long stamp, Map<UUID, List<Row>> builds) {}

    /** All lines of an edition, in order, by build. */
    public Map<UUID, List<Row>> of(UUID edition) {
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

    private Map<Integer, Row> read(UUID edition, Set<? extends Integer> versions) {
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
                .map(r -> row(r, options.getOrDefault(r.getId(), List.of())))
                .collect(Collectors.toMap(Row::version, Function.identity()));
    }

    /** Which lines of an edition follow which. */
    public Following following(UUID edition) {
        return new Following(db.select(LINE.ID, LINE.FOLLOWS)
                .from(LINE)
                .where(LINE.EDITION_ID.eq(edition), LINE.FOLLOWS.isNotNull())
                .fetchMap(LINE.ID, LINE.FOLLOWS));
    }

    /** One line, held for an edit. */
    public Optional<Row> forUpdate(UUID edition, UUID id) {
        return db.select(LINE.VERSION)
                .from(LINE)
                .where(LINE.EDITION_ID.eq(edition), LINE.ID.eq(id))
                .forUpdate()
                .fetchOptional(LINE.VERSION)
                .map(version -> row(edition, version));
    }

    /** One line, held for an edit, and the stamp of its edition's frame, which is held from changing. */
    public record Held(long stamp, Row row) {}

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

    private Row row(UUID edition, int version) {
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
    public void write(UUID edition, UUID id, Optional<Row> before, LineState after) {
        refuseCircle(edition, id, after);
        var version = before.isPresent() ? changed(edition, before.get(), after) : made(edition, id, after);
        if (!before.map(r -> r.state().options()).orElse(List.of()).equals(after.options())) {
            writeOptions(edition, id, after.options());
        }
        known.put(version, new Row(id, after, version));
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
    private int changed(UUID edition, Row before, LineState after) {
        var changes = new LinkedHashMap<Field<?>, Object>();
        for (var column : COLUMNS) {
            if (!column.isSame(before.state(), after)) {
                changes.put(column.field(), column.value(after));
            }
        }
        return db.update(LINE)
                .set(changes)
                .set(LINE.VERSION, LINE_VERSION.nextval())
                .where(LINE.EDITION_ID.eq(edition), LINE.ID.eq(before.id()))
                .returning(LINE.VERSION)
                .fetchSingle()
                .getVersion();
    }

    private int made(UUID edition, UUID id, LineState state) {
        var values = new LinkedHashMap<Field<?>, Object>();
        COLUMNS.forEach(column -> values.put(column.field(), column.value(state)));
        return db.insertInto(LINE)
                .set(LINE.EDITION_ID, edition)
                .set(LINE.ID, id)
                .set(values)
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
                            LINE_OPTION.POSITION)
                    .values(edition, line, option.purpose().name(), option.part(), option.note(), position++)
                    .execute();
        }
    }

    private static Row row(LineRecord r, List<LineOptionRecord> options) {
        var state = new LineState(
                r.getBuildId(),
                Slot.valueOf(r.getSlot()),
                r.getPosition(),
                Json.read(r.getChoice().data(), ChoiceState.class),
                r.getQuantity(),
                r.getCounted(),
                r.getHeldListing(),
                r.getHeldWhy(),
                r.getReason(),
                r.getReasonFor(),
                options.stream().map(LineRows::option).toList(),
                r.getFollows(),
                r.getNote(),
                List.of(r.getCompared()),
                r.getPlace(),
                TierRows.override(r.getPolicy()));
        return new Row(r.getId(), state, r.getVersion());
    }

    private static OptionState option(LineOptionRecord r) {
        return new OptionState(Option.Purpose.valueOf(r.getPurpose()), r.getVariantId(), r.getNote());
    }
}
