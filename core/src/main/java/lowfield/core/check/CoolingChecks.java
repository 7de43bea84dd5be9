package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.CASE;
import static lowfield.core.guide.Slot.COOLER;
import static lowfield.core.guide.Slot.MEMORY;
import static lowfield.core.guide.Slot.PASTE;
import static lowfield.core.guide.Slot.PROCESSOR;

import java.util.List;
import java.util.Optional;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Figure;

/** What cools the processor, and whether it fits on it and into the case. */
final class CoolingChecks {
    static final List<Rule> ALL = List.of(
            decides("cooler-present", "The processor has a cooler, chosen or in its box")
                    .reading(PROCESSOR_COOLER_IN_BOX)
                    .concerning(COOLER)
                    .by((scene, tell) -> scene.filled(PROCESSOR).forEach(processor -> present(processor, scene, tell))),
            decides("cooler-socket", "The cooler has a bracket for the socket")
                    .oneOf(
                            PROCESSOR,
                            PROCESSOR_SOCKET,
                            COOLER,
                            COOLER_SOCKETS,
                            "socket %s is among the cooler's: %s",
                            "socket %s is not among the cooler's: %s"),
            advises("cooler-capacity", "The cooler is known to carry the processor's limit at board defaults")
                    .atMost(
                            PROCESSOR,
                            PROCESSOR_LIMIT,
                            COOLER,
                            COOLER_CAPACITY,
                            "processor takes %s W; the cooler carries %s W",
                            "processor takes %s W; the cooler carries only %s W"),
            decides("cooler-height", "The cooler is no higher than the case takes")
                    .atMost(
                            COOLER,
                            COOLER_HEIGHT,
                            CASE,
                            CASE_COOLER_HEIGHT,
                            "cooler %s mm high; case takes %s mm",
                            "cooler %s mm high; case takes only %s mm"),
            decides("cooler-memory", "The cooler clears the memory, with its front fan raised if need be")
                    .reading(
                            COOLER_MEMORY_CLEARANCE, MEMORY_HEIGHT, COOLER_FAN_RISES, COOLER_HEIGHT, CASE_COOLER_HEIGHT)
                    .by(CoolingChecks::overMemory),
            decides("radiator", "The case has a place for the radiator")
                    .reading(
                            COOLER_RADIATOR,
                            COOLER_RADIATOR_THICKNESS,
                            COOLER_TUBE,
                            MEMORY_HEIGHT,
                            BOARD_HEATSINK_HEIGHT,
                            CASE_RADIATORS)
                    .by((scene, tell) -> {
                        for (var cooler : scene.filled(COOLER)) {
                            for (var box : scene.filled(CASE)) {
                                radiator(scene, cooler, box, tell.about(cooler, box));
                            }
                        }
                    }),
            advises("paste", "There is thermal paste, once: in the cooler's box or chosen")
                    .reading(COOLER_PASTE)
                    .concerning(PASTE)
                    .by((scene, tell) -> {
                        for (var cooler : scene.filled(COOLER)) {
                            if (cooler.choice().part().isPresent()) {
                                paste(scene, cooler, tell);
                            }
                        }
                    }));

    private CoolingChecks() {}

    private static void present(Line processor, Scene scene, Telling tell) {
        var coolers = scene.filled(COOLER);
        var about = coolers.isEmpty() ? tell.about(processor) : tell.about(processor, coolers.get(0));
        var chosen = scene.first(COOLER, CoolingChecks::isBought);
        if (chosen.isPresent()) {
            var label = chosen.get().choice();
            if (PROCESSOR_COOLER_IN_BOX.from(processor).or(false)) {
                about.caution("%s is chosen and one is in the processor's box; say what the extra buys", label);
            } else {
                about.fits("%s is chosen", label);
            }
        } else if (scene.first(COOLER, l -> l.choice() instanceof Choice.Owned).isPresent()) {
            about.fits("the reader has a cooler");
        } else {
            about.with(PROCESSOR_COOLER_IN_BOX.of(processor), inBox -> {
                if (inBox) {
                    about.fits("a cooler is in the processor's box");
                } else {
                    about.clash("no cooler is in the box of %s and none is chosen", processor.choice());
                }
            });
        }
    }

