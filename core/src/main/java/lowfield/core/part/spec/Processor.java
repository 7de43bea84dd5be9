package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A processor, boxed or not. */
public record Processor(
        @Shown(value = "family", brief = false, group = "speed")
        Figure<String> family,

        @Shown(value = "socket", group = "connections") Figure<String> socket,

        @Shown(
                value = "last year of new processors for the socket",
                most = 2200,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> socketUntil,

        @Shown(value = "cores", most = 512, better = Better.MORE, group = "speed")
        Figure<Integer> cores,

        @Shown(value = "threads", most = 1024, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> threads,

        @Shown(value = "boost", unit = "MHz", most = 20000, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> boost,

        @Shown(value = "cache", unit = "MB", most = 4096, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> cache,

        @Shown(value = "limit at board defaults", unit = "W", most = 2000, better = Better.LESS, group = "power")
        Figure<Integer> limit,

        @Shown(value = "nominal limit", unit = "W", most = 2000, brief = false, better = Better.LESS, group = "power")
        Figure<Integer> nominal,

        @Shown(value = "unlocked", brief = false, group = "speed")
        Figure<Boolean> unlocked,

        @Shown(value = "graphics", group = "speed") Figure<Boolean> graphics,
        @Shown(value = "cooler in the box", group = "care") Figure<Boolean> coolerInBox,

        @Shown(
                value = "official memory speed",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeed,

        @Shown(
                value = "official memory speed with four modules",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeedFour,

        @Shown(
                value = "official memory speed with modules of two ranks",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeedTwoRanks,

        @Shown(
                value = "official memory speed with four modules of two ranks",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memorySpeedFourTwoRanks,

        @Shown(value = "most memory", unit = "GB", most = 100000, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> memoryMost,

        @Shown(value = "lanes for the card", most = 16, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> cardLanes,

        @Shown(value = "PCIe generation", most = 9, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> generation,

        @Shown(value = "drive slots it leaves dead", brief = false, group = "connections")
        Figure<Set<String>> leavesDead,

        @Shown(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @Shown(value = "chip", brief = false, group = "speed")
        Figure<String> chip,

        @Shown(
                value = "usual memory ceiling of the family",
                unit = "MT/s",
                most = 50000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> memoryCeiling,

        @Shown(
                value = "cooling power of the boxed cooler",
                unit = "W",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "care")
        Figure<Integer> boxedCooler,

        @Shown(value = "BIOS version that mends a published fault", brief = false, group = "care")
        Figure<String> safeFirmware,

        @Shown(value = "published fault", brief = false, group = "care")
        Figure<String> fault,

        @Shown(value = "supported by current operating systems", brief = false, group = "care")
        Figure<Boolean> supportedBySystem,

        @Shown(value = "runs error correction", brief = false, better = Better.MORE, group = "speed")
        Figure<Boolean> corrects)
        implements Spec {}
