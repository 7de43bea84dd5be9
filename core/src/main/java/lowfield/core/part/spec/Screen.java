package lowfield.core.part.spec;

import java.util.List;
import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;
import lowfield.core.part.VideoPort;

/** A screen. */
public record Screen(
        @Shown(value = "diagonal", unit = "in", most = 200, group = "size")
        Figure<Integer> diagonal,

        @Shown(value = "resolution", group = "speed") Figure<String> resolution,

        @Shown(value = "refresh", unit = "Hz", most = 2000, better = Better.MORE, group = "speed")
        Figure<Integer> refresh,

        @Shown(value = "panel", brief = false, group = "speed")
        Figure<String> panel,

        @Shown(
                value = "link it needs",
                unit = "Gbit/s",
                most = 1000,
                brief = false,
                better = Better.LESS,
                group = "connections")
        Figure<Integer> link,

        @Shown(value = "inputs", brief = false, group = "connections")
        Figure<Set<String>> inputs,

        @Shown(value = "adaptive refresh", brief = false, group = "connections")
        Figure<Set<String>> adaptive,

        @Shown(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @Shown(value = "video inputs", brief = false, group = "connections")
        Figure<List<VideoPort>> videoInputs)
        implements Spec {}
