package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;

import java.util.List;
import java.util.Map;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

class DriveChecksTest {
    private static final Object[] NVME = {
        "type", "solid-state", "shape", "M.2 2280", "protocol", "NVMe", "generation", 3
    };

    private static final Object[] DISK = {"type", "hard disk", "shape", "3.5 inch", "protocol", "SATA"};

    private static final Object[] SMALL = {
        "type", "solid-state", "shape", "2.5 inch", "protocol", "SATA", "capacity", 1001
    };

    @Test
    void driveSlots() {
        sound().says("drive-slots", "each", "1 M.2 drives");
        sound().adding(Slot.SECOND_DRIVE, NVME).says("drive-slots", "each", "2 M.2 drives");
        sound().adding(Slot.SECOND_DRIVE, NVME)
                .adding(Slot.SECOND_DRIVE, NVME)
                .says("drive-slots", "none", "takes Test drive (M.2 2280)");
        sound().with(Slot.SYSTEM_DRIVE, "shape", "M.2 22110").says("drive-slots", "none", "M.2 22110");
        sound().with(Slot.SYSTEM_DRIVE, "protocol", "SATA").says("drive-slots", "none");
        sound().with(
                        Slot.MOTHERBOARD,
                        "driveSlots",
                        List.of(Map.of("name", "r", "protocols", List.of("NVMe"), "radioOnly", true)))
                .says("drive-slots", "none");
        sound().with(Slot.SYSTEM_DRIVE, "doubleSided", true)
                .with(
                        Slot.MOTHERBOARD,
                        "driveSlots",
                        List.of(Map.of("name", "s", "protocols", List.of("NVMe"), "singleSided", true)))
                .says("drive-slots", "none");
        sound().without(Slot.MOTHERBOARD, "driveSlots").lacks("drive-slots", "M.2 slots");
        sound().without(Slot.SYSTEM_DRIVE, "shape").lacks("drive-slots", "form factor");
    }

    /** A CPU that disables a slot pushes the drive into the slot that costs the card its lanes. */
    @Test
    void aDeadSlotMovesTheDrive() {
        var dead = sound().with(Slot.PROCESSOR, "leavesDead", List.of("M2_1")).with(Slot.GRAPHICS_CARD, "lanes", 16);
        dead.says("drive-slots", "each");
        dead.says("card-lanes", "fast-enough", "a drive takes 8 lanes");
        dead.says("drive-speed", "slower", "PCIe 3.0 slot (M2_2)");
    }

    /** The placing drive moves an earlier one when only that makes room. */
    @Test
    void everyDriveIsPlacedIfThatCanBeDone() {
        var slots = List.of(
                Map.of("name", "any", "protocols", List.of("NVMe", "SATA"), "longest", 110, "generation", 5),
                Map.of("name", "short", "protocols", List.of("NVMe"), "longest", 80, "generation", 3));
        sound().with(Slot.MOTHERBOARD, "driveSlots", slots)
                .adding(
                        Slot.SECOND_DRIVE,
                        "type",
                        "solid-state",
                        "shape",
                        "M.2 22110",
                        "protocol",
                        "NVMe",
                        "generation",
                        4)
                .says("drive-slots", "each", "2 M.2 drives");
    }

    @Test
    void speedAndCover() {
        sound().says("drive-speed", "same", "PCIe 4.0 slot (M2_1)");
        sound().with(Slot.SYSTEM_DRIVE, "generation", 5).says("drive-speed", "slower");
        sound().without(Slot.SYSTEM_DRIVE, "generation").lacks("drive-speed", "PCIe generation of Test drive");
        sound().says("drive-cover", "covered");
        sound().with(Slot.SYSTEM_DRIVE, "heatsink", true).says("drive-cover", "cover-off");
        sound().with(Slot.SYSTEM_DRIVE, "doubleSided", true).says("drive-cover", "double-sided");
        var open = sound().with(
                        Slot.MOTHERBOARD,
                        "driveSlots",
                        List.of(Map.of("name", "M2_1", "protocols", List.of("NVMe"), "generation", 5, "longest", 80)));
        open.with(Slot.SYSTEM_DRIVE, "generation", 5).says("drive-cover", "bare");
        open.with(Slot.SYSTEM_DRIVE, "heatsink", true).says("drive-cover", "own");
    }

    @Test
    void sataPortsAndBays() {
        sound().isSilentOn("sata-ports");
        sound().adding(Slot.SECOND_DRIVE, DISK).says("sata-ports", "enough");
        sound().adding(Slot.SECOND_DRIVE, DISK).says("drive-bays", "enough");
        sound().adding(Slot.SECOND_DRIVE, DISK)
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("drive-bays", "no-large", "bays for only 1");
        sound().with(Slot.CASE, "baysCombined", 1)
                .adding(Slot.SECOND_DRIVE, DISK)
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("drive-bays", "enough");
        sound().with(Slot.CASE, "bays25", 0).adding(Slot.SECOND_DRIVE, SMALL).says("drive-bays", "no-small");
        sound().with(Slot.CASE, "bays25", 0)
                .with(Slot.CASE, "baysCombined", 1)
                .adding(Slot.SECOND_DRIVE, SMALL)
                .says("drive-bays", "enough");
        sound().with(Slot.CASE, "bays25", 0)
                .with(Slot.CASE, "baysCombined", 1)
                .adding(Slot.SECOND_DRIVE, SMALL)
                .adding(Slot.SECOND_DRIVE, DISK)
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("drive-bays", "no-small");
        sound().with(Slot.MOTHERBOARD, "sataPorts", 2)
                .adding(Slot.SECOND_DRIVE, NVME)
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("sata-ports", "short", "only 0 ports that the M.2 drives leave free");
        sound().without(Slot.CASE, "bays35").adding(Slot.SECOND_DRIVE, DISK).lacks("drive-bays", "3.5-inch drive bays");
    }

    /** A slot that does not say what it switches off is not taken to switch off nothing. */
    @Test
    void unknownSlotCosts() {
        sound().with(
                        Slot.MOTHERBOARD,
                        "driveSlots",
                        List.of(Map.of("name", "M2_1", "protocols", List.of("NVMe"), "takesLanes", 0)))
                .adding(Slot.SECOND_DRIVE, DISK)
                .lacks("sata-ports", "M.2 slots");
    }

    @Test
    void whatIsInTheDrive() {
        sound().says("system-drive", "ssd");
        sound().with(Slot.SYSTEM_DRIVE, "type", "hard disk").says("system-drive", "slow");
        sound().says("drive-size", "enough");
        sound().with(Slot.SYSTEM_DRIVE, "capacity", 250).says("drive-size", "small");
        sound().isSilentOn("drive-cells");
        sound().with(Slot.SYSTEM_DRIVE, "cellsChanged", "QLC since spring")
                .says("drive-cells", "changed", "QLC since spring");
        sound().says("drive-nand", "suits");
        sound().with(Slot.SYSTEM_DRIVE, "cells", "QLC").says("drive-nand", "qlc");
        sound().with(Slot.SYSTEM_DRIVE, "cells", "QLC")
                .with(Slot.SYSTEM_DRIVE, "dramCache", true)
                .says("drive-nand", "suits");
        sound().says("drive-endurance", "enough");
        sound().with(Slot.SYSTEM_DRIVE, "endurance", 99).says("drive-endurance", "low");
    }
}
