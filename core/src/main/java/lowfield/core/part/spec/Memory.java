package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A kit of memory modules. */
public record Memory(
        @Shown(value = "generation", group = "speed") Figure<String> generation,

        @Shown(value = "kind", brief = false, group = "connections")
        Figure<String> kind,

        @Shown(value = "number of modules", most = 32, brief = false, group = "size")
        Figure<Integer> modules,

        @Shown(
                value = "size of a module",
                unit = "GB",
                most = 1024,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> moduleSize,

        @Shown(value = "speed", unit = "MT/s", most = 50000, better = Better.MORE, group = "speed")
        Figure<Integer> speed,

        @Shown(value = "speed without its profile", unit = "MT/s", most = 50000, brief = false, group = "speed")
        Figure<Integer> baseSpeed,

        @Shown(value = "latency (CL)", most = 100, brief = false, better = Better.LESS, group = "speed")
        Figure<Integer> latency,

        @Shown(value = "ranks of a module", most = 8, brief = false, group = "speed")
        Figure<Integer> ranks,

        @Shown(value = "height", unit = "mm", most = 200, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> height,

        @Shown(value = "kit number", brief = false, group = "care")
        Figure<String> kit,

        @Shown(value = "error correction", brief = false, group = "speed")
        Figure<Boolean> corrects,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @Shown(value = "lit", brief = false, group = "looks")
        Figure<Boolean> lit,

        @Shown(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty)
        implements Spec {}
