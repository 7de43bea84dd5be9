package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A headset. */
public record Headset(
        @FigureLabel(value = "plug", group = "connections") Figure<String> plug,

        @FigureLabel(value = "wireless", group = "connections")
        Figure<Boolean> wireless,

        @FigureLabel(value = "microphone", group = "connections")
        Figure<Boolean> microphone,

        @FigureLabel(value = "weight", unit = "g", most = 5000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> weight,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour)
        implements Spec {}
