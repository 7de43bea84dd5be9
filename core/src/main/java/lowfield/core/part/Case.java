package lowfield.core.part;

import java.util.List;
import java.util.Set;

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
        Figure<String> lightingPlug)
        implements Spec {}
