package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A mouse. */
public record Mouse(
        @Shown(value = "weight", unit = "g", most = 1000, better = Better.LESS, group = "size")
        Figure<Integer> weight,

        @Shown(value = "hand", group = "size") Figure<String> hand,

        @Shown(value = "resolution", unit = "dpi", most = 100000, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> resolution,

        @Shown(value = "wireless", group = "connections") Figure<Boolean> wireless,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour)
        implements Spec {}
