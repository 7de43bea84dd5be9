package lowfield.core.check;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Least;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.part.Field;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.core.part.Schema;

/** Parts and builds near the edges of every check, from a seed: the sound build with figures changed, missing or not applicable. */
public final class GeneratedParts {
    /** What a figure may be beside its sound value, where a number near it will not do. */
    private static final Map<String, List<?>> POOLS = pools();

    private static final Map<Slot, Map<String, Object>> BASE = Map.of(
            Slot.SECOND_DRIVE, TestBuild.figuresOf(Slot.SYSTEM_DRIVE),
            Slot.SCREEN,
                    Map.of(
                            "resolution", "2560 x 1440",
                            "refresh", 144,
                            "inputs", List.of("HDMI"),
                            "videoInputs", ports(259),
                            "adaptive", List.of("open")),
            Slot.CASE_FANS, Map.of("size", 120, "count", 1, "thickness", 25, "lightingPlug", Schema.NOT_APPLICABLE),
            Slot.WIFI, Map.of("bus", "PCIe x1"),
            Slot.LIGHTING, Map.of("lightingPlug", "3-pin 5 V"));

    /** Where a build may lean, so that figures meet which rarely do; each has a slot, a figure and what it may be. */
    private static final List<List<Lean>> LEANINGS = List.of(
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
                    lean(Slot.MOTHERBOARD, "driveSlots", List.of(slot("M2_1", 5, 110, 0, 0)))),
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

    private record Lean(Slot slot, String figure, List<Object> values) {}

    private static Lean lean(Slot slot, String figure, Object... values) {
        return new Lean(slot, figure, java.util.Arrays.asList(values));
    }

    private final Random random;
    private final List<Lean> leaning = new ArrayList<>();

    public GeneratedParts(long seed) {
        this.random = new Random(seed);
    }

