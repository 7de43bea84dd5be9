package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A processor cooler, of air or liquid. */
public record Cooler(
        @Shown(value = "type", group = "size") Figure<String> type,
        @Shown(value = "sockets", group = "connections") Figure<Set<String>> sockets,

        @Shown(value = "cools", unit = "W", most = 2000, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> capacity,

        @Shown(value = "height", unit = "mm", most = 500, better = Better.LESS, group = "size")
        Figure<Integer> height,

        @Shown(value = "radiator", unit = "mm", most = 1000, group = "size")
        Figure<Integer> radiator,

        @Shown(
                value = "thickness of the radiator with its fans",
                unit = "mm",
                most = 300,
                brief = false,
                better = Better.LESS,
                group = "size")
        Figure<Integer> radiatorThickness,

        @Shown(value = "tube length", unit = "mm", most = 2000, brief = false, better = Better.MORE, group = "size")
        Figure<Integer> tube,

        @Shown(
                value = "room over the memory",
                unit = "mm",
                most = 200,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> memoryClearance,

        @Shown(value = "front fan can be raised", brief = false, group = "size")
        Figure<Boolean> fanRises,

        @Shown(value = "paste in the box", brief = false, better = Better.MORE, group = "care")
        Figure<Boolean> paste,

        @Shown(value = "noise", unit = "dB", most = 120, brief = false, better = Better.LESS, group = "care")
        Figure<Integer> noise,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @Shown(value = "lighting plug", brief = false, group = "looks")
        Figure<String> lightingPlug,

        @Shown(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @Shown(value = "width", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> width,

        @Shown(value = "depth", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> depth,

        @Shown(value = "offset from the socket centre", unit = "mm", most = 200, brief = false, group = "size")
        Figure<Integer> offset,

        @Shown(value = "reaches over the first expansion slot", brief = false, group = "size")
        Figure<Boolean> overFirstSlot,

        @Shown(value = "sockets whose bracket is sold separately", brief = false, group = "connections")
        Figure<Set<String>> bracketSeparate,

        @Shown(value = "radiator length", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> radiatorLength,

        @Shown(value = "radiator width", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> radiatorWidth,

        @Shown(value = "radiator thickness", unit = "mm", most = 200, brief = false, group = "size")
        Figure<Integer> radiatorAlone,

        @Shown(value = "fan thickness", unit = "mm", most = 100, brief = false, group = "size")
        Figure<Integer> fanThickness,

        @Shown(value = "USB 2.0 headers it needs", most = 10, brief = false, group = "connections")
        Figure<Integer> usb2Headers,

        @Shown(value = "SATA plugs it needs", most = 10, brief = false, group = "connections")
        Figure<Integer> sataPlugs,

        @Shown(value = "pump no higher than the radiator", brief = false, group = "size")
        Figure<Boolean> pumpBelowRadiator)
        implements Spec {}
