package lowfield.server.edition;

import static lowfield.db.Tables.BUILD;
import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.EDITION_BUILD;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.db.tables.records.EditionBuildRecord;
import lowfield.server.guide.ChartChoice;
import lowfield.server.guide.TierRows;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Builds of an edition as rows: their frames, and whole variants with their lines. */
@Component
public class BuildRows {
    private final DSLContext db;
    private final LineRows lines;
    private final AnswerRows answers;

    BuildRows(DSLContext db, LineRows lines, AnswerRows answers) {
        this.answers = answers;
        this.db = db;
        this.lines = lines;
    }

    /** One build, held for an edit. */
    public Optional<EditionBuildRecord> forUpdate(UUID edition, UUID build) {
        return db.selectFrom(EDITION_BUILD)
                .where(EDITION_BUILD.EDITION_ID.eq(edition), EDITION_BUILD.BUILD_ID.eq(build))
                .forUpdate()
                .fetchOptional();
    }

    public static BuildState state(EditionBuildRecord row) {
        return new BuildState(
                row.getName(),
                row.getPosition(),
                row.getNote(),
                TierRows.override(row.getPolicy()),
                TierRows.extras(row.getExtras()));
    }

    public void write(UUID edition, UUID build, BuildState state) {
        var row = forUpdate(edition, build).orElseThrow(() -> new NotFound("There is no such build in this edition."));
        if (row.getPosition() != state.position()) {
            move(row, state.position());
        }
        row.setName(state.name());
        row.setNote(state.note());
        row.setPolicy(TierRows.stored(state.policy()));
        row.setExtras(TierRows.stored(state.extras()));
        row.setVersion(row.getVersion() + 1);
        row.update();
    }

    /** Puts a variant at another place of its tier; the lead keeps its own. */
    private void move(EditionBuildRecord row, int to) {
        var order = new ArrayList<>(ofTier(row.getEditionId(), row.getTierId()));
        RuleBroken.unless(
                row.getPosition() > 0 && to > 0 && to < order.size(),
                "A tier's main build stands first; variants change places behind it.");
        order.removeIf(r -> r.getBuildId().equals(row.getBuildId()));
        order.add(to, row);
        for (int i = 0; i < order.size(); i++) {
            order.get(i).setPosition(i);
            order.get(i).update();
        }
    }

    private List<EditionBuildRecord> ofTier(UUID edition, UUID tier) {
        return db.selectFrom(EDITION_BUILD)
                .where(EDITION_BUILD.EDITION_ID.eq(edition), EDITION_BUILD.TIER_ID.eq(tier))
                .orderBy(EDITION_BUILD.POSITION)
                .forUpdate()
                .fetch();
    }

    public Optional<VariantState> variant(UUID edition, UUID build) {
        return forUpdate(edition, build).map(row -> {
            var states = new TreeMap<UUID, LineState>();
            lines.of(edition).getOrDefault(build, List.of()).forEach(l -> states.put(l.id(), l.state()));
            return new VariantState(row.getTierId(), state(row), states, answers.of(edition, build));
        });
    }

    /** Brings a variant in, with its lines. */
    public void add(UUID edition, UUID build, VariantState state) {
        db.insertInto(BUILD)
                .set(BUILD.ID, build)
                .set(BUILD.TIER_ID, state.tier())
                .onConflictDoNothing()
                .execute();
        db.insertInto(EDITION_BUILD)
                .set(EDITION_BUILD.EDITION_ID, edition)
                .set(EDITION_BUILD.BUILD_ID, build)
                .set(EDITION_BUILD.TIER_ID, state.tier())
                .set(EDITION_BUILD.POSITION, state.build().position())
                .set(EDITION_BUILD.NAME, state.build().name())
                .set(EDITION_BUILD.NOTE, state.build().note())
                .set(EDITION_BUILD.POLICY, TierRows.stored(state.build().policy()))
                .set(EDITION_BUILD.EXTRAS, TierRows.stored(state.build().extras()))
                .execute();
        state.lines().forEach((id, line) -> lines.write(edition, id, Optional.of(line)));
        state.answers().forEach(answer -> answers.write(edition, answer.id(), Optional.of(answer)));
    }

    /** Takes a variant with its lines out; the lead of a tier stays, and so does what others follow. */
    public void remove(UUID edition, UUID build) {
        refuseFollowed(edition, List.of(build));
        var row = forUpdate(edition, build).orElseThrow(() -> new NotFound("This build is gone already."));
        RuleBroken.unless(row.getPosition() > 0, "Only a variant can be removed; a tier keeps its main build.");
        delete(row);
        var left = ofTier(edition, row.getTierId());
        for (int i = 0; i < left.size(); i++) {
            left.get(i).setPosition(i);
            left.get(i).update();
        }
    }

    /** Takes all of some builds out, leads and variants, which only each other may follow. */
    public void removeAll(UUID edition, List<UUID> all) {
        refuseFollowed(edition, all);
        all.forEach(build -> forUpdate(edition, build).ifPresent(this::delete));
    }

    private void delete(EditionBuildRecord row) {
        lines.of(row.getEditionId())
                .getOrDefault(row.getBuildId(), List.of())
                .forEach(line -> lines.write(row.getEditionId(), line.id(), Optional.empty()));
        row.delete();
    }

    private void refuseFollowed(UUID edition, List<UUID> going) {
        var following = lines.following(edition);
        var all = lines.of(edition);
        var own = going.stream()
                .flatMap(b -> all.getOrDefault(b, List.of()).stream())
                .toList();
        var ids = own.stream().map(LineRows.StoredLine::id).collect(Collectors.toSet());
        for (var row : own) {
            RuleBroken.unless(
                    ids.containsAll(following.of(row.id())),
                    "Other builds follow %s of this one; let them go first.",
                    row.state().slot().label());
        }
    }

    /** A number that changes with the frame or any line of a build. */
    public int stamp(EditionBuildRecord row) {
        return stamp(
                row.getVersion(),
                lines.of(row.getEditionId()).getOrDefault(row.getBuildId(), List.of()).stream()
                        .map(LineRows.StoredLine::version)
                        .toList());
    }

    public static int stamp(int frame, List<Integer> lines) {
        return Objects.hash(frame, lines) & 0xFFFFFFF;
    }

    /** How many builds a tier has. */
    public int many(UUID edition, UUID tier) {
        return db.fetchCount(EDITION_BUILD, EDITION_BUILD.EDITION_ID.eq(edition), EDITION_BUILD.TIER_ID.eq(tier));
    }

    public EditionState note(UUID edition) {
        return db.select(EDITION.NOTE, EDITION.CHARTS)
                .from(EDITION)
                .where(EDITION.ID.eq(edition))
                .fetchSingle(r -> new EditionState(
                        r.value1(), List.of(Json.read(r.value2().data(), ChartChoice[].class))));
    }

    public void note(UUID edition, EditionState state) {
        db.update(EDITION)
                .set(EDITION.NOTE, state.note())
                .set(EDITION.CHARTS, Json.jsonb(state.charts()))
                .set(EDITION.VERSION, EDITION.VERSION.plus(1))
                .where(EDITION.ID.eq(edition))
                .execute();
    }
}
