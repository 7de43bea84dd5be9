package lowfield.core.check;

import java.util.List;
import java.util.Map;
import lowfield.core.guide.Slot;

/** A figure of a slot that a drawn build leans to, so that rare outcomes are seen often enough. */
record Lean(Slot slot, String figure, List<Object> values) {
    /** Where a build may lean, so that figures meet which rarely do. */
    static final List<List<Lean>> ALL = List.of(
            List.of(
                    lean(Slot.GRAPHICS_CARD, "weight", 1600),
                    lean(Slot.GRAPHICS_CARD, "length", 305),
                    lean(Slot.GRAPHICS_CARD, "bracket", true, false),
                    lean(Slot.OTHER, "holdsCard", true, false)),
            List.of(
                    lean(Slot.GRAPHICS_CARD, "sixteenPin", true),
                    lean(Slot.GRAPHICS_CARD, "boardPower", 300, 360, 360, 450),
                    lean(Slot.GRAPHICS_CARD, "adapter", 2, 3),
                    lean(Slot.POWER_SUPPLY, "sixteenPinWatts", 300, 600),
                    lean(Slot.POWER_SUPPLY, "sixteenPin", true, false),
                    lean(Slot.POWER_SUPPLY, "rating", 750)),
            List.of(
                    lean(Slot.GRAPHICS_CARD, "eightPins", 2, 3),
                    lean(Slot.GRAPHICS_CARD, "boardPower", 300, 400),
                    lean(Slot.POWER_SUPPLY, "pcieCables", 1, 2),
                    lean(Slot.POWER_SUPPLY, "eightPins", 3)),
            List.of(
                    lean(Slot.CASE, "cardLengthBasis", "bare"),
                    lean(Slot.CASE, "fans", 2),
                    lean(Slot.CASE, "fansIn", 1),
                    lean(Slot.GRAPHICS_CARD, "length", 280, 290, 300)),
            List.of(
                    lean(Slot.CASE, "cardHeight", (Object) null),
                    lean(Slot.GRAPHICS_CARD, "height", 158, 165, 169, 175)),
            List.of(
                    lean(Slot.CASE, "uprightThickness", 60),
                    lean(Slot.CASE, "uprightRoom", 55, 65),
                    lean(Slot.CASE, "riserGeneration", 3, 4)),
            List.of(lean(Slot.MEMORY, "height", 44, 50), lean(Slot.COOLER, "fanRises", true)),
            List.of(
                    lean(Slot.COOLER, "sockets", List.of("Fen")),
                    lean(Slot.COOLER, "bracketSeparate", List.of("Moor"))),
            List.of(
                    lean(Slot.COOLER, "radiator", 240),
                    lean(Slot.COOLER, "radiatorThickness", 52),
                    lean(Slot.CASE, "driveCage", "fixed", "removable"),
                    lean(
                            Slot.CASE,
                            "radiators",
                            List.of(Map.of(
                                    "place",
                                    "front",
                                    "sizes",
                                    List.of("240"),
                                    "thickness",
                                    60,
                                    "takesCage",
                                    true,
                                    "overEps",
                                    true)))),
            List.of(
                    lean(Slot.COOLER, "radiator", 240),
                    lean(Slot.COOLER, "radiatorThickness", 52),
                    lean(
                            Slot.CASE,
                            "radiators",
                            List.of(Map.of(
                                    "place", "top", "sizes", List.of("240"), "thickness", 60, "heatsinkHeight", 30))),
                    lean(Slot.MOTHERBOARD, "heatsinkHeight", 24, 35)),
            List.of(
                    lean(Slot.SYSTEM_DRIVE, "shape", "2.5 inch", "3.5 inch"),
                    lean(Slot.SYSTEM_DRIVE, "protocol", "SATA"),
                    lean(Slot.CASE, "bays35", 0, 1),
                    lean(Slot.CASE, "bays25", 0),
                    lean(Slot.MOTHERBOARD, "sataPorts", 0, 1)),
            List.of(
                    lean(Slot.SYSTEM_DRIVE, "generation", 5),
                    lean(Slot.MOTHERBOARD, "driveSlots", List.of(DrawnRows.slot("M2_1", 5, 110, 0, 0)))),
            List.of(lean(Slot.MEMORY, "corrects", true, false), lean(Slot.MOTHERBOARD, "corrects", true, false)),
            List.of(lean(Slot.CASE_FANS, "pins", 3), lean(Slot.MOTHERBOARD, "fanVoltageControl", true, false)),
            List.of(lean(Slot.CASE, "frontUsbCSpeed", 20), lean(Slot.MOTHERBOARD, "frontUsbCSpeed", 5, 10)),
            List.of(
                    lean(Slot.POWER_SUPPLY, "cables", "modular"),
                    lean(Slot.POWER_SUPPLY, "cablesOf", List.of("old PSU"), List.of("other PSU")),
                    lean(Slot.CASE, "supplyLengthWithCables", false)),
            List.of(
                    lean(Slot.MOTHERBOARD, "firmware", Map.of("Fennel", "1.20")),
                    lean(Slot.MOTHERBOARD, "flashes", true, false)),
            List.of(lean(Slot.WIFI, "needsChipset", true), lean(Slot.MOTHERBOARD, "radioModuleSlot", true, false)),
            List.of(
                    lean(Slot.GRAPHICS_CARD, "resizableBar", true),
                    lean(Slot.MOTHERBOARD, "resizableBar", "on", "none", "to be switched on")),
            List.of(
                    lean(Slot.MOTHERBOARD, "format", "mini-ITX", "E-ATX"),
                    lean(Slot.MOTHERBOARD, "width", 272),
                    lean(Slot.CASE, "formats", List.of("ATX", "E-ATX", "mini-ITX")),
                    lean(Slot.CASE, "boardWidth", 270, 280)),
            List.of(
                    lean(Slot.POWER_SUPPLY, "format", "SFX"),
                    lean(Slot.CASE, "supplyFormats", List.of("ATX")),
                    lean(Slot.CASE, "supplyBracket", true, false)),
            List.of(
                    lean(Slot.POWER_SUPPLY, "warranty", 5),
                    lean(Slot.POWER_SUPPLY, "warrantyIn", List.of("Home coast"), List.of("Far coast"))),
            List.of(
                    lean(Slot.OPERATING_SYSTEM, "needsTpm", true),
                    lean(Slot.PROCESSOR, "supportedBySystem", true, false),
                    lean(Slot.MOTHERBOARD, "tpm", "2.0, on", "2.0, off", "none")),
            List.of(lean(Slot.MOTHERBOARD, "radio", true)),
            List.of(
                    lean(Slot.MEMORY, "corrects", true),
                    lean(Slot.MOTHERBOARD, "corrects", true),
                    lean(Slot.PROCESSOR, "corrects", true, false)),
            List.of(lean(Slot.PROCESSOR, "coolerInBox", true)),
            List.of(lean(Slot.MEMORY, "modules", 1), lean(Slot.PROCESSOR, "graphics", true)),
            List.of(
                    lean(Slot.SCREEN, "resolution", "3840 x 2160"),
                    lean(Slot.SCREEN, "refresh", 240),
                    lean(Slot.SCREEN, "videoInputs", List.of(SoundBuild.port("HDMI", 426)))));

    private static Lean lean(Slot slot, String figure, Object... values) {
        return new Lean(slot, figure, java.util.Arrays.asList(values));
    }
}
