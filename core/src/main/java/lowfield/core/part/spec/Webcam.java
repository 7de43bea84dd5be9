package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A webcam. */
public record Webcam(
        @FigureLabel(value = "resolution", group = "speed") Figure<String> resolution,

        @FigureLabel(value = "frame rate", unit = "Hz", most = 1000, better = Better.MORE, group = "speed")
        Figure<Integer> rate,

        @FigureLabel(value = "microphone", brief = false, group = "connections")
        Figure<Boolean> microphone)
        implements Spec {}