    private static Map<String, List<?>> pools() {
        var pools = new HashMap<String, List<?>>();
        pools.put("GRAPHICS_CARD.plugEdge", List.of("top", "end", "back"));
        pools.put("GRAPHICS_CARD.adaptive", List.of(List.of("open"), List.of("own")));
        pools.put("GRAPHICS_CARD.outputs", List.of(List.of("HDMI"), List.of("DisplayPort", "HDMI"), List.of("VGA")));
        pools.put("GRAPHICS_CARD.lanes", List.of(4, 8, 16));
        pools.put("GRAPHICS_CARD.generation", List.of(3, 4, 5));
        pools.put("GRAPHICS_CARD.eightPins", List.of(0, 1, 2, 3));
        pools.put("GRAPHICS_CARD.adapter", List.of(0, 2, 3));
        pools.put("GRAPHICS_CARD.boardPower", List.of(60, 120, 165, 300, 350, 376, 450, 500));
        pools.put("GRAPHICS_CARD.sixteenPinWatts", List.of(300, 375, 450, 600));
        pools.put("GRAPHICS_CARD.height", List.of(100, 120, 128, 132, 145, 158, 161, 165, 169));
        pools.put("GRAPHICS_CARD.length", List.of(200, 242, 256, 270, 283, 285, 290, 306, 311));
        pools.put("GRAPHICS_CARD.thickness", List.of(38, 45, 58, 60, 61, 75));
        pools.put("GRAPHICS_CARD.weight", List.of(640, 1400, 1600));
        pools.put("GRAPHICS_CARD.slotsCovered", List.of(1, 2, 3, 4, 5));
        pools.put("GRAPHICS_CARD.videoOutputs", List.of(ports(259), ports(426), ports(100), List.of()));
        pools.put("PROCESSOR.family", List.of("Fennel", "Tansy"));
        pools.put("PROCESSOR.socket", List.of("Moor", "Fen"));
        pools.put("PROCESSOR.socketUntil", List.of(2025, 2026, 2029));
        pools.put("PROCESSOR.limit", List.of(65, 88, 125, 171, 201, 220, 247, 300));
        pools.put("PROCESSOR.memoryCeiling", List.of(5800, 6400));
        pools.put("PROCESSOR.memorySpeedTwoRanks", List.of(5200, 5600));
        pools.put("PROCESSOR.memorySpeedFourTwoRanks", List.of(3600, 5600));
        pools.put("PROCESSOR.memorySpeedFour", List.of(3600, 5600));
        pools.put("PROCESSOR.memoryMost", List.of(8, 64, 192));
        pools.put("PROCESSOR.cardLanes", List.of(8, 16));
        pools.put("PROCESSOR.generation", List.of(3, 4, 5));
        pools.put("PROCESSOR.leavesDead", List.of(List.of("M2_1"), List.of("M2_2"), List.of()));
        pools.put("PROCESSOR.fault", List.of("degrades under load"));
        pools.put("PROCESSOR.safeFirmware", List.of("1.50"));
        pools.put("PROCESSOR.boxedCooler", List.of(45, 65, 95, 160));
        pools.put("MOTHERBOARD.socket", List.of("Moor", "Fen"));
        pools.put("MOTHERBOARD.format", List.of("micro-ATX", "mini-ITX", "ATX", "E-ATX"));
        pools.put("MOTHERBOARD.width", List.of(200, 244, 271, 272, 280));
        pools.put("MOTHERBOARD.firmware", List.of(Map.of("Fennel", ""), Map.of("Fennel", "1.20"), Map.of("Tansy", "")));
        pools.put("MOTHERBOARD.firmwareUntil", List.of(Map.of("Fennel", "2.0"), Map.of("Tansy", "2.0")));
        pools.put("MOTHERBOARD.memoryGeneration", List.of("DDR5", "DDR4"));
        pools.put("MOTHERBOARD.memoryKinds", List.of(List.of("unbuffered"), List.of("registered")));
        pools.put("MOTHERBOARD.memorySlots", List.of(2, 4));
        pools.put("MOTHERBOARD.memoryMost", List.of(32, 64, 192));
        pools.put("MOTHERBOARD.moduleMost", List.of(16, 48));
        pools.put("MOTHERBOARD.oddModules", List.of("any", "1.40"));
        pools.put("MOTHERBOARD.memorySpeed", List.of(5200, 5600, 6400));
        pools.put("MOTHERBOARD.testedKits", List.of(List.of("FL-6000"), List.of()));
        pools.put(
                "MOTHERBOARD.driveSlots",
                List.of(
                        slots(0, 0),
                        slots(4, 2),
                        slots(8, 1),
                        List.of(slot("M2_1", 5, 110, 0, 0)),
                        List.of(slot("M2_2", 3, 110, 0, 0), slot("M2_1", 5, 80, 0, 0)),
                        singleSided(),
                        unknownSlots()));
        pools.put(
                "MOTHERBOARD.cardSlots",
                List.of(
                        cards(16, 4, 1, 3),
                        cards(16, 3, 1, 2),
                        cards(8, 4, 1, 4),
                        List.of(),
                        List.of(Map.of("name", "first"))));
        pools.put("MOTHERBOARD.sataPorts", List.of(0, 1, 2, 4));
        pools.put("MOTHERBOARD.resizableBar", List.of("on", "none", "to be switched on"));
        pools.put("MOTHERBOARD.heatsinkHeight", List.of(24, 30, 31));
        pools.put(
                "MOTHERBOARD.rearPorts",
                List.of(List.of("USB-A"), List.of("HDMI", "USB-A", "2.5 Gbit/s network"), List.of("USB-C")));
        pools.put("MOTHERBOARD.fanHeaders", List.of(0, 1, 2, 3));
        pools.put("MOTHERBOARD.headerCurrent", List.of(1000, 2000));
        pools.put("MOTHERBOARD.lightingHeaders", List.of(List.of("3-pin 5 V"), List.of("4-pin 12 V"), List.of()));
        pools.put("MOTHERBOARD.tpm", List.of("2.0, on", "2.0, off", "none"));
        pools.put("MOTHERBOARD.cpuPower", List.of(88, 115, 160, 253));
        pools.put("MOTHERBOARD.processorPlugs", List.of(1, 2));
        pools.put("MOTHERBOARD.usbAHeaders", List.of(0, 1));
        pools.put("MOTHERBOARD.usb2Headers", List.of(0, 1, 2));
        pools.put("MOTHERBOARD.pumpHeaders", List.of(0, 1));
        pools.put("MOTHERBOARD.videoOutputs", List.of(List.of(), ports(80)));
        pools.put("MOTHERBOARD.powerDelivery", List.of(90, 120, 200, 300));
        pools.put("MOTHERBOARD.frontUsbCSpeed", List.of(5, 10, 20));
        pools.put("MEMORY.generation", List.of("DDR5", "DDR4"));
        pools.put("MEMORY.kind", List.of("unbuffered", "registered", "clocked unbuffered"));
        pools.put("MEMORY.modules", List.of(1, 2, 3, 4));
        pools.put("MEMORY.moduleSize", List.of(8, 16, 24, 26, 32, 48, 64));
        pools.put("MEMORY.speed", List.of(4800, 5600, 6000, 7200));
        pools.put("MEMORY.baseSpeed", List.of(4800, 5600));
        pools.put("MEMORY.ranks", List.of(1, 2));
        pools.put("MEMORY.height", List.of(31, 34, 44, 50));
        pools.put("MEMORY.kit", List.of("FL-6000", "XX"));
        pools.put("COOLER.sockets", List.of(List.of("Moor"), List.of("Fen"), List.of("Moor", "Fen")));
        pools.put("COOLER.bracketSeparate", List.of(List.of("Moor"), List.of("Fen")));
        pools.put("COOLER.capacity", List.of(60, 85, 160, 250));
        pools.put("COOLER.height", List.of(120, 154, 158, 161));
        pools.put("COOLER.radiator", List.of(240, 280, 360));
        pools.put("COOLER.radiatorThickness", List.of(52, 56, 70));
        pools.put("COOLER.radiatorAlone", List.of(27, 38));
        pools.put("COOLER.fanThickness", List.of(15, 25));
        pools.put("COOLER.tube", List.of(200, 400));
        pools.put("COOLER.usb2Headers", List.of(0, 1, 3));
        pools.put("COOLER.sataPlugs", List.of(0, 1, 5));
        pools.put("DRIVE.type", List.of("solid-state", "hard disk"));
        pools.put("DRIVE.capacity", List.of(250, 1000, 2000));
        pools.put("DRIVE.shape", List.of("M.2 2280", "M.2 22110", "2.5 inch", "3.5 inch"));
        pools.put("DRIVE.protocol", List.of("NVMe", "SATA"));
        pools.put("DRIVE.generation", List.of(3, 4, 5));
        pools.put("DRIVE.cells", List.of("TLC", "QLC"));
        pools.put("DRIVE.cellsChanged", List.of("QLC since spring"));
        pools.put("DRIVE.endurance", List.of(20, 600));
        pools.put("POWER_SUPPLY.rating", List.of(200, 252, 300, 350, 400, 550, 750));
        pools.put("POWER_SUPPLY.rating12V", List.of(250, 340, 500));
        pools.put("POWER_SUPPLY.standard", List.of("ATX 3.1", "ATX 2.5"));
        pools.put("POWER_SUPPLY.tripLevel", List.of(350, 450, 700));
        pools.put("POWER_SUPPLY.quality", List.of("poor", "fair", "good", "excellent"));
        pools.put("POWER_SUPPLY.format", List.of("ATX", "SFX"));
        pools.put("POWER_SUPPLY.length", List.of(100, 125, 140, 156, 161));
        pools.put("POWER_SUPPLY.processorPlugs", List.of(0, 1, 2));
        pools.put("POWER_SUPPLY.eightPins", List.of(0, 1, 2, 4));
        pools.put("POWER_SUPPLY.pcieCables", List.of(0, 1, 2, 3));
        pools.put("POWER_SUPPLY.sixteenPinWatts", List.of(300, 450, 600));
        pools.put("POWER_SUPPLY.sataPlugs", List.of(0, 1, 4));
        pools.put("POWER_SUPPLY.cables", List.of("fixed", "modular"));
        pools.put("POWER_SUPPLY.cablesOf", List.of(List.of("old PSU"), List.of("other PSU")));
        pools.put("POWER_SUPPLY.epsLength", List.of(400, 430, 650));
        pools.put("POWER_SUPPLY.mainLength", List.of(200, 500));
        pools.put("POWER_SUPPLY.warranty", List.of(5, 10));
        pools.put("POWER_SUPPLY.warrantyIn", List.of(List.of("Home coast"), List.of("Far coast")));
        pools.put(
                "CASE.formats",
                List.of(
                        List.of("micro-ATX", "mini-ITX"),
                        List.of("ATX", "micro-ATX", "mini-ITX"),
                        List.of("E-ATX", "ATX"),
                        List.of("mini-ITX")));
        pools.put("CASE.cardLengthBasis", List.of("bare", "with front fans", "with front radiator", "not stated"));
        pools.put("CASE.cardLength", List.of(280, 300, 310, 330));
        pools.put("CASE.cardHeight", List.of(120, 135, 160, 180));
        pools.put("CASE.coolerHeight", List.of(120, 130, 155, 160, 175));
        pools.put("CASE.supplyLength", List.of(140, 160, 180, 210));
        pools.put("CASE.supplyFormats", List.of(List.of("ATX"), List.of("SFX"), List.of("ATX", "SFX")));
        pools.put(
                "CASE.radiators",
                List.of(
                        List.of(),
                        places(60),
                        places(55),
                        List.of(Map.of("place", "front", "sizes", List.of("240"))),
                        List.of(Map.of(
                                "place",
                                "front",
                                "sizes",
                                List.of("240", "280"),
                                "thickness",
                                60,
                                "takesCage",
                                true,
                                "overEps",
                                true))));
        pools.put("CASE.driveCage", List.of("fixed", "removable", "none"));
        pools.put("CASE.bays35", List.of(0, 1, 2));
        pools.put("CASE.bays25", List.of(0, 1, 2));
        pools.put("CASE.baysCombined", List.of(0, 1));
        pools.put("CASE.fans", List.of(0, 1, 2, 3));
        pools.put("CASE.fansIn", List.of(0, 1, 2));
        pools.put("CASE.fansOut", List.of(0, 1));
        pools.put("CASE.fanPlaces", List.of(1, 2, 4, 6));
        pools.put("CASE.fanSizes", List.of(List.of("120"), List.of("140")));
        pools.put("CASE.fanHub", List.of(0, 3));
        pools.put("CASE.expansionSlots", List.of(2, 3, 4, 7));
        pools.put("CASE.frontUsbA", List.of(0, 2, 4));
        pools.put("CASE.frontUsbCSpeed", List.of(5, 10, 20));
        pools.put("CASE.sideFanDepth", List.of(0, 25));
        pools.put("CASE.innerHeight", List.of(420, 440));
        pools.put("CASE.cableRoom", List.of(10, 20));
        pools.put("CASE.boardWidth", List.of(244, 271, 280));
        pools.put("CASE.uprightThickness", List.of(40, 60));
        pools.put("CASE.uprightRoom", List.of(55, 65, 90));
        pools.put("CASE.riserGeneration", List.of(3, 4));
        pools.put("CASE.lightingPlug", List.of("3-pin 5 V", "4-pin 12 V"));
        pools.put("FAN.lightingPlug", List.of("3-pin 5 V", "4-pin 12 V"));
        pools.put("COOLER.lightingPlug", List.of("3-pin 5 V", "4-pin 12 V"));
        pools.put("GRAPHICS_CARD.lightingPlug", List.of("3-pin 5 V", "4-pin 12 V"));
        pools.put("LIGHTING.lightingPlug", List.of("3-pin 5 V", "4-pin 12 V"));
        pools.put("FAN.size", List.of(120, 140));
        pools.put("FAN.count", List.of(1, 2, 3, 8));
        pools.put("FAN.thickness", List.of(15, 25, 38));
        pools.put("FAN.current", List.of(150, 300, 600));
        pools.put("FAN.pins", List.of(3, 4));
        pools.put("FAN.hub", List.of(0, 3));
        pools.put("FAN.sataPlugs", List.of(0, 1));
        pools.put("SCREEN.resolution", List.of("1920 x 1080", "3840 x 2160", "wide"));
        pools.put("SCREEN.refresh", List.of(60, 144, 240));
        pools.put("SCREEN.inputs", List.of(List.of("HDMI"), List.of("VGA"), List.of("DisplayPort")));
        pools.put("SCREEN.adaptive", List.of(List.of("open"), List.of("own")));
        pools.put("SCREEN.videoInputs", List.of(ports(259), ports(100), List.of(SoundBuild.port("VGA", 10))));
        pools.put("NETWORK.bus", List.of("PCIe x1", "USB"));
        pools.put("NETWORK.usb2Headers", List.of(0, 1));
        pools.put("LIGHTING.usb2Headers", List.of(0, 1));
        pools.put("LIGHTING.sataPlugs", List.of(0, 1));
        for (var kind : List.of("CASE", "MOTHERBOARD", "MEMORY", "GRAPHICS_CARD", "COOLER", "FAN", "CABLES")) {
            pools.put(kind + ".colour", List.of("black", "white"));
        }
        pools.put("POWER_SUPPLY.cableColour", List.of("black", "white"));
        for (var kind : List.of("GRAPHICS_CARD", "COOLER", "POWER_SUPPLY", "FAN")) {
            pools.put(kind + ".noise", List.of(25, 31));
        }
        return pools;
    }

