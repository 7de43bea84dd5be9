package lowfield.server.bench;

import static lowfield.db.Tables.LINE;
import static lowfield.db.Tables.LINE_OPTION;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Slot;
import lowfield.db.tables.records.LineOptionRecord;
import lowfield.db.tables.records.LineRecord;
import lowfield.server.platform.Json;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Lines and their options as rows; a line with its options is read and written as one state. */
@Component
class LineRows {
    private final DSLContext db;

    LineRows(DSLContext db) {
        this.db = db;
    }

    /** A line as it stands, with its version. */
    record Row(UUID id, LineState state, int version) {}

    /** All lines of an edition, in order, by build. */
    Map<UUID, List<Row>> of(UUID edition) {
        var options = db
                .selectFrom(LINE_OPTION)
                .where(LINE_OPTION.EDITION_ID.eq(edition))
                .orderBy(LINE_OPTION.POSITION)
                .fetch()
                .stream()
                .collect(Collectors.groupingBy(LineOptionRecord::getLineId));
        var lines = new LinkedHashMap<UUID, List<Row>>();
        db.selectFrom(LINE)
                .where(LINE.EDITION_ID.eq(edition))
                .orderBy(LINE.POSITION, LINE.ID)
                .forEach(r -> lines.computeIfAbsent(r.getBuildId(), b -> new ArrayList<>())
                        .add(row(r, options.getOrDefault(r.getId(), List.of()))));
        return lines;
    }

    /** One line, held for an edit. */
    Optional<Row> forUpdate(UUID edition, UUID id) {
        return db.selectFrom(LINE)
                .where(LINE.EDITION_ID.eq(edition), LINE.ID.eq(id))
                .forUpdate()
                .fetchOptional()
                .map(r -> row(r, options(edition, id)));
    }

    /** How many lines follow a line. */
    int followers(UUID edition, UUID line) {
        return db.fetchCount(LINE, LINE.EDITION_ID.eq(edition), LINE.FOLLOWS.eq(line));
    }

    /** The line at the end of what a line follows, itself when it follows none. */
    Row source(UUID edition, Row row) {
        var at = row;
        for (int steps = 0; at.state().follows() != null; steps++) {
            var next = at.state().follows();
            at = forUpdate(edition, next)
                    .orElseThrow(() -> new lowfield.server.platform.NotFound("The line that is followed is gone."));
            RuleBroken.unless(
                    !at.id().equals(row.id()) && steps < 40,
                    "A line cannot follow itself, not even through others; let one of them go first.");
        }
        return at;
    }

    private List<LineOptionRecord> options(UUID edition, UUID id) {
        return db.selectFrom(LINE_OPTION)
                .where(LINE_OPTION.EDITION_ID.eq(edition), LINE_OPTION.LINE_ID.eq(id))
                .orderBy(LINE_OPTION.POSITION)
                .fetch();
    }

    /** Writes the state, whether the line exists or not; an absent state removes it. */
    void write(UUID edition, UUID id, Optional<LineState> state) {
        if (state.isEmpty()) {
            db.deleteFrom(LINE)
                    .where(LINE.EDITION_ID.eq(edition), LINE.ID.eq(id))
                    .execute();
            return;
        }
        var row = db.newRecord(LINE);
        fill(row, state.get());
        row.setEditionId(edition);
        row.setId(id);
        row.setVersion(1);
        db.insertInto(LINE)
                .set(row)
                .onConflict(LINE.EDITION_ID, LINE.ID)
                .doUpdate()
                .set(changes(state.get()))
                .set(LINE.VERSION, LINE.VERSION.plus(1))
                .execute();
        writeOptions(edition, id, state.get().options());
    }

    private static Map<Object, Object> changes(LineState state) {
        var row = new LineRecord();
        fill(row, state);
        var changed = new LinkedHashMap<Object, Object>();
        for (var field : List.of(
                LINE.BUILD_ID,
                LINE.SLOT,
                LINE.POSITION,
                LINE.CHOICE,
                LINE.QUANTITY,
                LINE.COUNTED,
                LINE.HELD_LISTING,
                LINE.HELD_WHY,
                LINE.REASON,
                LINE.REASON_FOR,
                LINE.FOLLOWS,
                LINE.NOTE)) {
            changed.put(field, row.get(field));
        }
        return changed;
    }

    private static void fill(LineRecord row, LineState state) {
        row.setBuildId(state.build());
        row.setSlot(state.slot().name());
        row.setPosition(state.position());
        row.setChoice(Json.jsonb(state.choice()));
        row.setQuantity(state.quantity());
        row.setCounted(state.counted());
        row.setHeldListing(state.heldListing());
        row.setHeldWhy(state.heldWhy());
        row.setReason(state.reason());
        row.setReasonFor(state.reasonFor());
        row.setFollows(state.follows());
        row.setNote(Optional.ofNullable(state.note()).orElse(""));
    }

    private void writeOptions(UUID edition, UUID line, List<OptionState> options) {
        var before = options(edition, line).stream().map(LineRows::option).toList();
        if (before.equals(options)) {
            return;
        }
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
                r.getNote());
        return new Row(r.getId(), state, r.getVersion());
    }

    private static OptionState option(LineOptionRecord r) {
        return new OptionState(OptionState.Purpose.valueOf(r.getPurpose()), r.getVariantId(), r.getNote());
    }
}
