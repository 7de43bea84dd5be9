package lowfield.core.part.spec;

import java.util.List;
import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;
import lowfield.core.part.VideoPort;

/** A graphics card: one chip on a maker's board. */
public record GraphicsCard(
        @FigureLabel(value = "chip", group = "speed", essential = true)
        Figure<String> chip,

        @FigureLabel(value = "memory", unit = "GB", most = 256, better = Better.MORE, group = "speed", essential = true)
        Figure<Integer> memory,

        @FigureLabel(value = "memory type", brief = false, group = "speed")
        Figure<String> memoryType,

        @FigureLabel(value = "PCIe lanes", most = 16, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> lanes,

        @FigureLabel(value = "PCIe generation", most = 9, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> generation,

        @FigureLabel(value = "board power", unit = "W", most = 2000, better = Better.LESS, group = "power")
        Figure<Integer> boardPower,

        @FigureLabel(
                value = "power spike",
                unit = "W",
                most = 5000,
                brief = false,
                better = Better.LESS,
                group = "power")
        Figure<Integer> spike,

        @FigureLabel(value = "8-pin PCIe plugs", most = 6, brief = false, better = Better.LESS, group = "power")
        Figure<Integer> eightPins,

        @FigureLabel(value = "12V-2x6 plug", brief = false, group = "power")
        Figure<Boolean> sixteenPin,

        @FigureLabel(value = "8-pin plugs of the included adapter", most = 6, brief = false, group = "power")
        Figure<Integer> adapter,

        @FigureLabel(
                value = "recommended PSU",
                unit = "W",
                most = 5000,
                brief = false,
                better = Better.LESS,
                group = "power")
        Figure<Integer> recommendedSupply,

        @FigureLabel(value = "length", unit = "mm", most = 1000, better = Better.LESS, group = "size")
        Figure<Integer> length,

        @FigureLabel(value = "height", unit = "mm", most = 400, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> height,

        @FigureLabel(value = "thickness", unit = "mm", most = 300, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> thickness,

        @FigureLabel(value = "weight", unit = "g", most = 20000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> weight,

        @FigureLabel(value = "support bracket in the box", brief = false, better = Better.MORE, group = "size")
        Figure<Boolean> bracket,

        @FigureLabel(value = "needs resizable BAR for full speed", brief = false, group = "speed")
        Figure<Boolean> resizableBar,

        @FigureLabel(value = "monitor outputs", brief = false, group = "connections")
        Figure<Set<String>> outputs,

        @FigureLabel(
                value = "fastest monitor link",
                unit = "Gbit/s",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> link,

        @FigureLabel(value = "VRR", brief = false, group = "connections")
        Figure<Set<String>> adaptive,

        @FigureLabel(value = "noise", unit = "dB", most = 120, brief = false, better = Better.LESS, group = "care")
        Figure<Integer> noise,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @FigureLabel(value = "RGB lighting", brief = false, group = "looks", onlyWhereSo = true)
        Figure<String> lightingPlug,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @FigureLabel(value = "slots covered", most = 6, brief = false, group = "size")
        Figure<Integer> slotsCovered,

        @FigureLabel(value = "edge of the power plug", brief = false, group = "power")
        Figure<String> plugEdge,

        @FigureLabel(value = "12V-2x6 power", unit = "W", most = 1000, brief = false, group = "power")
        Figure<Integer> sixteenPinWatts,

        @FigureLabel(
                value = "powered by the motherboard's edge connector",
                brief = false,
                group = "power",
                onlyWhereSo = true)
        Figure<Boolean> boardFed,

        @FigureLabel(value = "video outputs with their payload", brief = false, group = "connections")
        Figure<List<VideoPort>> videoOutputs)
        implements Spec {}