    private static List<?> ports(int payload) {
        return List.of(
                Map.of("connector", "HDMI", "payload", payload, "compression", false),
                Map.of("connector", "DisplayPort", "payload", payload / 2, "compression", payload > 300));
    }

    private static List<?> slots(int lanes, int sata) {
        return List.of(slot("M2_1", 4, 80, 0, 0), slot("M2_2", 3, 110, lanes, sata));
    }

    private static Map<String, Object> slot(String name, int generation, int longest, int lanes, int sata) {
        var slot = new HashMap<String, Object>();
        slot.put("name", name);
        slot.put("protocols", List.of("NVMe"));
        slot.put("generation", generation);
        slot.put("longest", longest);
        slot.put("covered", generation == 4);
        slot.put("takesLanes", lanes);
        slot.put("takesSata", sata);
        return slot;
    }

    private static List<?> singleSided() {
        var slot = new HashMap<>(slot("M2_1", 5, 110, 0, 0));
        slot.put("singleSided", true);
        slot.put("covered", false);
        return List.of(slot, slot("M2_2", 3, 80, 8, 2));
    }

    private static List<?> unknownSlots() {
        return List.of(Map.of("name", "M2_1", "protocols", List.of("NVMe", "SATA")));
    }

    private static List<?> cards(int lanes, int generation, int first, int second) {
        return List.of(
                Map.of(
                        "name",
                        "first",
                        "lanes",
                        lanes,
                        "generation",
                        generation,
                        "position",
                        first,
                        "headersUnder",
                        second == 3 ? "front audio" : ""),
                Map.of("name", "second", "lanes", 4, "generation", 3, "position", second));
    }

