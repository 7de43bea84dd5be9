package lowfield.core.check;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Figures that are rows: ports, slots and places near the edges of the checks. */
final class DrawnRows {
    static List<?> ports(int payload) {
        return List.of(
                Map.of("connector", "HDMI", "payload", payload, "compression", false),
                Map.of("connector", "DisplayPort", "payload", payload / 2, "compression", payload > 300));
    }

    static List<?> slots(int lanes, int sata) {
        return List.of(slot("M2_1", 4, 80, 0, 0), slot("M2_2", 3, 110, lanes, sata));
    }

    static Map<String, Object> slot(String name, int generation, int longest, int lanes, int sata) {
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

    static List<?> singleSided() {
        var slot = new HashMap<>(slot("M2_1", 5, 110, 0, 0));
        slot.put("singleSided", true);
        slot.put("covered", false);
        return List.of(slot, slot("M2_2", 3, 80, 8, 2));
    }

    static List<?> unknownSlots() {
        return List.of(Map.of("name", "M2_1", "protocols", List.of("NVMe", "SATA")));
    }

    static List<?> cards(int lanes, int generation, int first, int second) {
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

    static List<?> places(int thickness) {
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

    private DrawnRows() {}
}
