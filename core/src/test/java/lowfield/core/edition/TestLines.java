package lowfield.core.edition;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.reason.Reason;

/** Lines as an author might have left them otherwise. */
public final class TestLines {
    private TestLines() {}

    /** A line with another reason. */
    public static LinePlan because(LinePlan line, Reason reason) {
        return with(line, reason, line.options(), line.follows());
    }

    /** A line with these options. */
    public static LinePlan offering(LinePlan line, Option... options) {
        return with(line, line.reason(), List.of(options), line.follows());
    }

    /** A line that takes its choice from another. */
    public static LinePlan following(LinePlan line, UUID source) {
        return with(line, line.reason(), line.options(), Optional.of(source));
    }

    private static LinePlan with(LinePlan line, Reason reason, List<Option> options, Optional<UUID> follows) {
        return new LinePlan(
                line.id(),
                line.slot(),
                line.choice(),
                line.quantity(),
                line.isCounted(),
                line.place(),
                line.meant(),
                line.held(),
                reason,
                options,
                line.compared(),
                follows);
    }
}