    private static List<?> places(int thickness) {
        return List.of(
                Map.of(
                        "place",
                        "top",
                        "sizes",
                        List.of("240", "280"),
                        "thickness",
                        thickness,
                        "memoryHeight",
                        36,
                        "heatsinkHeight",
                        30,
                        "tube",
                        300),
                Map.of("place", "front", "sizes", List.of("240"), "thickness", thickness));
    }

    /** A part of a slot: sound, but each figure may be changed, missing or, rarely, not applicable. */
    public Part part(Slot slot) {
        var spec = new HashMap<String, Object>(BASE.getOrDefault(slot, TestBuild.figuresOf(slot)));
        var change = 0.04 + 0.3 * random.nextDouble() * random.nextDouble();
        for (var field : slot.kind().schema().fields()) {
            var dice = random.nextDouble();
            if (dice < change) {
                spec.put(field.name(), value(slot, field));
            } else if (dice < change * 1.35) {
                spec.remove(field.name());
            } else if (dice < change * 1.4) {
                spec.put(field.name(), Schema.NOT_APPLICABLE);
            }
        }
        for (var lean : leaning) {
            if (lean.slot().kind() == slot.kind() && random.nextInt(10) > 0) {
                var value = lean.values().get(random.nextInt(lean.values().size()));
                if (value == null) {
                    spec.remove(lean.figure());
                } else {
                    spec.put(lean.figure(), value);
                }
            }
        }
        return part(slot, spec, new UUID(random.nextLong(), random.nextLong()));
    }

