package lowfield.core.proofreading;

import java.util.List;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;

/** A part that a text may speak of, with its figures; {@code name} is how it is told to the author. */
public record Subject(Role role, Part part, List<KnownFigure> figures) {
    public enum Role {
        /** What stands on the line. */
        CHOICE,
        /** Its alternatives, upgrades, and the other members of its set. */
        OPTION,
        /** In the same slot of the tier below, above, or of the main build. */
        NEIGHBOUR,
        /** In the same slot of the last edition. */
        LAST,
        /** In another slot of the same build. */
        ELSEWHERE,
        /** Only named in the text. */
        NAMED
    }

    public Subject {
        figures = List.copyOf(figures);
    }

    /** By the part, whose figures are many. */
    @Override
    public int hashCode() {
        return part.id().hashCode();
    }

    /** Whether a figure of it is about parts of another kind, like the clearance of a case for the card. */
    public boolean speaksOf(Kind kind) {
        return figures.stream().anyMatch(f -> PartFigures.speaksOf(kind, f.label()));
    }

    public String name() {
        return part.fullName();
    }
}
