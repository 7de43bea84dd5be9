package lowfield.core.part.spec;

import java.util.List;
import java.util.Set;
import lowfield.core.part.Better;
import lowfield.core.part.FanPlace;
import lowfield.core.part.Figure;
import lowfield.core.part.RadiatorPlace;
import lowfield.core.part.Shown;

/** A case. */
public record Case(
        @Shown(value = "board formats", group = "size") Figure<Set<String>> formats,

        @Shown(value = "room for a card", unit = "mm", most = 2000, better = Better.MORE, group = "size")
        Figure<Integer> cardLength,

        @Shown(value = "what the room for a card is measured with", brief = false, group = "size")
        Figure<String> cardLengthBasis,

        @Shown(
                value = "room for a card behind a front radiator",
                unit = "mm",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> cardLengthWithRadiator,

        @Shown(
                value = "room for a card's thickness",
                unit = "mm",
                most = 400,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> cardThickness,

        @Shown(value = "room over a card", unit = "mm", most = 600, brief = false, better = Better.MORE, group = "size")
        Figure<Integer> cardHeight,

        @Shown(
                value = "room for a cooler",
                unit = "mm",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> coolerHeight,

        @Shown(
                value = "room for a supply",
                unit = "mm",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> supplyLength,

        @Shown(value = "supply formats", brief = false, group = "size")
        Figure<Set<String>> supplyFormats,

        @Shown(value = "radiator places", brief = false, better = Better.MORE, group = "cooling")
        Figure<List<RadiatorPlace>> radiators,

        @Shown(value = "places for 3.5 inch drives", most = 40, brief = false, better = Better.MORE, group = "size")
        Figure<Integer> bays35,

        @Shown(value = "places for 2.5 inch drives", most = 40, brief = false, better = Better.MORE, group = "size")
        Figure<Integer> bays25,

        @Shown(value = "fans included", most = 30, better = Better.MORE, group = "cooling")
        Figure<Integer> fans,

        @Shown(value = "fans that blow in", most = 30, brief = false, group = "cooling")
        Figure<Integer> fansIn,

        @Shown(value = "fans that blow out", most = 30, brief = false, group = "cooling")
        Figure<Integer> fansOut,

        @Shown(value = "places for fans", most = 30, brief = false, better = Better.MORE, group = "cooling")
        Figure<Integer> fanPlaces,

        @Shown(value = "sizes of fans", brief = false, group = "cooling")
        Figure<Set<String>> fanSizes,

        @Shown(value = "USB-C in front", brief = false, group = "connections")
        Figure<Boolean> frontUsbC,

        @Shown(value = "volume", unit = "l", most = 1000, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> volume,

        @Shown(value = "window", brief = false, group = "looks")
        Figure<Boolean> window,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @Shown(value = "lighting plug", brief = false, group = "looks")
        Figure<String> lightingPlug,

        @Shown(value = "width", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> width,

        @Shown(value = "height", unit = "mm", most = 2000, brief = false, group = "size")
        Figure<Integer> height,

        @Shown(value = "depth", unit = "mm", most = 2000, brief = false, group = "size")
        Figure<Integer> depth,

        @Shown(value = "inner width", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> innerWidth,

        @Shown(value = "inner height", unit = "mm", most = 2000, brief = false, group = "size")
        Figure<Integer> innerHeight,

        @Shown(value = "inner depth", unit = "mm", most = 2000, brief = false, group = "size")
        Figure<Integer> innerDepth,

        @Shown(value = "motherboard below the inner top", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> boardTop,

        @Shown(value = "motherboard behind the rear panel", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> boardRear,

        @Shown(value = "height of the PSU shroud", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> shroud,

        @Shown(value = "length of the PSU bay", unit = "mm", most = 1000, brief = false, group = "size")
        Figure<Integer> supplyBay,

        @Shown(value = "PSU limit includes its cables", brief = false, group = "size")
        Figure<Boolean> supplyLengthWithCables,

        @Shown(value = "bracket for a smaller PSU in the box", brief = false, group = "size")
        Figure<Boolean> supplyBracket,

        @Shown(value = "drive cage", brief = false, group = "size")
        Figure<String> driveCage,

        @Shown(value = "combined drive bays", most = 40, brief = false, better = Better.MORE, group = "size")
        Figure<Integer> baysCombined,

        @Shown(value = "expansion slots", most = 20, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> expansionSlots,

        @Shown(value = "fan places by side", brief = false, better = Better.MORE, group = "cooling")
        Figure<List<FanPlace>> fanPlacesBySide,

        @Shown(value = "mesh front", brief = false, group = "cooling")
        Figure<Boolean> vented,

        @Shown(value = "depth of the side fans", unit = "mm", most = 100, brief = false, group = "size")
        Figure<Integer> sideFanDepth,

        @Shown(value = "fans on its hub", most = 30, brief = false, better = Better.MORE, group = "cooling")
        Figure<Integer> fanHub,

        @Shown(value = "front USB-A ports", most = 20, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> frontUsbA,

        @Shown(
                value = "speed of the front USB-C",
                unit = "Gbit/s",
                most = 1000,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> frontUsbCSpeed,

        @Shown(
                value = "cable room behind the motherboard",
                unit = "mm",
                most = 200,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> cableRoom,

        @Shown(
                value = "widest motherboard",
                unit = "mm",
                most = 500,
                brief = false,
                better = Better.MORE,
                group = "size")
        Figure<Integer> boardWidth,

        @Shown(value = "cut-outs for rear-connector motherboards", brief = false, group = "size")
        Figure<Boolean> rearConnectors,

        @Shown(value = "thickness of an upright card", unit = "mm", most = 200, brief = false, group = "size")
        Figure<Integer> uprightThickness,

        @Shown(value = "room from an upright card to the panel", unit = "mm", most = 500, brief = false, group = "size")
        Figure<Integer> uprightRoom,

        @Shown(value = "PCIe generation of the riser", most = 9, brief = false, group = "connections")
        Figure<Integer> riserGeneration,

        @Shown(value = "lighting controller", brief = false, group = "looks")
        Figure<Boolean> lightingController)
        implements Spec {}
