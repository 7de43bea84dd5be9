package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** A figure that is missing is neither the best that it could be nor the worst, unless every value would come to the same. */
class UnknownFiguresTest {
    private static Map<String, Object> without(Map<String, Object> all, String figure) {
        var less = new HashMap<>(all);
        less.remove(figure);
        return less;
    }

    private static TestBuild board(String rows, List<Map<String, Object>> of) {
        return sound().with(Slot.MOTHERBOARD, rows, of);
    }

    private static final Map<String, Object> M2 =
            Map.of("name", "M2_1", "protocols", List.of("NVMe"), "longest", 80, "generation", 4, "radioOnly", false);

    @Test
    void lengthAndProtocolsOfAnM2Slot() {
        board("driveSlots", List.of(M2)).says("drive-slots", "each");
        board("driveSlots", List.of(without(M2, "longest"))).lacks("drive-slots", "M.2 slots");
        board("driveSlots", List.of(without(M2, "protocols"))).lacks("drive-slots", "M.2 slots");
        board("driveSlots", List.of(without(M2, "longest")))
                .with(Slot.SYSTEM_DRIVE, "protocol", "SATA")
                .says("drive-slots", "none");
        board("driveSlots", List.of(without(M2, "longest"), M2)).says("drive-slots", "each");
        board("driveSlots", List.of(without(M2, "longest")))
                .adding(Slot.SECOND_DRIVE, "type", "solid-state", "shape", "M.2 2280", "protocol", "NVMe")
                .says("drive-slots", "none");
    }

    private static Map<String, Object> slot(int position, int lanes) {
        return Map.of("name", "slot " + position, "lanes", lanes, "generation", 4, "position", position);
    }

    @Test
    void positionOfAnExpansionSlot() {
        board("cardSlots", List.of(slot(1, 16))).says("card-slots", "free");
        board("cardSlots", List.of(without(slot(1, 16), "position"))).lacks("card-slots", "expansion slots");
        board("cardSlots", List.of(without(slot(1, 16), "position")))
                .with(Slot.CASE, "expansionSlots", 2)
                .says("card-slots", "too-many");
        board("cardSlots", List.of(slot(1, 16), without(slot(3, 4), "position")))
                .adding(Slot.WIFI, "bus", "PCIe x1")
                .lacks("card-slots", "expansion slots");
        board("cardSlots", List.of(slot(1, 16), without(slot(3, 4), "position"), slot(5, 4)))
                .adding(Slot.WIFI, "bus", "PCIe x1")
                .says("card-slots", "free");
    }

    @Test
    void theMemoryThatACpuTakes() {
        sound().without(Slot.PROCESSOR, "memoryMost").lacks("memory-capacity", "memory");
        sound().without(Slot.PROCESSOR, "memoryMost")
                .with(Slot.MOTHERBOARD, "memoryMost", 8)
                .says("memory-capacity", "too-much");
    }

    /** 371 W with a fifth to spare: of a rating of 370 to 382 W the 12 V share decides. */
    @Test
    void theTwelveVoltRating() {
        sound().with(Slot.POWER_SUPPLY, "rating", 550).says("supply-rating", "enough");
        sound().with(Slot.POWER_SUPPLY, "rating", 375).lacks("supply-rating", "12 V");
        sound().with(Slot.POWER_SUPPLY, "rating", 375)
                .with(Slot.POWER_SUPPLY, "rating12V", 375)
                .says("supply-rating", "recommended");
        sound().with(Slot.POWER_SUPPLY, "rating", 370).says("supply-rating", "headroom");
    }

    private static final Map<String, Object> INPUT =
            Map.of("connector", "DisplayPort", "payload", 259, "compression", false);

    private static TestBuild monitor(Map<String, Object> input) {
        return sound().adding(Slot.SCREEN, "resolution", "3840 x 2160", "refresh", 240, "videoInputs", List.of(input));
    }

    @Test
    void thePayloadOfAMonitor() {
        monitor(INPUT).says("card-screen", "too-slow");
        monitor(without(INPUT, "payload")).lacks("card-screen", "inputs");
        monitor(without(INPUT, "compression")).lacks("card-screen", "inputs");
        monitor(without(INPUT, "connector")).lacks("card-screen", "inputs");
    }
}
