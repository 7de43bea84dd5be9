package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A processor, boxed or not. */
public record Processor(
        @FigureLabel(value = "family", brief = false, group = "speed")
        Figure<String> family,

        @FigureLabel(value = "socket", group = "connections")
        Figure<String> socket,

        @FigureLabel(
                value = "last year of new CPUs for the socket",
                most = 2200,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> socketUntil,

        @FigureLabel(value = "cores", most = 512, better = Better.MORE, group = "speed", essential = true)
        Figure<Integer> cores,

        @FigureLabel(
                value = "threads",
                most = 1024,
                brief = false,
                better = Better.MORE,
                group = "speed",
                essential = true)
        Figure<Integer> threads,

        @FigureLabel(
                value = "boost clock",
                unit = "MHz",
                most = 20000,
                brief = false,
                better = Better.MORE,
                group = "speed",
                essential = true)
        Figure<Integer> boost,

        @FigureLabel(value = "cache", unit = "MB", most = 4096, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> cache,

        @FigureLabel(value = "maximum power", unit = "W", most = 2000, better = Better.LESS, group = "power")
        Figure<Integer> limit,

        @FigureLabel(value = "TDP", unit = "W", most = 2000, brief = false, better = Better.LESS, group = "power")
        Figure<Integer> nominal,

        @FigureLabel(value = "unlocked", brief = false, group = "speed")
        Figure<Boolean> unlocked,

        @FigureLabel(value = "integrated graphics", group = "speed", essential = true)
        Figure<Boolean> graphics,

        @FigureLabel(value = "boxed cooler", group = "care") Figure<Boolean> coolerInBox,

        @FigureLabel(
                value = "official memory speed",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeed,

        @FigureLabel(
                value = "official memory speed with four modules",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeedFour,

        @FigureLabel(
                value = "official memory speed with dual-rank modules",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeedTwoRanks,

        @FigureLabel(
                value = "official memory speed with four dual-rank modules",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeedFourTwoRanks,

        @FigureLabel(
                value = "maximum memory",
                unit = "GB",
                most = 100000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memoryMost,

        @FigureLabel(
                value = "PCIe lanes for graphics cards",
                most = 16,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> cardLanes,

        @FigureLabel(value = "PCIe generation", most = 9, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> generation,

        @FigureLabel(value = "M.2 slots it disables", brief = false, group = "connections", onlyWhereSo = true)
        Figure<Set<String>> leavesDead,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @FigureLabel(value = "chip", brief = false, group = "speed")
        Figure<String> chip,

        @FigureLabel(
                value = "usual top memory speed of the family",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memoryCeiling,

        @FigureLabel(
                value = "cooling capacity of the boxed cooler",
                unit = "W",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "care")
        Figure<Integer> boxedCooler,

        @FigureLabel(value = "BIOS version that fixes a published fault", brief = false, group = "care")
        Figure<String> safeFirmware,

        @FigureLabel(value = "published fault", brief = false, group = "care", onlyWhereSo = true)
        Figure<String> fault,

        @FigureLabel(value = "supported by current operating systems", brief = false, group = "care")
        Figure<Boolean> supportedBySystem,

        @FigureLabel(value = "ECC support", brief = false, better = Better.MORE, group = "speed")
        Figure<Boolean> corrects)
        implements Spec {}
