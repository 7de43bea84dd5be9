package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.guide.Slot.GRAPHICS_CARD;
import static lowfield.core.guide.Slot.MEMORY;
import static lowfield.core.guide.Slot.MOTHERBOARD;

import java.util.List;
import lowfield.core.guide.Line;

/** What must be switched on at the first start, or its speed is paid for and not had. */
final class FirstStartChecks {
    static final List<Rule> ALL = List.of(
            advises("memory-profile", "Memory runs at its speed from the first start, or readers are told how")
                    .reading(MEMORY_SPEED, MEMORY_BASE_SPEED)
                    .each(
                            MEMORY,
                            (memory, tell) ->
                                    tell.with(MEMORY_SPEED.of(memory), MEMORY_BASE_SPEED.of(memory), (speed, base) -> {
                                        if (speed > base) {
                                            tell.caution(
                                                    "memory runs at %s MT/s until its profile is switched on at first start, then at %s",
                                                    base, speed);
                                        } else {
                                            tell.fits("memory runs at %s MT/s by itself", speed);
                                        }
                                    })),
            advises("resizable-bar", "A card that leans on resizable BAR has it")
                    .reading(CARD_RESIZABLE_BAR, BOARD_RESIZABLE_BAR)
                    .between(GRAPHICS_CARD, MOTHERBOARD, FirstStartChecks::resizableBar));

    private FirstStartChecks() {}

    private static void resizableBar(Line card, Line board, Telling.About tell) {
        tell.with(CARD_RESIZABLE_BAR.of(card), leans -> {
            if (leans) {
                tell.with(BOARD_RESIZABLE_BAR.of(board), has -> {
                    switch (has) {
                        case "on" -> tell.fits("the card leans on resizable BAR; on this board it is on");
                        case "none" -> tell.caution("the card leans on resizable BAR, and the board has none");
                        default -> tell.caution("the card leans on resizable BAR: to be switched on at first start");
                    }
                });
            } else {
                tell.fits("the card does not lean on resizable BAR");
            }
        });
    }
}