    private Part part(Slot slot, Map<String, Object> spec, UUID id) {
        var release = random.nextInt(30) == 0 ? Release.values()[random.nextInt(4)] : Release.ON_SALE;
        return new Part(
                id,
                id,
                slot.kind(),
                "Test",
                "Test " + slot.kind().label(),
                "",
                release,
                Optional.empty(),
                random.nextInt(40) == 0 ? Optional.of("squeaks") : Optional.empty(),
                Instant.EPOCH,
                slot.kind().schema().read(spec));
    }

    /** The part with one figure changed or gone, and still the same part. */
    public Part changed(Part part, Slot slot, Field field) {
        var spec = new HashMap<>(slot.kind().schema().write(part.spec()));
        if (random.nextInt(4) == 0) {
            spec.remove(field.name());
        } else {
            spec.put(field.name(), value(slot, field));
        }
        return new Part(
                part.id(),
                part.product(),
                part.kind(),
                part.maker(),
                part.name(),
                part.variant(),
                part.release(),
                part.suggestedPrice(),
                part.avoid(),
                part.added(),
                slot.kind().schema().read(spec));
    }

    private Object value(Slot slot, Field field) {
        var pool = POOLS.get(slot.kind().name() + "." + field.name());
        if (pool != null) {
            return pool.get(random.nextInt(pool.size()));
        }
        return switch (field.holds()) {
            case YES_NO -> random.nextBoolean();
            case NUMBER -> Math.min(field.most(), random.nextInt(300));
            case TEXT -> random.nextBoolean() ? "one" : "another";
            case SET -> List.of(random.nextBoolean() ? "one" : "another");
            case PAIRS -> Map.of("one", "another");
            case ROWS -> List.of();
        };
    }

