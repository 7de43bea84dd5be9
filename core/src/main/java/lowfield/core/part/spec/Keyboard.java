package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A keyboard. */
public record Keyboard(
        @FigureLabel(value = "layout", group = "size") Figure<String> layout,
        @FigureLabel(value = "switches", group = "speed") Figure<String> switches,

        @FigureLabel(value = "wireless", group = "connections")
        Figure<Boolean> wireless,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour)
        implements Spec {}
