package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A headset. */
public record Headset(
        @Shown(value = "plug", group = "connections") Figure<String> plug,
        @Shown(value = "wireless", group = "connections") Figure<Boolean> wireless,
        @Shown(value = "microphone", group = "connections") Figure<Boolean> microphone,

        @Shown(value = "weight", unit = "g", most = 5000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> weight,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour)
        implements Spec {}
