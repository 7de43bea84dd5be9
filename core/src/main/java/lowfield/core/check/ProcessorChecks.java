package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.GRAPHICS_CARD;
import static lowfield.core.guide.Slot.MOTHERBOARD;
import static lowfield.core.guide.Slot.POWER_SUPPLY;
import static lowfield.core.guide.Slot.PROCESSOR;

import java.util.List;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;

/** Processor and board: socket, firmware, what each can and cannot do for the other. */
final class ProcessorChecks {
    static final List<Rule> ALL = List.of(
            decides("socket", "Processor and board have the same socket")
                    .equal(
                            PROCESSOR,
                            PROCESSOR_SOCKET,
                            MOTHERBOARD,
                            BOARD_SOCKET,
                            "processor and board both have socket %1$s",
                            "processor has socket %s; the board has %s"),
            decides("processor-supported", "The board runs the processor, if need be with newer firmware")
                    .reading(PROCESSOR_FAMILY, BOARD_FIRMWARE, BOARD_FLASHES)
                    .between(PROCESSOR, MOTHERBOARD, ProcessorChecks::supported),
            advises("unlocked", "An unlocked processor is on a board that lets it run free, and a locked one is not")
                    .reading(PROCESSOR_UNLOCKED, BOARD_OVERCLOCKS)
                    .between(PROCESSOR, MOTHERBOARD, ProcessorChecks::unlocked),
            advises("power-delivery", "The board's power delivery carries the processor's limit")
                    .atMost(
                            PROCESSOR,
                            PROCESSOR_LIMIT,
                            MOTHERBOARD,
                            BOARD_POWER_DELIVERY,
                            "processor takes %s W; the board delivers %s W",
                            "processor takes %s W; the board delivers only %s W for long"),
            decides("processor-plugs", "The supply has the processor plugs that the board wants")
                    .reading(BOARD_PROCESSOR_PLUGS, SUPPLY_PROCESSOR_PLUGS)
                    .between(MOTHERBOARD, POWER_SUPPLY, ProcessorChecks::plugs),
            decides("picture", "Something draws the picture: a card, or graphics in the processor")
                    .reading(PROCESSOR_GRAPHICS)
                    .concerning(GRAPHICS_CARD)
                    .by((scene, tell) -> {
                        var cards = scene.filled(GRAPHICS_CARD);
                        for (var processor : scene.filled(PROCESSOR)) {
                            if (cards.stream().allMatch(c -> c.choice() instanceof Choice.None)) {
                                withoutCard(processor, tell.about(cards, processor));
                            } else {
                                tell.about(cards, processor)
                                        .fits("%s draws it", cards.get(0).choice());
                            }
                        }
                    }),
            advises("socket-life", "How long new processors will come for the socket")
                    .reading(PROCESSOR_SOCKET_UNTIL)
                    .each(
                            PROCESSOR,
                            (processor, tell) -> tell.with(
                                    PROCESSOR_SOCKET_UNTIL.of(processor),
                                    year -> tell.fits(
                                            "new processors for the socket are promised until %s", year + ""))));

    private ProcessorChecks() {}

    private static void supported(Line processor, Line board, Telling.About tell) {
        tell.with(PROCESSOR_FAMILY.of(processor), BOARD_FIRMWARE.of(board), (family, firmware) -> {
            if (!firmware.containsKey(family)) {
                tell.clash("the board's list names %s and not %s", firmware.keySet(), family);
                return;
            }
            var from = firmware.get(family);
            if (from.isEmpty()) {
                tell.fits("the board runs %s with any firmware", family);
            } else if (BOARD_FLASHES.from(board).or(false)) {
                tell.caution(
                        "%s runs from firmware %s on; an older board can be flashed without a processor", family, from);
            } else {
                tell.caution("%s runs from firmware %s on; what the shop's box holds is not knowable", family, from);
            }
        });
    }

    private static void unlocked(Line processor, Line board, Telling.About tell) {
        tell.with(PROCESSOR_UNLOCKED.of(processor), BOARD_OVERCLOCKS.of(board), (unlocked, free) -> {
            if (unlocked && !free) {
                tell.caution("the processor is unlocked and the board does not let it run free");
            } else if (!unlocked && free) {
                tell.caution("the board lets processors run free and this one is locked");
            } else {
                tell.fits(unlocked ? "unlocked, on a board that allows it" : "locked, on a board for locked ones");
            }
        });
    }

    private static void plugs(Line board, Line supply, Telling.About tell) {
        tell.with(BOARD_PROCESSOR_PLUGS.of(board), SUPPLY_PROCESSOR_PLUGS.of(supply), (wanted, there) -> {
            if (there >= wanted) {
                tell.fits("board has %s processor plugs; the supply has %s", wanted, there);
            } else if (there > 0) {
                tell.caution("board has %s processor plugs; the supply fills only %s of them", wanted, there);
            } else {
                tell.clash("board has %s processor plugs; the supply has none", wanted);
            }
        });
    }

    private static void withoutCard(Line processor, Telling.About tell) {
        tell.with(PROCESSOR_GRAPHICS.of(processor), graphics -> {
            if (graphics) {
                tell.fits("the processor's own graphics draw it");
            } else {
                tell.clash("no card, and %s has no graphics", processor.choice());
            }
        });
    }
}
