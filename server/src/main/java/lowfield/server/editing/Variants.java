package lowfield.server.editing;

import java.util.HashMap;
import java.util.List;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Person;
import lowfield.server.edition.BuildRows;
import lowfield.server.edition.BuildState;
import lowfield.server.edition.EditionState;
import lowfield.server.edition.LineRows;
import lowfield.server.edition.LineState;
import lowfield.server.edition.VariantState;
import lowfield.server.guide.ChartChoice;
import lowfield.server.guide.Editions;
import lowfield.server.guide.OverrideForm;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Edits of whole builds, each one command of the journal: variants come, go and change places; names and notes. */
@Service
public class Variants {
    static final int MOST = 6;

    private final BuildRows builds;
    private final LineRows lines;
    private final Journal journal;
    private final Editions editions;

    Variants(BuildRows builds, LineRows lines, Journal journal, Editions editions) {
        this.builds = builds;
        this.lines = lines;
        this.journal = journal;
        this.editions = editions;
    }

    /** What changes of a build; what is absent stays. */
    public record BuildPatch(
            @Nullable String name,
            @Nullable Integer position,
            @Nullable String note,
            @Nullable OverrideForm policy) {
        BuildState applyTo(BuildState old) {
            return new BuildState(
                    name != null ? name : old.name(),
                    position != null ? position : old.position(),
                    note != null ? note : old.note(),
                    policy != null ? policy : old.policy(),
                    old.extras());
        }

        private String label(BuildState after) {
            return after.name()
                    + (name != null
                            ? ": renamed"
                            : position != null ? ": moved" : policy != null ? ": other offers" : ": note");
        }
    }

    /** A further build in a tier, every line of which follows the same line of another build there. */
    @Transactional
    public UUID add(UUID edition, UUID of, String name, Person by) {
        editions.forReshaping(edition);
        var beside = builds.forUpdate(edition, of)
                .orElseThrow(() -> new NotFound("There is no such build in this edition."));
        var many = builds.many(edition, beside.getTierId());
        RuleBroken.unless(many < MOST, "A tier has at most %d builds.", MOST);
        var build = UUID.randomUUID();
        var own = new TreeMap<UUID, LineState>();
        var like = BuildRows.state(beside);
        var copies = new HashMap<UUID, UUID>();
        for (var row : lines.of(edition).getOrDefault(of, List.of())) {
            copies.put(row.id(), UUID.randomUUID());
            own.put(copies.get(row.id()), row.state().followedFrom(build, row.id()));
        }
        var state = new VariantState(
                beside.getTierId(), new BuildState(name, many, "", null, like.extrasOnto(copies)), own, List.of());
        builds.add(edition, build, state);
        journal.record(
                new Journal.Entry(
                        edition, build, Target.VARIANT, build, state.build().name() + ": variant made", null, state),
                by,
                false);
        return build;
    }

    /** Takes a variant with its lines out of the edition, as it was read at the expected stamp; the lead of a tier stays. */
    @Transactional
    public void remove(UUID edition, UUID build, int expected, Person by) {
        editions.forReshaping(edition);
        var row = builds.forUpdate(edition, build).orElseThrow(() -> new NotFound("This build is gone already."));
        var state = builds.variant(edition, build).orElseThrow();
        var now = builds.stamp(row);
        if (now != expected) {
            throw new Stale("This build was changed meanwhile; it was not removed.", state.build(), "removed", now);
        }
        builds.remove(edition, build);
        journal.record(
                new Journal.Entry(
                        edition, build, Target.VARIANT, build, state.build().name() + ": variant removed", state, null),
                by,
                false);
    }

    /** Names a build, moves it among its tier's variants, or notes something on it. */
    @Transactional
    public void edit(UUID edition, UUID build, BuildPatch patch, int expected, Person by) {
        editions.forReshaping(edition);
        var row = builds.forUpdate(edition, build).orElseThrow(() -> new NotFound("This build is gone already."));
        var before = BuildRows.state(row);
        if (row.getVersion() != expected) {
            throw new Stale("This build was changed meanwhile.", before, patch, row.getVersion());
        }
        var after = patch.applyTo(before);
        builds.write(edition, build, after);
        journal.record(
                new Journal.Entry(edition, build, Target.BUILD, build, patch.label(after), before, after), by, false);
    }

    /** Notes something on the edition, for the author alone. */
    @Transactional
    public void note(UUID edition, String note, int expected, Person by) {
        change(edition, expected, "note on the edition", by, old -> new EditionState(note, old.charts()));
    }

    /** Chooses the charts that the edition shows its readers. */
    @Transactional
    public void charts(UUID edition, List<ChartChoice> charts, int expected, Person by) {
        change(edition, expected, "charts for readers", by, old -> new EditionState(old.note(), charts));
    }

    private void change(UUID edition, int expected, String label, Person by, UnaryOperator<EditionState> change) {
        var info = editions.forReshaping(edition);
        var before = new EditionState(info.note(), info.charts());
        var after = change.apply(before);
        if (info.version() != expected) {
            throw new Stale("The edition was changed meanwhile.", before, after, info.version());
        }
        builds.note(edition, after);
        journal.record(new Journal.Entry(edition, null, Target.EDITION, edition, label, before, after), by, false);
    }
}
