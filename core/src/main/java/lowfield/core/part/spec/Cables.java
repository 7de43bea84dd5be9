package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** Cables. */
public record Cables(
        @FigureLabel(value = "plugs", group = "connections") Figure<Set<String>> plugs,

        @FigureLabel(value = "length", unit = "cm", most = 5000, group = "size")
        Figure<Integer> length,

        @FigureLabel(value = "colour", group = "looks") Figure<String> colour)
        implements Spec {}
