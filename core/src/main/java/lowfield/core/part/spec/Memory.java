package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A kit of memory modules. */
public record Memory(
        @FigureLabel(value = "generation", group = "speed", essential = true)
        Figure<String> generation,

        @FigureLabel(value = "module type", brief = false, group = "connections")
        Figure<String> kind,

        @FigureLabel(value = "modules", most = 32, brief = false, group = "size", essential = true)
        Figure<Integer> modules,

        @FigureLabel(
                value = "module size",
                unit = "GB",
                most = 1024,
                brief = false,
                better = Better.MORE,
                group = "size",
                essential = true)
        Figure<Integer> moduleSize,

        @FigureLabel(
                value = "memory profile speed",
                unit = "MT/s",
                most = 50000,
                better = Better.MORE,
                group = "speed",
                essential = true)
        Figure<Integer> speed,

        @FigureLabel(value = "JEDEC speed", unit = "MT/s", most = 50000, brief = false, group = "speed")
        Figure<Integer> baseSpeed,

        @FigureLabel(value = "CL", most = 100, brief = false, better = Better.LESS, group = "speed")
        Figure<Integer> latency,

        @FigureLabel(value = "ranks per module", most = 8, brief = false, group = "speed")
        Figure<Integer> ranks,

        @FigureLabel(value = "height", unit = "mm", most = 200, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> height,

        @FigureLabel(value = "kit number", brief = false, group = "care", onlyWhereSo = true)
        Figure<String> kit,

        @FigureLabel(value = "ECC", brief = false, group = "speed")
        Figure<Boolean> corrects,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @FigureLabel(value = "RGB lighting", brief = false, group = "looks")
        Figure<Boolean> lit,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty)
        implements Spec {}