    /** A build: every slot that is needed, some of the others, and now and then something that is no part. */
    public Build build() {
        leaning.clear();
        for (int i = 0; i < 2; i++) {
            leaning.addAll(LEANINGS.get(random.nextInt(LEANINGS.size())));
        }
        var lines = new ArrayList<Line>();
        for (var slot : Slot.values()) {
            if (slot.needed() || random.nextInt(3) == 0) {
                lines.add(line(slot));
            }
            if ((slot.several() || slot == Slot.MEMORY) && random.nextInt(6) == 0) {
                lines.add(line(slot));
            }
        }
        var build = new Build(lines, random.nextInt(2) == 0 ? wishes() : Wishes.NONE);
        return random.nextBoolean() ? build.in(2026) : build;
    }

    private Line line(Slot slot) {
        var choice = choice(slot);
        var many = random.nextInt(20) == 0 ? 2 + random.nextInt(2) : 1;
        var line = new Line(new UUID(random.nextLong(), random.nextLong()), slot, choice, many, random.nextInt(8) > 0);
        if (random.nextInt(6) == 0) {
            line = line.at(
                    slot == Slot.GRAPHICS_CARD
                            ? "upright"
                            : List.of("front", "top", "rear").get(random.nextInt(3)));
        }
        if (random.nextInt(12) == 0) {
            line = line.meaning(random.nextBoolean() ? "Test" : "white");
        }
        return random.nextInt(4) == 0 ? line.in(Condition.values()[random.nextInt(4)]) : line;
    }

    private Choice choice(Slot slot) {
        if (slot == Slot.CABLES && random.nextInt(3) == 0) {
            return new Choice.Owned("old PSU");
        }
        if (slot == Slot.WIFI && random.nextInt(4) == 0) {
            return new Choice.OnTheBoard("");
        }
        if (slot == Slot.COOLER && random.nextInt(10) == 0) {
            return new Choice.InTheBox("");
        }
        return switch (random.nextInt(24)) {
            case 0 -> new Choice.Owned("old PSU", like(slot));
            case 1 -> new Choice.FreeHand("something", Money.of(1000, "EUR"), random.nextBoolean(), like(slot));
            case 2 -> new Choice.None();
            case 3 -> new Choice.InTheBox("");
            case 4 -> new Choice.OnTheBoard("");
            case 5 -> new Choice.Empty();
            case 6 -> {
                var members = List.of(part(slot), part(slot));
                yield new Choice.VettedSet(members, Money.of(0, "EUR"), members.get(random.nextInt(2)));
            }
            default -> new Choice.Chosen(part(slot));
        };
    }

    /** A part with the figures of what is owned or unlisted, or none. */
    private Optional<Part> like(Slot slot) {
        return random.nextBoolean() ? Optional.of(part(slot)) : Optional.empty();
    }

    private Wishes wishes() {
        return new Wishes(
                random.nextBoolean() ? java.util.Set.of("black") : java.util.Set.of(),
                Wishes.Lit.values()[random.nextInt(3)],
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean() ? Optional.of(30) : Optional.empty(),
                random.nextBoolean() ? java.util.Set.of("USB-A") : java.util.Set.of(),
                random.nextBoolean() ? Optional.of("good") : Optional.empty(),
                random.nextBoolean() ? Optional.of(java.util.Set.of(Slot.SCREEN)) : Optional.empty(),
                random.nextBoolean() ? Optional.of("Home coast") : Optional.empty(),
                new Least(ask(8, 24), ask(1000, 4000), ask(100, 600)));
    }

    /** One of two sizes, or neither. */
    private Optional<Integer> ask(int little, int much) {
        return random.nextBoolean() ? Optional.of(random.nextBoolean() ? little : much) : Optional.empty();
    }

    public Random random() {
        return random;
    }
}
