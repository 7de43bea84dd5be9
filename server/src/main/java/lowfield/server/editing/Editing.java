package lowfield.server.editing;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.Text;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.LinePatch;
import lowfield.server.edition.LineRows;
import lowfield.server.edition.LineState;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.Guides;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import lowfield.server.reasons.ReasonBases;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every edit of an edition in work, each a journalled command bound to the version it was made from. */
@Service
public class Editing {
    private final LineRows lines;
    private final Journal journal;
    private final Editions editions;
    private final Guides guides;
    private final Parts parts;
    private final ReasonBases bases;
    private final Clock clock;

    Editing(
            LineRows lines,
            Journal journal,
            Editions editions,
            Guides guides,
            Parts parts,
            ReasonBases bases,
            Clock clock) {
        this.clock = clock;
        this.lines = lines;
        this.journal = journal;
        this.editions = editions;
        this.guides = guides;
        this.parts = parts;
        this.bases = bases;
    }

    /** Edits a line that was read at the expected version; returns the build it is in. */
    @Transactional
    public UUID edit(UUID edition, UUID line, LinePatch patch, int expected, Person by) {
        var held = lines.heldForEdit(edition, line)
                .orElseThrow(() -> new NotFound("This line is gone; somebody removed it meanwhile."));
        var info = editions.forEditing(edition, held.stamp());
        var row = held.row();
        if (row.version() != expected) {
            throw new Stale(
                    "This line was changed meanwhile; nothing of yours was written over it, and nothing is lost.",
                    row.state(),
                    patch,
                    row.version());
        }
        var before = standing(edition, row, patch);
        var after = checked(info, before, patch.dated(before.choice(), clock.instant()));
        checkFollowing(edition, after);
        if (patch.bindsReason() && patch.keepsChoice()) {
            after = after.relyingOn(
                    Boolean.TRUE.equals(patch.confirmReason())
                            ? bases.confirmed(edition, line, after)
                            : bases.edited(edition, line, before, after));
        }
        lines.write(edition, line, Optional.of(row), after);
        if (patch.bindsReason() && !patch.keepsChoice()) {
            after = after.relyingOn(bases.confirmed(edition, line, after));
            lines.write(edition, line, lines.forUpdate(edition, line), after);
        }
        journal.record(
                new Journal.Entry(edition, after.build(), Target.LINE, line, label(after, patch), row.state(), after),
                by,
                patch.isTyping() && !FactSwap.isOne(row.state().reason(), after.reason()));
        return after.build();
    }

    /** What an edit starts from: a line that follows and is to stand alone keeps what it has shown so far. */
    private LineState standing(UUID edition, LineRows.StoredLine row, LinePatch patch) {
        var effective = row.following(source(edition, row)).state();
        var stays = patch.choice() == null
                && patch.quantity() == null
                && patch.hold() == null
                && (patch.following() == null || patch.following().line() != null);
        return stays && row.state().follows() != null ? ownWords(row.state(), effective, patch) : effective;
    }

    /** A reason that is confirmed or changed is bound to the choice that is followed. */
    private static LineState ownWords(LineState own, LineState effective, LinePatch patch) {
        if (patch.confirmReason() == null && patch.reason() == null && patch.options() == null) {
            return own;
        }
        return own.boundTo(effective, patch.confirmReason() != null ? effective.reason() : own.reason());
    }

    private void checkFollowing(UUID edition, LineState after) {
        if (after.follows() == null) {
            return;
        }
        var source = lines.forUpdate(edition, after.follows())
                .orElseThrow(() -> new NotFound("The line to follow is not in this edition."));
        RuleBroken.unless(
                source.state().slot().kind() == after.slot().kind(),
                "%s cannot follow %s; they take different kinds of part.",
                after.slot().label(),
                source.state().slot().label());
    }

    private LineRows.StoredLine source(UUID edition, LineRows.StoredLine row) {
        if (row.state().follows() == null) {
            return row;
        }
        return lines.forUpdate(edition, lines.following(edition).source(row.id()))
                .orElseThrow(() -> new NotFound("The line that is followed is gone."));
    }

