package lowfield.server.edition;

import java.util.SortedMap;
import java.util.UUID;
import lowfield.server.guide.TierForm;

/** A tier as it comes and goes: what is said of it, where it stands, and its builds with their lines. */
public record TierState(TierForm form, int position, SortedMap<UUID, VariantState> builds) {}
