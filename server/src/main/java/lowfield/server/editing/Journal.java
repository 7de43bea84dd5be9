package lowfield.server.editing;

import static lowfield.db.Tables.COMMAND;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.db.tables.records.CommandRecord;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.Desks;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Every edit as a command with the state before and after. Undo brings back what stood before my latest act, be it one edit
 * or several that were made together, if what I made of it still stands; otherwise both are offered. Redo takes my latest
 * undo back, until I edit again.
 */
@Component
public class Journal {
    private static final Duration ONE_SITTING = Duration.ofMinutes(2);

    private final DSLContext db;
    private final Commands commands;
    private final Clock clock;
    private final Live live;

    Journal(DSLContext db, Commands commands, Clock clock, Live live) {
        this.db = db;
        this.commands = commands;
        this.clock = clock;
        this.live = live;
    }

    /** What a command changed: where, how it is called, and the states around it (absent: it did not exist). */
    record Entry(
            UUID edition,
            @Nullable UUID build,
            Target target,
            UUID id,
            String label,
            @Nullable Object before,
            @Nullable Object after) {}

    /** Keeps an edit; typing on in the same text within a sitting lengthens the last command instead. */
    void record(Entry entry, Person by, boolean typing) {
        if (typing && lengthened(entry, by)) {
            tell(entry, by);
            return;
        }
        insert(entry, "EDIT", by, null);
    }

    private void tell(Entry entry, Person by) {
        live.changed(new Live.Change(entry.edition(), entry.build(), by.name(), entry.label(), Desks.current()));
    }

    private boolean lengthened(Entry entry, Person by) {
        var last = db.selectFrom(COMMAND)
                .where(COMMAND.EDITION_ID.eq(entry.edition()), COMMAND.ACCOUNT_ID.eq(by.id()))
                .orderBy(COMMAND.ID.desc())
                .limit(1)
                .fetchOptional();
        var same = last.filter(c -> c.getForm().equals("EDIT")
                && c.getUndoneBy() == null
                && c.getTargetId().equals(entry.id())
                && c.getLabel().equals(entry.label())
                && c.getAt().isAfter(now().minus(ONE_SITTING))
                && c.getAfter() != null
                && tree(c.getAfter().data()).equals(tree(Json.write(entry.before()))));
        same.ifPresent(c -> db.update(COMMAND)
                .set(COMMAND.AFTER, json(entry.after()))
                .set(COMMAND.AT, now())
                .where(COMMAND.ID.eq(c.getId()))
                .execute());
        return same.isPresent();
    }

    private long insert(Entry entry, String form, Person by, @Nullable Long undoes) {
        tell(entry, by);
        return db.insertInto(COMMAND)
                .set(COMMAND.EDITION_ID, entry.edition())
                .set(COMMAND.BUILD_ID, entry.build())
                .set(COMMAND.ACCOUNT_ID, by.id())
                .set(COMMAND.AT, now())
                .set(COMMAND.FORM, form)
                .set(COMMAND.TARGET, entry.target().name())
                .set(COMMAND.TARGET_ID, entry.id())
                .set(COMMAND.LABEL, entry.label().length() > 200 ? entry.label().substring(0, 200) : entry.label())
                .set(COMMAND.BEFORE, json(entry.before()))
                .set(COMMAND.AFTER, json(entry.after()))
                .set(COMMAND.UNDOES, undoes)
                .set(COMMAND.ACT, Act.current())
                .returning(COMMAND.ID)
                .fetchSingle()
                .getId();
    }

