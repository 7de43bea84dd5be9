package lowfield.core.part.spec;

import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A power supply. */
public record PowerSupply(
        @FigureLabel(
                value = "rated power",
                unit = "W",
                most = 10000,
                better = Better.MORE,
                group = "power",
                essential = true)
        Figure<Integer> rating,

        @FigureLabel(
                value = "80 PLUS",
                group = "power",
                essential = true,
                scale = {
                    "80 PLUS",
                    "80 PLUS Bronze",
                    "80 PLUS Silver",
                    "80 PLUS Gold",
                    "80 PLUS Platinum",
                    "80 PLUS Titanium"
                })
        Figure<String> efficiency,

        @FigureLabel(
                value = "efficiency at 20% load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency20,

        @FigureLabel(
                value = "efficiency at 50% load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency50,

        @FigureLabel(
                value = "efficiency at 100% load",
                unit = "%",
                most = 100,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> efficiency100,

        @FigureLabel(value = "ATX version", group = "power") Figure<String> standard,

        @FigureLabel(
                value = "overcurrent limit",
                unit = "W",
                most = 20000,
                brief = false,
                better = Better.MORE,
                group = "power")
        Figure<Integer> tripLevel,

        @FigureLabel(value = "quality", brief = false, group = "power")
        Figure<String> quality,

        @FigureLabel(value = "form factor", brief = false, group = "size", essential = true)
        Figure<String> format,

        @FigureLabel(value = "length", unit = "mm", most = 1000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> length,

        @FigureLabel(value = "EPS plugs", most = 8, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> processorPlugs,

        @FigureLabel(value = "8-pin PCIe plugs", most = 16, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> eightPins,

        @FigureLabel(value = "native 12V-2x6 plug", brief = false, better = Better.MORE, group = "connections")
        Figure<Boolean> sixteenPin,

        @FigureLabel(value = "SATA plugs", most = 40, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> sataPlugs,

        @FigureLabel(value = "modularity", brief = false, group = "connections")
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
                value = "12V-2x6 cable power",
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
                value = "24-pin cable length",
                unit = "mm",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> mainLength,

        @FigureLabel(value = "height", unit = "mm", most = 300, brief = false, group = "size")
        Figure<Integer> height,

        @FigureLabel(value = "cable colour", brief = false, group = "looks")
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
