package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A mouse. */
public record Mouse(
        @FigureLabel(value = "weight", unit = "g", most = 1000, better = Better.LESS, group = "size")
        Figure<Integer> weight,

        @FigureLabel(value = "handedness", group = "size") Figure<String> hand,

        @FigureLabel(
                value = "resolution",
                unit = "dpi",
                most = 100000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> resolution,

        @FigureLabel(value = "wireless", group = "connections")
        Figure<Boolean> wireless,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour)
        implements Spec {}