    private LineState checked(EditionInfo edition, LineState before, LinePatch patch) {
        var home = guides.byId(edition.guide()).money();
        var catalogue = parts.catalogue();
        var state = Optional.ofNullable(patch.choice()).orElse(before.choice());
        var choice = state.choiceFor(before.slot(), catalogue, home);
        var after = patch.applyTo(before, choice);
        new Line(before.build(), before.slot(), choice, after.quantity(), after.counted());
        after.reasonOf();
        for (var option : after.options()) {
            ChoiceState.part(option.part()).choiceFor(before.slot(), catalogue, home);
            RuleBroken.unless(
                    !Boolean.TRUE.equals(option.adds())
                            || before.slot().further().isPresent(),
                    "A build has one %s; an alternative or upgrade takes its place.",
                    Text.inSentence(before.slot().label()));
        }
        for (var compared : after.comparedOf()) {
            ChoiceState.part(compared).choiceFor(before.slot(), catalogue, home);
        }
        return after;
    }

    private static String label(LineState state, LinePatch patch) {
        var slot = state.slot().label();
        if (patch.choice() != null) {
            return slot + ": choice";
        }
        if (patch.meantSo() != null) {
            return slot + ": meant so";
        }
        if (patch.bindsReason()) {
            return slot + ": reason";
        }
        if (patch.following() != null) {
            return slot + (patch.following().line() == null ? ": let go" : ": follows");
        }
        if (patch.compared() != null) {
            return slot + ": side by side";
        }
        if (patch.note() != null) {
            return slot + ": note";
        }
        return slot + (patch.options() != null ? ": alternatives and upgrades" : ": details");
    }

    /** Adds a line for a slot that can hold another; returns its id. */
    @Transactional
    public UUID addLine(UUID edition, UUID build, Slot slot, Person by) {
        editions.forEditing(edition);
        var present = lines.of(edition).getOrDefault(build, List.of());
        RuleBroken.unless(
                editions.plan(edition).tiers().stream()
                        .anyMatch(t -> t.builds().stream().anyMatch(b -> b.id().equals(build))),
                "This build is not in the edition.");
        var same = present.stream().filter(r -> r.state().slot() == slot).count();
        RuleBroken.unless(same == 0 || slot.several(), "%s is on the list already; choose there.", slot.label());
        RuleBroken.unless(present.size() < 60, "A build has at most 60 lines.");
        var id = UUID.randomUUID();
        var state = LineState.empty(build, slot, slot.position() + (int) Math.min(same, 9));
        lines.write(edition, id, Optional.of(state));
        journal.record(
                new Journal.Entry(edition, build, Target.LINE, id, slot.label() + ": added", null, state), by, false);
        return id;
    }

    /** Adds a line with what stands on it, in one act. */
    @Transactional
    public UUID addLine(UUID edition, UUID build, Slot slot, LinePatch with, Person by) {
        var line = addLine(edition, build, slot, by);
        edit(edition, line, with, lines.forUpdate(edition, line).orElseThrow().version(), by);
        return line;
    }

    /** Removes a line with its reason and options; undo brings all of it back. */
    @Transactional
    public UUID removeLine(UUID edition, UUID line, int expected, Person by) {
        editions.forEditing(edition);
        var row = lines.forUpdate(edition, line).orElseThrow(() -> new NotFound("This line is gone already."));
        if (row.version() != expected) {
            throw new Stale(
                    "This line was changed meanwhile; it was not removed.", row.state(), "removed", row.version());
        }
        var followers = lines.following(edition).of(line).size();
        RuleBroken.unless(
                followers == 0, "%d other lines follow this one; let them go before it is removed.", followers);
        lines.write(edition, line, Optional.empty());
        journal.record(
                new Journal.Entry(
                        edition,
                        row.state().build(),
                        Target.LINE,
                        line,
                        row.state().slot().label() + ": removed",
                        row.state(),
                        null),
                by,
                false);
        return row.state().build();
    }
}
