package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** Thermal paste. */
public record Paste(
        @FigureLabel(value = "weight", unit = "g", most = 1000, group = "size")
        Figure<Integer> weight,

        @FigureLabel(value = "conducts electricity", brief = false, better = Better.LESS, group = "care")
        Figure<Boolean> conducts)
        implements Spec {}
