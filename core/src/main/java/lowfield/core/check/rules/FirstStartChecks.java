package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.figures.CardFigures.CARD_RESIZABLE_BAR;
import static lowfield.core.check.figures.MemoryFigures.MEMORY_BASE_SPEED;
import static lowfield.core.check.figures.MemoryFigures.MEMORY_SPEED;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_RESIZABLE_BAR;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Requirement;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** What must be set at the first start, or its speed is paid for and not had. */
final class FirstStartChecks {
    static final List<Check> ALL = List.of(
            advises("memory-profile", "Memory runs at its speed from the first start, or readers are told how")
                    .seeing(View.of(Slot.MEMORY, MEMORY_SPEED, MEMORY_BASE_SPEED))
                    .fits("by-itself", "The memory runs at %s MT/s by itself.")
                    .firstStart(
                            "profile",
                            "The memory runs at %s MT/s until its memory profile is switched on, then at %s MT/s.",
                            "Switch on the memory profile: the memory runs at %2$s MT/s instead of %1$s MT/s.")
                    .each((memory, in, tell) ->
                            tell.with(memory.get(MEMORY_SPEED), memory.get(MEMORY_BASE_SPEED), (speed, base) -> {
                                if (speed > base) {
                                    tell.say("profile", base, speed);
                                } else {
                                    tell.say("by-itself", speed);
                                }
                            })),
            advises("resizable-bar", "A graphics card that leans on resizable BAR has it")
                    .seeing(
                            View.of(Slot.GRAPHICS_CARD, CARD_RESIZABLE_BAR),
                            View.of(Slot.MOTHERBOARD, BOARD_RESIZABLE_BAR))
                    .fits("on", "The graphics card leans on resizable BAR; on this motherboard it is on.")
                    .fits("not-needed", "The graphics card does not lean on resizable BAR.")
                    .firstStart(
                            "off",
                            "The graphics card leans on resizable BAR, which is off on this motherboard.",
                            "Switch on resizable BAR in the BIOS; the graphics card leans on it.")
                    .caution(
                            "none",
                            "The graphics card leans on resizable BAR, and the motherboard has none.",
                            "The graphics card is slower here: the motherboard has no resizable BAR.")
                    .eachPair(FirstStartChecks::resizableBar),
            advises("secure-boot", "Readers are told to switch secure boot on where games demand it")
                    .seeing(View.of(Slot.MOTHERBOARD))
                    .requiring(Requirement.SECURE_BOOT)
                    .firstStart(
                            "switch-on",
                            "Games of this tier demand secure boot.",
                            "Switch on secure boot in the BIOS; some games demand it.")
                    .each((board, in, tell) -> {
                        if (in.required(Requirement.SECURE_BOOT)) {
                            tell.say("switch-on");
                        }
                    }));

    private FirstStartChecks() {}

    private static void resizableBar(Seen card, Seen board, Inputs in, FindingCollector.About tell) {
        tell.with(card.get(CARD_RESIZABLE_BAR), leans -> {
            if (!leans) {
                tell.say("not-needed");
                return;
            }
            tell.with(
                    board.get(BOARD_RESIZABLE_BAR),
                    has -> tell.say(
                            switch (has) {
                                case "on" -> "on";
                                case "none" -> "none";
                                default -> "off";
                            }));
        });
    }
}
