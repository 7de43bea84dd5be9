package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** Cables. */
public record Cables(
        @Shown(value = "plugs", group = "connections") Figure<Set<String>> plugs,

        @Shown(value = "length", unit = "cm", most = 5000, group = "size")
        Figure<Integer> length,

        @Shown(value = "colour", group = "looks") Figure<String> colour)
        implements Spec {}
