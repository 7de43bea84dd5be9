package lowfield.server.bench;

import java.util.SortedMap;
import java.util.UUID;

/** A variant as it comes and goes: the tier it is in, what is said of it, and all its lines. */
record VariantState(UUID tier, BuildState build, SortedMap<UUID, LineState> lines) {}
