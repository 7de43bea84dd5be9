package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A processor cooler, of air or liquid. */
public record Cooler(
        @FigureLabel(value = "type", group = "size", essential = true)
        Figure<String> type,

        @FigureLabel(value = "sockets", group = "connections")
        Figure<Set<String>> sockets,

        @FigureLabel(
                value = "cooling capacity",
                unit = "W",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "speed",
                essential = true)
        Figure<Integer> capacity,

        @FigureLabel(value = "height", unit = "mm", most = 500, better = Better.LESS, group = "size")
        Figure<Integer> height,

        @FigureLabel(value = "radiator", unit = "mm", most = 1000, group = "size", onlyWhereSo = true)
        Figure<Integer> radiator,

        @FigureLabel(
                value = "radiator thickness with fans",
                unit = "mm",
                most = 300,
                brief = false,
                better = Better.LESS,
                group = "size")
        Figure<Integer> radiatorThickness,

        @FigureLabel(
                value = "tube length",
                unit = "mm",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> tube,

        @FigureLabel(
                value = "memory clearance",
                unit = "mm",
                most = 200,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> memoryClearance,

        @FigureLabel(value = "front fan can be raised", brief = false, group = "size")
        Figure<Boolean> fanRises,

        @FigureLabel(value = "thermal paste in the box", brief = false, better = Better.MORE, group = "care")
        Figure<Boolean> paste,

        @FigureLabel(value = "noise", unit = "dB", most = 120, brief = false, better = Better.LESS, group = "care")
        Figure<Integer> noise,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @FigureLabel(value = "RGB lighting", brief = false, group = "looks", onlyWhereSo = true)
        Figure<String> lightingPlug,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @FigureLabel(value = "width", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> width,

        @FigureLabel(value = "depth", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> depth,

        @FigureLabel(value = "offset from the socket centre", unit = "mm", most = 200, brief = false, group = "size")
        Figure<Integer> offset,

        @FigureLabel(value = "reaches over the first expansion slot", brief = false, group = "size", onlyWhereSo = true)
        Figure<Boolean> overFirstSlot,

        @FigureLabel(
                value = "sockets whose bracket is sold separately",
                brief = false,
                group = "connections",
                onlyWhereSo = true)
        Figure<Set<String>> bracketSeparate,

        @FigureLabel(value = "radiator length", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> radiatorLength,

        @FigureLabel(value = "radiator width", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> radiatorWidth,

        @FigureLabel(value = "radiator thickness", unit = "mm", most = 200, brief = false, group = "size")
        Figure<Integer> radiatorAlone,

        @FigureLabel(value = "fan thickness", unit = "mm", most = 100, brief = false, group = "size")
        Figure<Integer> fanThickness,

        @FigureLabel(
                value = "USB 2.0 headers it needs",
                most = 10,
                brief = false,
                group = "connections",
                onlyWhereSo = true)
        Figure<Integer> usb2Headers,

        @FigureLabel(value = "SATA plugs it needs", most = 10, brief = false, group = "connections", onlyWhereSo = true)
        Figure<Integer> sataPlugs,

        @FigureLabel(value = "pump no higher than the radiator", brief = false, group = "size")
        Figure<Boolean> pumpBelowRadiator)
        implements Spec {}
