package lowfield.core.check;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What figures may be beside their sound values, where a number near them will not do. */
final class FigurePools {
    /** The values of each figure, by kind and name. */
    static final Map<String, List<?>> ALL = pools();

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
        pools.put(
                "GRAPHICS_CARD.videoOutputs",
                List.of(DrawnRows.ports(259), DrawnRows.ports(426), DrawnRows.ports(100), List.of()));
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
                        DrawnRows.slots(0, 0),
                        DrawnRows.slots(4, 2),
                        DrawnRows.slots(8, 1),
                        List.of(DrawnRows.slot("M2_1", 5, 110, 0, 0)),
                        List.of(DrawnRows.slot("M2_2", 3, 110, 0, 0), DrawnRows.slot("M2_1", 5, 80, 0, 0)),
                        DrawnRows.singleSided(),
                        DrawnRows.unknownSlots()));
        pools.put(
                "MOTHERBOARD.cardSlots",
                List.of(
                        DrawnRows.cards(16, 4, 1, 3),
                        DrawnRows.cards(16, 3, 1, 2),
                        DrawnRows.cards(8, 4, 1, 4),
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
        pools.put("MOTHERBOARD.videoOutputs", List.of(List.of(), DrawnRows.ports(80)));
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
                        DrawnRows.places(60),
                        DrawnRows.places(55),
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
        pools.put(
                "SCREEN.videoInputs",
                List.of(DrawnRows.ports(259), DrawnRows.ports(100), List.of(SoundBuild.port("VGA", 10))));
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

    private FigurePools() {}
}
