package lowfield.server.editing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.LineRows;
import lowfield.server.edition.LineRows.StoredLine;
import lowfield.server.edition.LineState;
import lowfield.server.guide.Editions;
import lowfield.server.guide.Guides;
import lowfield.server.guide.TierInfo;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Carries a choice over to another build, with its quantity, reason and options; what came of it is always said. */
@Service
public class Carrying {
    private final LineRows lines;
    private final Journal journal;
    private final Editions editions;
    private final Guides guides;
    private final Parts parts;

    Carrying(LineRows lines, Journal journal, Editions editions, Guides guides, Parts parts) {
        this.guides = guides;
        this.lines = lines;
        this.journal = journal;
        this.editions = editions;
        this.parts = parts;
    }

    /** The line that has the choice now, and what was done, in a sentence. */
    public record Carried(UUID line, String said) {}

    /**
     * Carries what stands on a line to the same slot of another build; where the build has no such line, one is made.
     *
     * @param expected the version of the line it replaces; absent when there was none to be seen
     */
    @Transactional
    public Carried carry(UUID edition, UUID from, UUID build, @Nullable Integer expected, Person by) {
        editions.forEditing(edition);
        var source = effective(edition, from);
        var home = place(edition, build);
        RuleBroken.unless(
                !source.build().equals(build),
                "%s is in this build already.",
                source.slot().label());
        var present = lines.of(edition).getOrDefault(build, List.of()).stream()
                .filter(l -> l.state().slot() == source.slot())
                .findFirst();
        var label = name(edition, source);
        if (present.isEmpty()) {
            return made(edition, source, build, label, home, by);
        }
        var row = present.get();
        if (expected == null || row.version() != expected) {
            throw new Stale(
                    "The line there was changed meanwhile; nothing was written over it.",
                    row.state(),
                    source,
                    row.version());
        }
        var after = source.carriedTo(row.state());
        if (after.equals(row.state())) {
            return new Carried(
                    row.id(),
                    "%s is in %s already, with the same reason and options; nothing was changed."
                            .formatted(label, home));
        }
        lines.write(edition, row.id(), Optional.of(row), after);
        record(edition, row.id(), source, row.state(), after, by);
        return new Carried(row.id(), "%s is in %s now%s; u takes it back.".formatted(label, home, with(source)));
    }

    private Carried made(UUID edition, LineState source, UUID build, String label, String home, Person by) {
        var id = UUID.randomUUID();
        var state = source.alone(build);
        lines.write(edition, id, Optional.of(state));
        record(edition, id, source, null, state, by);
        return new Carried(
                id,
                "%s is in %s now%s, on a line that was made for it; u takes it back."
                        .formatted(label, home, with(source)));
    }

    private void record(
            UUID edition, UUID line, LineState source, @Nullable Object before, LineState after, Person by) {
        journal.record(
                new Journal.Entry(
                        edition,
                        after.build(),
                        Target.LINE,
                        line,
                        source.slot().label() + ": carried over",
                        before,
                        after),
                by,
                false);
    }

    private LineState effective(UUID edition, UUID id) {
        var row = lines.forUpdate(edition, id)
                .orElseThrow(() -> new NotFound("This line is gone; somebody removed it meanwhile."));
        return lines.forUpdate(edition, lines.following(edition).source(id))
                .map(row::following)
                .map(StoredLine::state)
                .orElseGet(row::state);
    }

    /** "Mate, the other platform". */
    private String place(UUID edition, UUID build) {
        return editions.plan(edition).tiers().stream()
                .flatMap(t ->
                        t.builds().stream().filter(b -> b.id().equals(build)).map(b -> name(t, b)))
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no such build in this edition."));
    }

    private static String name(TierInfo tier, TierInfo.BuildInfo build) {
        return tier.form().name() + ", " + build.name();
    }

    private String name(UUID edition, LineState line) {
        var choice = line.choice()
                .choice(
                        parts.catalogue(),
                        guides.byId(editions.byId(edition).guide()).money());
        var label = choice.label();
        return label.isEmpty() ? line.slot().label() : label;
    }

    private static String with(LineState source) {
        var along = source.reason().isBlank() ? "" : " with its reason";
        var many = source.options().size();
        return along + (many == 0 ? "" : " and %d option%s".formatted(many, many == 1 ? "" : "s"));
    }
}
