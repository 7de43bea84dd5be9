package lowfield.core.part.spec;

import java.util.List;
import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;
import lowfield.core.part.VideoPort;

/** A graphics card: one chip on a maker's board. */
public record GraphicsCard(
        @Shown(value = "chip", group = "speed") Figure<String> chip,

        @Shown(value = "memory", unit = "GB", most = 256, better = Better.MORE, group = "speed")
        Figure<Integer> memory,

        @Shown(value = "memory type", brief = false, group = "speed")
        Figure<String> memoryType,

        @Shown(value = "lanes", most = 16, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> lanes,

        @Shown(value = "PCIe generation", most = 9, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> generation,

        @Shown(value = "board power", unit = "W", most = 2000, better = Better.LESS, group = "power")
        Figure<Integer> boardPower,

        @Shown(value = "spike", unit = "W", most = 5000, brief = false, better = Better.LESS, group = "power")
        Figure<Integer> spike,

        @Shown(value = "8-pin plugs", most = 6, brief = false, better = Better.LESS, group = "power")
        Figure<Integer> eightPins,

        @Shown(value = "12V-2x6 plug", brief = false, group = "power")
        Figure<Boolean> sixteenPin,

        @Shown(value = "8-pin plugs of the adapter in the box", most = 6, brief = false, group = "power")
        Figure<Integer> adapter,

        @Shown(
                value = "recommended supply",
                unit = "W",
                most = 5000,
                brief = false,
                better = Better.LESS,
                group = "power")
        Figure<Integer> recommendedSupply,

        @Shown(value = "length", unit = "mm", most = 1000, better = Better.LESS, group = "size")
        Figure<Integer> length,

        @Shown(value = "height", unit = "mm", most = 400, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> height,

        @Shown(value = "thickness", unit = "mm", most = 300, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> thickness,

        @Shown(value = "weight", unit = "g", most = 20000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> weight,

        @Shown(value = "bracket in the box", brief = false, better = Better.MORE, group = "size")
        Figure<Boolean> bracket,

        @Shown(value = "leans on resizable BAR", brief = false, group = "speed")
        Figure<Boolean> resizableBar,

        @Shown(value = "screen outputs", brief = false, group = "connections")
        Figure<Set<String>> outputs,

        @Shown(
                value = "fastest screen link",
                unit = "Gbit/s",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> link,

        @Shown(value = "adaptive refresh", brief = false, group = "connections")
        Figure<Set<String>> adaptive,

        @Shown(value = "noise", unit = "dB", most = 120, brief = false, better = Better.LESS, group = "care")
        Figure<Integer> noise,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @Shown(value = "lighting plug", brief = false, group = "looks")
        Figure<String> lightingPlug,

        @Shown(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @Shown(value = "slots covered", most = 6, brief = false, group = "size")
        Figure<Integer> slotsCovered,

        @Shown(value = "edge of the power plug", brief = false, group = "power")
        Figure<String> plugEdge,

        @Shown(value = "12V-2x6 power", unit = "W", most = 1000, brief = false, group = "power")
        Figure<Integer> sixteenPinWatts,

        @Shown(value = "powered by the motherboard's edge connector", brief = false, group = "power")
        Figure<Boolean> boardFed,

        @Shown(value = "video outputs with their payload", brief = false, group = "connections")
        Figure<List<VideoPort>> videoOutputs)
        implements Spec {}
