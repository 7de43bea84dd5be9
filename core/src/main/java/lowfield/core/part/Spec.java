package lowfield.core.part;

import java.util.Set;

/**
 * The figures of a part, one record a kind; the record is the only definition of the kind's specification. Lengths are
 * millimetres, powers watts, capacities gigabytes.
 */
public sealed interface Spec {
    record GraphicsCard(
            @Shown("chip") Figure<String> chip,

            @Shown(value = "memory", unit = "GB", most = 256)
            Figure<Integer> memory,

            @Shown(value = "board power", unit = "W", most = 2000)
            Figure<Integer> boardPower,

            @Shown(value = "length", unit = "mm", most = 1000)
            Figure<Integer> length,

            @Shown(brief = false, value = "thickness", unit = "mm", most = 300)
            Figure<Integer> thickness,

            @Shown(value = "power connectors") Figure<String> connectors,

            @Shown(brief = false, value = "recommended supply", unit = "W", most = 5000)
            Figure<Integer> recommendedSupply,

            @Shown(value = "lanes", most = 16) Figure<Integer> lanes)
            implements Spec {}

    record Processor(
            @Shown("socket") Figure<String> socket,
            @Shown(value = "cores", most = 512) Figure<Integer> cores,

            @Shown(brief = false, value = "threads", most = 1024)
            Figure<Integer> threads,

            @Shown(value = "limit at board defaults", unit = "W", most = 2000)
            Figure<Integer> limit,

            @Shown("graphics") Figure<Boolean> graphics,
            @Shown("cooler in the box") Figure<Boolean> coolerInBox)
            implements Spec {}

    record Motherboard(
            @Shown("socket") Figure<String> socket,
            @Shown("format") Figure<String> format,
            @Shown("memory generation") Figure<String> memoryGeneration,
            @Shown(value = "memory slots", most = 32) Figure<Integer> memorySlots,

            @Shown(brief = false, value = "drive slots (M.2)", most = 16)
            Figure<Integer> driveSlots,

            @Shown(brief = false, value = "radio on board") Figure<Boolean> radio)
            implements Spec {}

    record Memory(
            @Shown("generation") Figure<String> generation,
            @Shown(value = "modules", most = 32) Figure<Integer> modules,

            @Shown(value = "size of a module", unit = "GB", most = 1024)
            Figure<Integer> moduleSize,

            @Shown(value = "speed", unit = "MT/s", most = 50_000)
            Figure<Integer> speed)
            implements Spec {}

    record Cooler(
            @Shown("sockets") Figure<Set<String>> sockets,
            @Shown("type") Figure<String> type,

            @Shown(value = "height", unit = "mm", most = 500)
            Figure<Integer> height)
            implements Spec {}

    record Drive(
            @Shown("type") Figure<String> type,

            @Shown(value = "capacity", unit = "GB", most = 1_000_000)
            Figure<Integer> capacity,

            @Shown("shape") Figure<String> shape,
            @Shown("protocol") Figure<String> protocol)
            implements Spec {}

    record PowerSupply(
            @Shown(value = "rating", unit = "W", most = 10_000)
            Figure<Integer> rating,

            @Shown("class") Figure<String> efficiency,
            @Shown("standard") Figure<String> standard,

            @Shown(value = "length", unit = "mm", most = 1000)
            Figure<Integer> length)
            implements Spec {}

    record Case(
            @Shown("board formats") Figure<Set<String>> formats,

            @Shown(value = "card length", unit = "mm", most = 2000)
            Figure<Integer> cardLength,

            @Shown(brief = false, value = "card length is with")
            Figure<String> cardLengthBasis,

            @Shown(brief = false, value = "cooler height", unit = "mm", most = 1000)
            Figure<Integer> coolerHeight,

            @Shown(value = "fans included", most = 30) Figure<Integer> fans)
            implements Spec {}

    record Fan(
            @Shown(value = "size", unit = "mm", most = 500) Figure<Integer> size,
            @Shown(value = "fans in the pack", most = 20) Figure<Integer> count)
            implements Spec {}

    record Screen(
            @Shown(value = "diagonal", unit = "in", most = 200)
            Figure<Integer> diagonal,

            @Shown("resolution") Figure<String> resolution,

            @Shown(value = "refresh", unit = "Hz", most = 2000)
            Figure<Integer> refresh)
            implements Spec {}

    /** A kind of which no check reads a figure yet. */
    record Plain(@Shown("note") Figure<String> note) implements Spec {}
}
