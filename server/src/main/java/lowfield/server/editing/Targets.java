package lowfield.server.editing;

import java.util.Optional;
import java.util.UUID;
import lowfield.server.edition.AnswerRows;
import lowfield.server.edition.AnswerState;
import lowfield.server.edition.BuildRows;
import lowfield.server.edition.BuildState;
import lowfield.server.edition.EditionState;
import lowfield.server.edition.LineRows;
import lowfield.server.edition.LineState;
import lowfield.server.edition.TextRows;
import lowfield.server.edition.TextState;
import lowfield.server.edition.TierBlocks;
import lowfield.server.edition.TierOrder;
import lowfield.server.edition.TierState;
import lowfield.server.edition.VariantState;
import lowfield.server.guide.TierForm;
import lowfield.server.guide.TierRows;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import org.springframework.stereotype.Component;

/** How the state of each kind of target is read and written, so that the journal can bring any of them back. */
@Component
class Targets {
    private final LineRows lines;
    private final TierRows tiers;
    private final BuildRows builds;
    private final TierBlocks blocks;
    private final AnswerRows answers;
    private final TextRows texts;

    Targets(LineRows lines, TierRows tiers, BuildRows builds, TierBlocks blocks, AnswerRows answers, TextRows texts) {
        this.texts = texts;
        this.answers = answers;
        this.blocks = blocks;
        this.lines = lines;
        this.tiers = tiers;
        this.builds = builds;
    }

    /** The state as it stands, as JSON; absent when the target does not exist. */
    Optional<String> read(Target target, UUID edition, UUID id) {
        return switch (target) {
            case LINE -> lines.forUpdate(edition, id).map(r -> Json.write(r.state()));
            case TIER -> tiers.forUpdate(edition, id).map(r -> Json.write(TierRows.form(r)));
            case BUILD -> builds.forUpdate(edition, id).map(r -> Json.write(BuildRows.state(r)));
            case VARIANT -> builds.variant(edition, id).map(Json::write);
            case EDITION -> Optional.of(Json.write(builds.note(edition)));
            case WHOLE_TIER -> blocks.read(edition, id).map(Json::write);
            case TIER_ORDER -> Optional.of(Json.write(blocks.order(edition)));
            case ANSWER -> answers.read(edition, id).map(Json::write);
            case TEXT -> texts.read(edition, id).map(Json::write);
        };
    }

    /** Writes a state, or takes the target out. */
    void write(Target target, UUID edition, UUID id, Optional<String> state) {
        switch (target) {
            case LINE -> lines.write(edition, id, state.map(s -> Json.read(s, LineState.class)));
            case TIER -> state.ifPresent(s -> writeTier(edition, id, Json.read(s, TierForm.class)));
            case BUILD -> state.ifPresent(s -> builds.write(edition, id, Json.read(s, BuildState.class)));
            case VARIANT ->
                state.ifPresentOrElse(
                        s -> builds.add(edition, id, Json.read(s, VariantState.class)),
                        () -> builds.remove(edition, id));
            case EDITION -> state.ifPresent(s -> builds.note(edition, Json.read(s, EditionState.class)));
            case WHOLE_TIER ->
                state.ifPresentOrElse(
                        s -> blocks.add(edition, id, Json.read(s, TierState.class)), () -> blocks.remove(edition, id));
            case TIER_ORDER -> state.ifPresent(s -> blocks.order(edition, Json.read(s, TierOrder.class)));
            case ANSWER -> answers.write(edition, id, state.map(s -> Json.read(s, AnswerState.class)));
            case TEXT -> texts.write(edition, id, state.map(s -> Json.read(s, TextState.class)));
        }
    }

    void writeTier(UUID edition, UUID tier, TierForm form) {
        var row = tiers.forUpdate(edition, tier).orElseThrow(() -> new NotFound("There is no such tier."));
        TierRows.fill(row, form);
        row.setVersion(row.getVersion() + 1);
        row.update();
    }
}
