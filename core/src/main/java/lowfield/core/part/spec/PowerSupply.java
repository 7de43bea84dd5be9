package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A power supply. */
public record PowerSupply(
        @FigureLabel(value = "rating", unit = "W", most = 10000, better = Better.MORE, group = "power")
        Figure<Integer> rating,

        @FigureLabel(value = "class", group = "power") Figure<String> efficiency,

        @FigureLabel(
                value = "efficiency at a fifth of the load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency20,

        @FigureLabel(
                value = "efficiency at half the load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency50,

        @FigureLabel(
                value = "efficiency at full load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency100,

        @FigureLabel(value = "standard", group = "power") Figure<String> standard,

        @FigureLabel(
                value = "trip level",
                unit = "W",
                most = 20000,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> tripLevel,

        @FigureLabel(value = "quality", brief = false, group = "power")
        Figure<String> quality,

        @FigureLabel(value = "format", brief = false, group = "size")
        Figure<String> format,

        @FigureLabel(value = "length", unit = "mm", most = 1000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> length,

        @FigureLabel(
                value = "processor plugs (EPS)",
                most = 8,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> processorPlugs,

        @FigureLabel(
                value = "8-pin plugs for cards",
                most = 16,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> eightPins,

        @FigureLabel(value = "12V-2x6 plug of its own", brief = false, better = Better.MORE, group = "connections")
        Figure<Boolean> sixteenPin,

        @FigureLabel(value = "SATA plugs", most = 40, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> sataPlugs,

        @FigureLabel(value = "cables", brief = false, group = "connections")
        Figure<String> cables,

        @FigureLabel(value = "noise", unit = "dB", most = 120, brief = false, better = Better.LESS, group = "care")
        Figure<Integer> noise,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @FigureLabel(value = "where the warranty is served", brief = false, group = "care")
        Figure<Set<String>> warrantyIn,

        @FigureLabel(
                value = "separate PCIe cables",
                most = 16,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> pcieCables,

        @FigureLabel(
                value = "power of its 12V-2x6 cable",
                unit = "W",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> sixteenPinWatts,

        @FigureLabel(
                value = "EPS cable length",
                unit = "mm",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> epsLength,

        @FigureLabel(
                value = "main cable length",
                unit = "mm",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> mainLength,

        @FigureLabel(value = "height", unit = "mm", most = 300, brief = false, group = "size")
        Figure<Integer> height,

        @FigureLabel(value = "colour of its cables", brief = false, group = "looks")
        Figure<String> cableColour,

        @FigureLabel(
                value = "12 V rating",
                unit = "W",
                most = 10000,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> rating12V,

        @FigureLabel(value = "PSUs whose cables fit, by their maker's list", brief = false, group = "connections")
        Figure<Set<String>> cablesOf)
        implements Spec {}