    private static void overMemory(Scene scene, Telling tell) {
        for (var cooler : scene.filled(COOLER)) {
            for (var memory : scene.filled(MEMORY)) {
                var about = tell.about(cooler, memory);
                about.with(COOLER_MEMORY_CLEARANCE.of(cooler), MEMORY_HEIGHT.of(memory), (room, height) -> {
                    if (height <= room) {
                        about.fits("memory %s mm high; the cooler leaves %s mm", height, room);
                    } else if (!COOLER_FAN_RISES.from(cooler).or(false)) {
                        about.clash("memory %s mm high; the cooler leaves only %s mm", height, room);
                    } else {
                        scene.filled(CASE).forEach(box -> raised(cooler, memory, box, height - room, tell));
                    }
                });
            }
        }
    }

    /** The front fan goes up by what the memory is too high, and the cooler's height with it. */
    private static void raised(Line cooler, Line memory, Line box, int by, Telling tell) {
        var about = tell.about(cooler, memory, box);
        about.with(COOLER_HEIGHT.of(cooler), CASE_COOLER_HEIGHT.of(box), (height, room) -> {
            if (height + by <= room) {
                about.caution(
                        "the front fan must go up %s mm over the memory: %s mm; case takes %s mm",
                        by, height + by, room);
            } else {
                about.clash(
                        "raised %s mm over the memory the front fan stands at %s mm; case takes only %s mm",
                        by, height + by, room);
            }
        });
    }

    private static void radiator(Scene scene, Line cooler, Line box, Telling.About tell) {
        tell.with(COOLER_RADIATOR.of(cooler), CASE_RADIATORS.of(box), (size, places) -> {
            if (places.stream().anyMatch(p -> !p.sizes().isKnown())) {
                tell.notKnown("which radiators each place of %s takes is not known", box.choice());
                return;
            }
            var place = RadiatorFit.of(scene.build(), cooler, box);
            if (place.isPresent()) {
                tell.fits("a %s mm radiator goes %s", size, place.get());
            } else {
                tell.clash("no place of the case takes a %s mm radiator%s", size, why(cooler));
            }
        });
    }

    private static String why(Line cooler) {
        return COOLER_RADIATOR_THICKNESS
                .from(cooler)
                .value()
                .map(t -> " of " + t + " mm with its fans")
                .orElse("");
    }

    private static boolean isBought(Line line) {
        return line.choice().part().isPresent() || line.choice() instanceof Choice.FreeHand;
    }

    private static void paste(Scene scene, Line cooler, Telling tell) {
        var about = tell.about(scene.filled(PASTE), cooler);
        var inBox = COOLER_PASTE.from(cooler);
        var extra = scene.first(PASTE, CoolingChecks::isBought);
        if (extra.isPresent()) {
            if (inBox.or(false)) {
                about.caution(
                        "paste is in the cooler's box; %s is one more",
                        extra.get().choice());
            } else {
                about.fits("%s is chosen", extra.get().choice());
            }
        } else if (scene.first(PASTE, l -> l.choice() instanceof Choice.Owned).isPresent()) {
            about.fits("the reader has paste");
        } else {
            said(cooler, inBox, about);
        }
    }

    private static void said(Line cooler, Figure<Boolean> inBox, Telling.About about) {
        Optional<Boolean> known = inBox.value();
        if (known.isEmpty()) {
            about.missing(COOLER_PASTE.of(cooler));
        } else if (known.get()) {
            about.fits("paste is in the cooler's box");
        } else {
            about.caution("no paste is in the cooler's box and none is chosen");
        }
    }
}
