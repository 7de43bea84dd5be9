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
                value = "last year of new processors for the socket",
                most = 2200,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> socketUntil,

        @FigureLabel(value = "cores", most = 512, better = Better.MORE, group = "speed")
        Figure<Integer> cores,

        @FigureLabel(value = "threads", most = 1024, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> threads,

        @FigureLabel(value = "boost", unit = "MHz", most = 20000, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> boost,

        @FigureLabel(value = "cache", unit = "MB", most = 4096, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> cache,

        @FigureLabel(value = "limit at board defaults", unit = "W", most = 2000, better = Better.LESS, group = "power")
        Figure<Integer> limit,

        @FigureLabel(
                value = "nominal limit",
                unit = "W",
                most = 2000,
                brief = false,
                better = Better.LESS,
                group = "power")
        Figure<Integer> nominal,

        @FigureLabel(value = "unlocked", brief = false, group = "speed")
        Figure<Boolean> unlocked,

        @FigureLabel(value = "graphics", group = "speed") Figure<Boolean> graphics,

        @FigureLabel(value = "cooler in the box", group = "care")
        Figure<Boolean> coolerInBox,

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
                value = "official memory speed with modules of two ranks",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeedTwoRanks,

        @FigureLabel(
                value = "official memory speed with four modules of two ranks",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeedFourTwoRanks,

        @FigureLabel(
                value = "most memory",
                unit = "GB",
                most = 100000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memoryMost,

        @FigureLabel(
                value = "lanes for the card",
                most = 16,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> cardLanes,

        @FigureLabel(value = "PCIe generation", most = 9, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> generation,

        @FigureLabel(value = "drive slots it leaves dead", brief = false, group = "connections")
        Figure<Set<String>> leavesDead,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @FigureLabel(value = "chip", brief = false, group = "speed")
        Figure<String> chip,

        @FigureLabel(
                value = "usual memory ceiling of the family",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memoryCeiling,

        @FigureLabel(
                value = "cooling power of the boxed cooler",
                unit = "W",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "care")
        Figure<Integer> boxedCooler,

        @FigureLabel(value = "BIOS version that mends a published fault", brief = false, group = "care")
        Figure<String> safeFirmware,

        @FigureLabel(value = "published fault", brief = false, group = "care")
        Figure<String> fault,

        @FigureLabel(value = "supported by current operating systems", brief = false, group = "care")
        Figure<Boolean> supportedBySystem,

        @FigureLabel(value = "runs error correction", brief = false, better = Better.MORE, group = "speed")
        Figure<Boolean> corrects)
        implements Spec {}
