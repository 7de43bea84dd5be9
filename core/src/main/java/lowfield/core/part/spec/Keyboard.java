package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A keyboard. */
public record Keyboard(
        @Shown(value = "layout", group = "size") Figure<String> layout,
        @Shown(value = "switches", group = "speed") Figure<String> switches,
        @Shown(value = "wireless", group = "connections") Figure<Boolean> wireless,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour)
        implements Spec {}
