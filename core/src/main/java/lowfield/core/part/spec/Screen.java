package lowfield.core.part.spec;

import java.util.List;
import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;
import lowfield.core.part.VideoPort;

/** A screen. */
public record Screen(
        @FigureLabel(value = "diagonal", unit = "in", most = 200, group = "size", essential = true)
        Figure<Integer> diagonal,

        @FigureLabel(value = "resolution", group = "speed", essential = true)
        Figure<String> resolution,

        @FigureLabel(
                value = "refresh rate",
                unit = "Hz",
                most = 2000,
                better = Better.MORE,
                group = "speed",
                essential = true)
        Figure<Integer> refresh,

        @FigureLabel(value = "panel type", brief = false, group = "speed", essential = true)
        Figure<String> panel,

        @FigureLabel(
                value = "link needed",
                unit = "Gbit/s",
                most = 1000,
                brief = false,
                better = Better.LESS,
                group = "connections")
        Figure<Integer> link,

        @FigureLabel(value = "inputs", brief = false, group = "connections")
        Figure<Set<String>> inputs,

        @FigureLabel(value = "VRR", brief = false, group = "connections")
        Figure<Set<String>> adaptive,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @FigureLabel(value = "video inputs", brief = false, group = "connections")
        Figure<List<VideoPort>> videoInputs)
        implements Spec {}
