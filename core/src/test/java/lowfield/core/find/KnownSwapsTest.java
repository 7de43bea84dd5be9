package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lowfield.core.check.Finding;
import lowfield.core.check.TestBuild;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** Swaps whose consequences the finder once left out. */
class KnownSwapsTest {
    /** Taller memory pushes the radiator to the front, where the graphics card then clashes. */
    @Test
    void tallerMemoryThatPushesARadiatorForward() {
        var kit = TestBuild.sound()
                .with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52)
                .with(Slot.COOLER, "tube", 400)
                .with(Slot.GRAPHICS_CARD, "length", 270);
        var said = swap(kit, Slot.MEMORY, TestBuild.like(Slot.MEMORY, "height", 44));
        assertThat(said).anyMatch(f -> f.check().id().equals("card-length") && f.verdict() == Verdict.CLASH);
    }

    /** A CPU that disables an M.2 slot moves the drive to one that switches SATA ports off. */
    @Test
    void aCpuThatDisablesASlot() {
        var kit = TestBuild.sound()
                .with(Slot.MOTHERBOARD, "sataPorts", 2)
                .adding(Slot.SECOND_DRIVE, "type", "hard disk", "shape", "3.5 inch", "protocol", "SATA");
        var said = swap(kit, Slot.PROCESSOR, TestBuild.like(Slot.PROCESSOR, "leavesDead", List.of("M2_1")));
        assertThat(said).anyMatch(f -> f.check().id().equals("sata-ports") && f.verdict() == Verdict.CLASH);
    }

    /** A second NVMe drive halves the card's lanes. */
    @Test
    void aSecondDriveThatTakesLanes() {
        var kit = TestBuild.sound().with(Slot.GRAPHICS_CARD, "lanes", 16).adding(Slot.SECOND_DRIVE, new Choice.Empty());
        var build = kit.build();
        var line = build.lines().stream()
                .filter(l -> l.slot() == Slot.SECOND_DRIVE)
                .findFirst()
                .orElseThrow();
        var drive = TestBuild.like(Slot.SECOND_DRIVE, "type", "solid-state", "shape", "M.2 2280", "protocol", "NVMe");
        assertThat(Impact.ofTaking(build, Checks.on(build), line.id(), new Choice.Chosen(drive))
                        .findings())
                .anyMatch(
                        f -> f.check().id().equals("card-lanes") && f.evidence().contains("takes 8 lanes"));
    }

    /** A clash is not hidden by cautions that were there before with other figures. */
    @Test
    void whatGetsWorseIsNew() {
        var kit = TestBuild.sound().with(Slot.POWER_SUPPLY, "rating", 300);
        var said = swap(kit, Slot.GRAPHICS_CARD, TestBuild.like(Slot.GRAPHICS_CARD, "boardPower", 450));
        assertThat(said).anyMatch(f -> f.check().id().equals("supply-rating") && f.verdict() == Verdict.CLASH);
    }

    private static List<Finding> swap(TestBuild kit, Slot slot, Part part) {
        var build = kit.build();
        return Impact.ofTaking(build, Checks.on(build), kit.line(slot), new Choice.Chosen(part))
                .findings();
    }
}
