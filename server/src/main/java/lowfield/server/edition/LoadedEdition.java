package lowfield.server.edition;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.press.Publication;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.TierInfo;
import lowfield.server.platform.NotFound;

/**
 * An evaluated edition with what the database says beside it.
 *
 * @param last the guide's last published edition before this one
 * @param version changes with every choice, text, answer and name in the edition, and with nothing else
 */
public record LoadedEdition(
        GuideInfo guide,
        EditionInfo edition,
        Optional<Publication> last,
        EvaluatedEdition evaluated,
        Map<UUID, TierInfo> tierInfo,
        Map<UUID, TierInfo.BuildInfo> buildInfo,
        Map<UUID, LineRows.StoredLine> rows,
        int version) {
    public List<EvaluatedTier> tiers() {
        return evaluated.tiers();
    }

    public TierInfo info(EvaluatedTier tier) {
        return tierInfo.get(tier.id());
    }

    public TierInfo.BuildInfo info(EvaluatedBuild build) {
        return buildInfo.get(build.id());
    }

    /** What is stored of a line, with what it takes from the one it follows. */
    public LineState state(EvaluatedLine line) {
        return rows.get(line.id()).state();
    }

    /** The version of a line's own row. */
    public int version(EvaluatedLine line) {
        return rows.get(line.id()).version();
    }

    /** A number that changes with anything in the build: what one has read who takes it out. */
    public int stamp(EvaluatedBuild build) {
        return BuildRows.stamp(
                info(build).version(), build.lines().stream().map(this::version).toList());
    }

    /** A number that changes with anything in the tier. */
    public int stamp(EvaluatedTier tier) {
        return TierBlocks.stamp(
                info(tier).version(), tier.builds().stream().map(this::stamp).toList());
    }

    public EvaluatedTier tierOf(UUID build) {
        return evaluated.tierOf(build).orElseThrow(() -> new NotFound("There is no such build in this edition."));
    }

    /** A build by its id; another edition's is not found. */
    public EvaluatedBuild build(UUID build) {
        return evaluated.build(build).orElseThrow(() -> new NotFound("There is no such build in this edition."));
    }
}
