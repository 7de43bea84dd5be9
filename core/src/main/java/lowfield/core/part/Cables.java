package lowfield.core.part;

import java.util.Set;

/** Cables. */
public record Cables(
        @Shown(value = "plugs", group = "connections") Figure<Set<String>> plugs,

        @Shown(value = "length", unit = "cm", most = 5000, group = "size")
        Figure<Integer> length,

        @Shown(value = "colour", group = "looks") Figure<String> colour)
        implements Spec {}
