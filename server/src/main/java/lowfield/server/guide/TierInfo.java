package lowfield.server.guide;

import java.util.List;
import java.util.UUID;

/** A tier as one edition has it, with its builds, the lead first. */
public record TierInfo(UUID id, TierForm form, List<BuildInfo> builds, int version) {
    /** A build's lineage and its name in this edition. */
    public record BuildInfo(UUID id, String name) {}
}
