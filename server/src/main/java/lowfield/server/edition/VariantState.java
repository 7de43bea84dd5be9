package lowfield.server.edition;

import java.util.List;
import java.util.SortedMap;
import java.util.UUID;

/** A variant as it comes and goes: the tier it is in, what is said of it, all its lines, and what was answered to its findings. */
public record VariantState(UUID tier, BuildState build, SortedMap<UUID, LineState> lines, List<AnswerState> answers) {}
