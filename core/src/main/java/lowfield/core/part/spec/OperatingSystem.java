package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** An operating system. */
public record OperatingSystem(
        @FigureLabel(value = "licence", group = "care") Figure<String> licence,
        @FigureLabel(value = "delivery", group = "care") Figure<String> delivery,

        @FigureLabel(value = "needs TPM 2.0", brief = false, group = "care")
        Figure<Boolean> needsTpm)
        implements Spec {}
