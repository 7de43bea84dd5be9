package lowfield.core.check.card;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.figures.CardFigures.*;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.CpuFigures.CPU_CARD_LANES;
import static lowfield.core.check.figures.CpuFigures.CPU_GENERATION;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_CARD_SLOTS;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_DRIVE_SLOTS;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.check.storage.DriveLayout;
import lowfield.core.guide.Slot;
import lowfield.core.part.CardSlot;

/** Whether the graphics card gets its full PCIe link from CPU and slot. */
public final class CardLanes {
    /** A link as fast as this leaves nothing to lose, in GB/s. */
    private static final int FAST_ENOUGH = 16;

    private static final View LINK = View.of(Slot.GRAPHICS_CARD, CARD_LANES, CARD_GENERATION);
    private static final View LANES_OF_BOARD = View.of(Slot.MOTHERBOARD, BOARD_CARD_SLOTS, BOARD_DRIVE_SLOTS);
    private static final View LANES_OF_CPU = View.of(Slot.PROCESSOR, CPU_CARD_LANES, CPU_GENERATION);

    public static final List<Check> ALL = List.of(advises("card-lanes", "The graphics card gets its full PCIe link")
            .seeing(LINK, LANES_OF_BOARD, LANES_OF_CPU)
            .deriving(DriveLayout.OF_BUILD)
            .fits("full", "The graphics card gets its full link, PCIe %s.0 x%s.")
            .note("fast-enough", "The graphics card gets PCIe %s.0 x%s of its PCIe %s.0 x%s%s; that is fast enough.")
            .caution(
                    "slow",
                    "The graphics card gets only PCIe %s.0 x%s of its PCIe %s.0 x%s%s; the 1%% lows suffer first.",
                    "The graphics card runs on a slower link here (PCIe %s.0 x%s).")
            .caution(
                    "nothing-left",
                    "The drives take %s lanes of the graphics card's slot and leave none.",
                    "Put the SSD into another slot: this one takes the graphics card's lanes.")
            .caution("no-slot", "The motherboard has no slot for a graphics card.")
            .eachThree(CardLanes::lanes));

    private CardLanes() {}

    /** The slot for the card: of those with the most lanes the first, as makers list them. */
    private static Optional<CardSlot> primary(List<CardSlot> slots) {
        CardSlot widest = null;
        for (var slot : slots) {
            if (widest == null || slot.lanes().or(0) > widest.lanes().or(0)) {
                widest = slot;
            }
        }
        return Optional.ofNullable(widest);
    }

    private static void lanes(Seen card, Seen board, Seen cpu, Inputs in, FindingCollector.About tell) {
        tell.with(card.get(CARD_LANES), board.get(BOARD_CARD_SLOTS), (wanted, slots) -> {
            var slot = primary(slots);
            if (slot.isEmpty()) {
                tell.say("no-slot");
                return;
            }
            tell.with(
                    card.get(CARD_GENERATION),
                    full -> link(wanted, full, slot.get(), board, cpu, in.derived(DriveLayout.OF_BUILD), tell));
        });
    }

    private static void link(
            int wanted,
            int full,
            CardSlot slot,
            Seen board,
            Seen cpu,
            Optional<DriveLayout> layout,
            FindingCollector.About tell) {
        if (layout.isEmpty()) {
            tell.missing(board.get(BOARD_DRIVE_SLOTS));
            return;
        }
        var taken = layout.get().lanesTaken();
        if (!slot.lanes().isKnown() || !slot.generation().isKnown()) {
            tell.missing(board.get(BOARD_CARD_SLOTS));
            return;
        }
        if (!taken.isKnown()) {
            tell.missing(layout.get().untold().orElseGet(() -> board.get(BOARD_DRIVE_SLOTS)));
            return;
        }
        tell.with(cpu.get(CPU_CARD_LANES), cpu.get(CPU_GENERATION), (ofCpu, cpuGeneration) -> {
            var lanes =
                    Math.min(Math.min(wanted, ofCpu), Math.max(0, slot.lanes().or(0) - taken.or(0)));
            var generation = Math.min(full, Math.min(slot.generation().or(0), cpuGeneration));
            if (lanes >= wanted && generation >= full) {
                tell.say("full", generation, lanes);
                return;
            }
            if (lanes == 0) {
                tell.say("nothing-left", taken.or(0));
                return;
            }
            var why = taken.or(0) > 0 && lanes < wanted ? ", since a drive takes " + taken.or(0) + " lanes" : "";
            var isFast = lanes * gigabytesPerLane(generation) >= FAST_ENOUGH;
            tell.say(isFast ? "fast-enough" : "slow", generation, lanes, full, wanted, why);
        });
    }

    /** 1, 2 and 4 GB/s a lane for PCIe 3.0, 4.0 and 5.0. */
    private static int gigabytesPerLane(int generation) {
        return generation < 3 ? 0 : 1 << (generation - 3);
    }
}
