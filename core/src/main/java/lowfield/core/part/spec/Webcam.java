package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A webcam. */
public record Webcam(
        @Shown(value = "resolution", group = "speed") Figure<String> resolution,

        @Shown(value = "pictures", unit = "Hz", most = 1000, better = Better.MORE, group = "speed")
        Figure<Integer> rate,

        @Shown(value = "microphone", brief = false, group = "connections")
        Figure<Boolean> microphone)
        implements Spec {}
