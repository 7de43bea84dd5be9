package lowfield.core.check;

import static lowfield.core.check.TestBuild.sound;
import static lowfield.core.check.Verdict.CAUTION;
import static lowfield.core.check.Verdict.CLASH;
import static lowfield.core.check.Verdict.FITS;
import static lowfield.core.check.Verdict.NOT_KNOWN;

import java.util.List;
import java.util.Map;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** Drives, one expectation a line. */
class StorageChecksTest {

    private static final Object[] NVME = {
        "type", "solid-state", "shape", "M.2 2280", "protocol", "NVMe", "generation", 3
    };
    private static final Object[] DISK = {"type", "hard disk", "shape", "3.5 inch", "protocol", "SATA"};

    @Test
    void slots() {
        sound().says("drive-slots", FITS, "1 M.2 drives");
        sound().adding(Slot.SECOND_DRIVE, NVME).says("drive-slots", FITS, "2 M.2 drives");
        sound().adding(Slot.SECOND_DRIVE, NVME)
                .adding(Slot.SECOND_DRIVE, NVME)
                .says("drive-slots", CLASH, "no slot of the board takes Test drive (M.2 2280)");
        sound().with(Slot.SYSTEM_DRIVE, "shape", "M.2 22110").says("drive-slots", CLASH, "M.2 22110");
        sound().with(Slot.SYSTEM_DRIVE, "protocol", "SATA").says("drive-slots", CLASH, "no slot");
        sound().with(
                        Slot.MOTHERBOARD,
                        "driveSlots",
                        List.of(Map.of("name", "r", "protocols", List.of("NVMe"), "radioOnly", true)))
                .says("drive-slots", CLASH, "no slot");
        sound().without(Slot.MOTHERBOARD, "driveSlots").says("drive-slots", NOT_KNOWN, "drive slots (M.2) of Test");
        sound().without(Slot.SYSTEM_DRIVE, "shape").says("drive-slots", NOT_KNOWN, "shape of Test drive");
    }

    /** A processor that leaves a slot dead pushes the drive into the slot that costs the card its lanes. */
    @Test
    void aDeadSlotMovesTheDrive() {
        var dead = sound().with(Slot.PROCESSOR, "leavesDead", List.of("M2_1")).with(Slot.GRAPHICS_CARD, "lanes", 16);
        dead.says("drive-slots", FITS, "1 M.2 drives");
        dead.says("card-lanes", CAUTION, "a drive takes 8 of the slot's");
        dead.says("drive-speed", CAUTION, "PCIe 4.0 drive in a PCIe 3.0 slot (M2_2)");
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
                .says("drive-slots", FITS, "2 M.2 drives");
    }

    @Test
    void speedAndCover() {
        sound().says("drive-speed", FITS, "PCIe 4.0 drive in a PCIe 4.0 slot (M2_1)");
        sound().with(Slot.SYSTEM_DRIVE, "generation", 5).says("drive-speed", CAUTION, "PCIe 5.0 drive in a PCIe 4.0");
        sound().without(Slot.SYSTEM_DRIVE, "generation")
                .says("drive-speed", NOT_KNOWN, "PCIe generation of Test drive");
        sound().says("drive-cover", FITS, "under the board's cover");
        sound().with(Slot.SYSTEM_DRIVE, "heatsink", true).says("drive-cover", CAUTION, "one must come off");
        sound().with(Slot.SYSTEM_DRIVE, "doubleSided", true).says("drive-cover", CAUTION, "only one side is cooled");
    }

    @Test
    void sata() {
        sound().isSilentOn("sata-ports");
        sound().adding(Slot.SECOND_DRIVE, DISK).says("sata-ports", FITS, "places for 3.5 inch drives");
        sound().adding(Slot.SECOND_DRIVE, DISK)
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("sata-ports", CLASH, "only 1 places for 3.5 inch");
        sound().with(Slot.POWER_SUPPLY, "sataPlugs", 0)
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("sata-ports", CLASH, "only 0 SATA plugs");
        sound().with(Slot.MOTHERBOARD, "sataPorts", 2)
                .adding(Slot.SECOND_DRIVE, NVME)
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("sata-ports", CLASH, "only 0 SATA ports on the board that the M.2 drives leave");
        sound().without(Slot.CASE, "bays35")
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("sata-ports", NOT_KNOWN, "3.5 inch drives of Test case");
    }

    @Test
    void systemDrive() {
        sound().says("system-drive", FITS, "solid-state");
        sound().with(Slot.SYSTEM_DRIVE, "type", "hard disk").says("system-drive", CAUTION, "is a hard disk");
        sound().without(Slot.SYSTEM_DRIVE, "type").says("system-drive", NOT_KNOWN, "type of Test drive");
        sound().says("drive-size", FITS, "1000 GB");
        sound().with(Slot.SYSTEM_DRIVE, "capacity", 250).says("drive-size", CAUTION, "under 500 GB");
        sound().without(Slot.SYSTEM_DRIVE, "capacity").says("drive-size", NOT_KNOWN, "capacity");
        sound().isSilentOn("drive-cells");
        sound().with(Slot.SYSTEM_DRIVE, "cellsChanged", "four bits a cell since spring")
                .says("drive-cells", CAUTION, "four bits a cell since spring");
        sound().choosing(Slot.SYSTEM_DRIVE, new Choice.None()).isSilentOn("system-drive");
    }
}
