package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A power supply. */
public record PowerSupply(
        @Shown(value = "rating", unit = "W", most = 10000, better = Better.MORE, group = "power")
        Figure<Integer> rating,

        @Shown(value = "class", group = "power") Figure<String> efficiency,

        @Shown(
                value = "efficiency at a fifth of the load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency20,

        @Shown(
                value = "efficiency at half the load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency50,

        @Shown(
                value = "efficiency at full load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency100,

        @Shown(value = "standard", group = "power") Figure<String> standard,

        @Shown(value = "trip level", unit = "W", most = 20000, brief = false, better = Better.MORE, group = "power")
        Figure<Integer> tripLevel,

        @Shown(value = "quality", brief = false, group = "power")
        Figure<String> quality,

        @Shown(value = "format", brief = false, group = "size")
        Figure<String> format,

        @Shown(value = "length", unit = "mm", most = 1000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> length,

        @Shown(value = "processor plugs (EPS)", most = 8, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> processorPlugs,

        @Shown(value = "8-pin plugs for cards", most = 16, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> eightPins,

        @Shown(value = "12V-2x6 plug of its own", brief = false, better = Better.MORE, group = "connections")
        Figure<Boolean> sixteenPin,

        @Shown(value = "SATA plugs", most = 40, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> sataPlugs,

        @Shown(value = "cables", brief = false, group = "connections")
        Figure<String> cables,

        @Shown(value = "noise", unit = "dB", most = 120, brief = false, better = Better.LESS, group = "care")
        Figure<Integer> noise,

        @Shown(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @Shown(value = "where the warranty is served", brief = false, group = "care")
        Figure<Set<String>> warrantyIn,

        @Shown(value = "separate PCIe cables", most = 16, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> pcieCables,

        @Shown(
                value = "power of its 12V-2x6 cable",
                unit = "W",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> sixteenPinWatts,

        @Shown(
                value = "EPS cable length",
                unit = "mm",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> epsLength,

        @Shown(
                value = "main cable length",
                unit = "mm",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> mainLength,

        @Shown(value = "height", unit = "mm", most = 300, brief = false, group = "size")
        Figure<Integer> height,

        @Shown(value = "colour of its cables", brief = false, group = "looks")
        Figure<String> cableColour,

        @Shown(value = "12 V rating", unit = "W", most = 10000, brief = false, better = Better.MORE, group = "power")
        Figure<Integer> rating12V,

        @Shown(value = "PSUs whose cables fit, by their maker's list", brief = false, group = "connections")
        Figure<Set<String>> cablesOf)
        implements Spec {}
