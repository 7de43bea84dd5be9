package lowfield.core.attention;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;

/**
 * Where something wants attention: a build, or one of its lines.
 *
 * @param name "Mate", or "Mate, the other platform" for a variant
 * @param slot the line's; empty for a whole build
 * @param isOwn whether it is decided here, and not at a line that this one follows
 */
public record At(UUID tier, String name, UUID build, Optional<UUID> line, String slot, boolean isOwn) {
    static At build(EvaluatedTier tier, EvaluatedBuild build) {
        return new At(tier.id(), tier.nameOf(build.id()), build.id(), Optional.empty(), "", true);
    }

    static At line(EvaluatedEdition.Place place) {
        return new At(
                place.tier().id(),
                place.name(),
                place.build().id(),
                Optional.of(place.line().id()),
                place.line().slot().label(),
                place.line().plan().isOwn());
    }

    /** The same, for what is decided at any line it touches. */
    At decidedHere() {
        return new At(tier, name, build, line, slot, true);
    }
}
