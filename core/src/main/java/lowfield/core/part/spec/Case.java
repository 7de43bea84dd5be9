package lowfield.core.part.spec;

import java.util.List;
import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.FanPlace;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;
import lowfield.core.part.RadiatorPlace;

/** A case. */
public record Case(
        @FigureLabel(value = "motherboard form factors", group = "size", essential = true)
        Figure<Set<String>> formats,

        @FigureLabel(value = "graphics card clearance", unit = "mm", most = 2000, better = Better.MORE, group = "size")
        Figure<Integer> cardLength,

        @FigureLabel(value = "what the card clearance is measured with", brief = false, group = "size")
        Figure<String> cardLengthBasis,

        @FigureLabel(
                value = "card clearance with a front radiator",
                unit = "mm",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> cardLengthWithRadiator,

        @FigureLabel(
                value = "card thickness clearance",
                unit = "mm",
                most = 400,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> cardThickness,

        @FigureLabel(
                value = "clearance beside the card",
                unit = "mm",
                most = 600,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> cardHeight,

        @FigureLabel(
                value = "CPU cooler clearance",
                unit = "mm",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> coolerHeight,

        @FigureLabel(
                value = "PSU clearance",
                unit = "mm",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> supplyLength,

        @FigureLabel(value = "PSU form factors", brief = false, group = "size")
        Figure<Set<String>> supplyFormats,

        @FigureLabel(value = "radiator mounts", brief = false, better = Better.MORE, group = "cooling")
        Figure<List<RadiatorPlace>> radiators,

        @FigureLabel(value = "3.5-inch drive bays", most = 40, brief = false, better = Better.MORE, group = "size")
        Figure<Integer> bays35,

        @FigureLabel(value = "2.5-inch drive bays", most = 40, brief = false, better = Better.MORE, group = "size")
        Figure<Integer> bays25,

        @FigureLabel(value = "fans included", most = 30, better = Better.MORE, group = "cooling")
        Figure<Integer> fans,

        @FigureLabel(value = "intake fans", most = 30, brief = false, group = "cooling")
        Figure<Integer> fansIn,

        @FigureLabel(value = "exhaust fans", most = 30, brief = false, group = "cooling")
        Figure<Integer> fansOut,

        @FigureLabel(value = "fan mounts", most = 30, brief = false, better = Better.MORE, group = "cooling")
        Figure<Integer> fanPlaces,

        @FigureLabel(value = "fan sizes", brief = false, group = "cooling")
        Figure<Set<String>> fanSizes,

        @FigureLabel(value = "front USB-C", brief = false, group = "connections")
        Figure<Boolean> frontUsbC,

        @FigureLabel(value = "volume", unit = "l", most = 1000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> volume,

        @FigureLabel(value = "tempered glass", brief = false, group = "looks")
        Figure<Boolean> window,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @FigureLabel(value = "RGB lighting", brief = false, group = "looks", onlyWhereSo = true)
        Figure<String> lightingPlug,

        @FigureLabel(value = "width", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> width,

        @FigureLabel(value = "height", unit = "mm", most = 2000, brief = false, group = "size")
        Figure<Integer> height,

        @FigureLabel(value = "depth", unit = "mm", most = 2000, brief = false, group = "size")
        Figure<Integer> depth,

        @FigureLabel(value = "inner width", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> innerWidth,

        @FigureLabel(value = "inner height", unit = "mm", most = 2000, brief = false, group = "size")
        Figure<Integer> innerHeight,

        @FigureLabel(value = "inner depth", unit = "mm", most = 2000, brief = false, group = "size")
        Figure<Integer> innerDepth,

        @FigureLabel(value = "motherboard below the inner top", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> boardTop,

        @FigureLabel(
                value = "motherboard behind the rear panel",
                unit = "mm",
                most = 500,
                brief = false,
                group = "size")
        Figure<Integer> boardRear,

        @FigureLabel(value = "height of the PSU shroud", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> shroud,

        @FigureLabel(value = "length of the PSU bay", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> supplyBay,

        @FigureLabel(value = "PSU limit includes its cables", brief = false, group = "size")
        Figure<Boolean> supplyLengthWithCables,

        @FigureLabel(value = "bracket for a smaller PSU in the box", brief = false, group = "size")
        Figure<Boolean> supplyBracket,

        @FigureLabel(value = "drive cage", brief = false, group = "size")
        Figure<String> driveCage,

        @FigureLabel(value = "length of the drive cage", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> cageLength,

        @FigureLabel(value = "height of the drive cage", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> cageHeight,

        @FigureLabel(value = "drive cage behind the front", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> cageFront,

        @FigureLabel(
                value = "combined drive bays",
                most = 40,
                brief = false,
                better = Better.MORE,
                group = "size",
                onlyWhereSo = true)
        Figure<Integer> baysCombined,

        @FigureLabel(value = "expansion slots", most = 20, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> expansionSlots,

        @FigureLabel(value = "fan mounts by side", brief = false, better = Better.MORE, group = "cooling")
        Figure<List<FanPlace>> fanPlacesBySide,

        @FigureLabel(value = "mesh front", brief = false, group = "cooling")
        Figure<Boolean> vented,

        @FigureLabel(
                value = "depth of the side fans",
                unit = "mm",
                most = 100,
                brief = false,
                group = "size",
                onlyWhereSo = true)
        Figure<Integer> sideFanDepth,

        @FigureLabel(
                value = "fans on its hub",
                most = 30,
                brief = false,
                better = Better.MORE,
                group = "cooling",
                onlyWhereSo = true)
        Figure<Integer> fanHub,

        @FigureLabel(value = "front USB-A ports", most = 20, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> frontUsbA,

        @FigureLabel(
                value = "speed of the front USB-C",
                unit = "Gbit/s",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> frontUsbCSpeed,

        @FigureLabel(
                value = "cable room behind the motherboard",
                unit = "mm",
                most = 200,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> cableRoom,

        @FigureLabel(
                value = "widest motherboard",
                unit = "mm",
                most = 500,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> boardWidth,

        @FigureLabel(value = "cut-outs for rear-connector motherboards", brief = false, group = "size")
        Figure<Boolean> rearConnectors,

        @FigureLabel(value = "thickness of an upright card", unit = "mm", most = 200, brief = false, group = "size")
        Figure<Integer> uprightThickness,

        @FigureLabel(
                value = "room from an upright card to the panel",
                unit = "mm",
                most = 500,
                brief = false,
                group = "size")
        Figure<Integer> uprightRoom,

        @FigureLabel(value = "PCIe generation of the riser", most = 9, brief = false, group = "connections")
        Figure<Integer> riserGeneration,

        @FigureLabel(value = "RGB controller", brief = false, group = "looks", onlyWhereSo = true)
        Figure<Boolean> lightingController)
        implements Spec {}