    /** Brings back what stood just before a step, as an edit of its own; the label of the step. */
    String bringBack(UUID edition, long step, int newest, Person by, Targets targets) {
        var command = db.selectFrom(COMMAND)
                .where(COMMAND.ID.eq(step), COMMAND.EDITION_ID.eq(edition), DSL.not(Commands.OLD_ANSWER))
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such step in this edition's history."));
        var last = db.select(DSL.max(COMMAND.ID))
                .from(COMMAND)
                .where(COMMAND.EDITION_ID.eq(edition), COMMAND.BUILD_ID.eq(command.getBuildId()))
                .fetchSingle()
                .value1();
        if (last > newest) {
            throw new Stale(
                    "This build was changed since its history was read; nothing was brought back.",
                    "newer steps",
                    command.getLabel(),
                    Math.toIntExact(last));
        }
        var now = targets.read(target(command), edition, command.getTargetId());
        var then = Optional.ofNullable(command.getBefore()).map(JSONB::data);
        if (now.map(Journal::tree).equals(then.map(Journal::tree))) {
            throw new Conflict("What stood before \"%s\" stands now.".formatted(command.getLabel()));
        }
        targets.write(target(command), edition, command.getTargetId(), then);
        insert(
                new Entry(
                        edition,
                        command.getBuildId(),
                        target(command),
                        command.getTargetId(),
                        "back to before: " + command.getLabel(),
                        now.map(Journal::tree).orElse(null),
                        then.map(Journal::tree).orElse(null)),
                "EDIT",
                by,
                null);
        return command.getLabel();
    }

    /** Undoes my latest edit of the edition; the label of what was undone. */
    String undo(UUID edition, Person by, Targets targets) {
        var latest = commands.latest(edition, by, "EDIT")
                .orElseThrow(() -> new Conflict("There is nothing of yours to undo in this edition."));
        var all = commands.madeTogether(latest);
        all.forEach(command -> reverse(command, "UNDO", by, targets));
        return label(all);
    }

    /** Takes my latest undo back; the label of what stands again. */
    String redo(UUID edition, Person by, Targets targets) {
        var undo = commands.latest(edition, by, "UNDO")
                .orElseThrow(() -> new Conflict("There is nothing of yours to redo in this edition."));
        var newest = db.select(DSL.max(COMMAND.ID))
                .from(COMMAND)
                .where(COMMAND.EDITION_ID.eq(edition), COMMAND.ACCOUNT_ID.eq(by.id()), COMMAND.FORM.eq("EDIT"))
                .fetchSingle()
                .value1();
        if (newest != null && newest > undo.getId()) {
            throw new Conflict("You have edited since; there is nothing to redo.");
        }
        var all = commands.madeTogether(undo);
        all.forEach(command -> {
            reverse(command, "REDO", by, targets);
            db.update(COMMAND)
                    .setNull(COMMAND.UNDONE_BY)
                    .where(COMMAND.ID.eq(command.getUndoes()))
                    .execute();
        });
        return label(all);
    }

    private static String label(List<CommandRecord> all) {
        var first = all.get(0).getLabel();
        return all.size() == 1 ? first : "%s, and %d more made with it".formatted(first, all.size() - 1);
    }

    private void reverse(CommandRecord command, String form, Person by, Targets targets) {
        var edition = command.getEditionId();
        var now = targets.read(target(command), edition, command.getTargetId());
        var expected = Optional.ofNullable(command.getAfter()).map(JSONB::data);
        if (!now.map(Journal::tree).equals(expected.map(Journal::tree))) {
            throw new Conflict(
                    "\"%s\" was changed again since, by someone else or elsewhere; nothing was undone. Both are shown."
                            .formatted(command.getLabel()),
                    Map.of(
                            "theirs",
                            now.map(Journal::tree).map(Object.class::cast).orElse("removed"),
                            "yours",
                            Optional.ofNullable(command.getBefore())
                                    .map(b -> (Object) tree(b.data()))
                                    .orElse("removed")));
        }
        var before = Optional.ofNullable(command.getBefore()).map(JSONB::data);
        targets.write(target(command), edition, command.getTargetId(), before);
        var entry = new Entry(
                edition,
                command.getBuildId(),
                target(command),
                command.getTargetId(),
                command.getLabel(),
                expected.map(Journal::tree).orElse(null),
                before.map(Journal::tree).orElse(null));
        var id = insert(entry, form, by, command.getId());
        db.update(COMMAND)
                .set(COMMAND.UNDONE_BY, id)
                .where(COMMAND.ID.eq(command.getId()))
                .execute();
    }

    private static Target target(CommandRecord command) {
        return Target.valueOf(command.getTarget());
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private static @Nullable JSONB json(@Nullable Object state) {
        return state == null ? null : Json.jsonb(state);
    }

    private static JsonNode tree(String json) {
        return Json.read(json, JsonNode.class);
    }
}
