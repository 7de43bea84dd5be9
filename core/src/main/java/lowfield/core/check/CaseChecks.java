package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.CASE;
import static lowfield.core.guide.Slot.CASE_FANS;
import static lowfield.core.guide.Slot.COOLER;
import static lowfield.core.guide.Slot.GRAPHICS_CARD;
import static lowfield.core.guide.Slot.LIGHTING;
import static lowfield.core.guide.Slot.MOTHERBOARD;

import java.util.List;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;

/** The case: the board in it, the air through it, what is plugged from it into the board. */
final class CaseChecks {
    static final List<Rule> ALL = List.of(
            decides("board-format", "The case takes the board's format")
                    .oneOf(
                            MOTHERBOARD,
                            BOARD_FORMAT,
                            CASE,
                            CASE_FORMATS,
                            "board is %s; case takes %s",
                            "board is %s; case takes only %s"),
            advises("small-board", "The case is not far larger than its board")
                    .reading(BOARD_FORMAT, CASE_FORMATS)
                    .between(
                            MOTHERBOARD,
                            CASE,
                            (board, box, tell) ->
                                    tell.with(BOARD_FORMAT.of(board), CASE_FORMATS.of(box), (format, takes) -> {
                                        if (format.equals("mini-ITX") && takes.contains("ATX")) {
                                            tell.caution(
                                                    "a mini-ITX board in a case for ATX: paid for smallness that nobody sees");
                                        } else {
                                            tell.fits("%s board in a case for %s", format, takes);
                                        }
                                    })),
            advises("front-usb", "The board has a header for the case's front USB-C")
                    .reading(CASE_FRONT_USB_C, BOARD_FRONT_USB_C)
                    .between(
                            CASE,
                            MOTHERBOARD,
                            (box, board, tell) -> tell.with(CASE_FRONT_USB_C.of(box), front -> {
                                if (front) {
                                    tell.with(BOARD_FRONT_USB_C.of(board), header -> {
                                        if (header) {
                                            tell.fits("the board has a header for the front USB-C");
                                        } else {
                                            tell.caution("the case has USB-C in front and the board no header for it");
                                        }
                                    });
                                }
                            })),
            advises("fan-headers", "Every fan has a header on the board")
                    .reading(CASE_FANS_FIGURE, FAN_COUNT, BOARD_FAN_HEADERS)
                    .by((scene, tell) -> withFans(scene, tell, CaseChecks::headers)),
            advises("fan-places", "Every added fan has a place of its size")
                    .reading(CASE_FANS_FIGURE, CASE_FAN_PLACES, CASE_FAN_SIZES, FAN_COUNT, FAN_SIZE)
                    .by((scene, tell) -> withFans(scene, tell, CaseChecks::places)),
            advises("air", "Air is blown into the case and out of it")
                    .reading(CASE_FANS_FIGURE, CASE_FANS_IN, CASE_FANS_OUT, FAN_COUNT)
                    .by((scene, tell) -> withFans(scene, tell, CaseChecks::air)),
            decides("lighting-plugs", "Lighting is plugged into a header of its voltage")
                    .reading(
                            LIGHTING_LIGHTING_PLUG,
                            LIGHTING_CONTROLLER,
                            FAN_LIGHTING_PLUG,
                            COOLER_LIGHTING_PLUG,
                            CARD_LIGHTING_PLUG,
                            CASE_LIGHTING_PLUG,
                            BOARD_LIGHTING_HEADERS)
                    .by(CaseChecks::lighting),
            advises("lighting", "It is known what is lit, and that is what is wanted")
                    .reading(
                            FAN_LIGHTING_PLUG, COOLER_LIGHTING_PLUG, CARD_LIGHTING_PLUG, CASE_LIGHTING_PLUG, MEMORY_LIT)
                    .concerning(LIGHTING)
                    .by(Lights::tell));

    private CaseChecks() {}

    private interface FansCode {
        void tell(Scene scene, Line box, int included, int added, Telling tell);
    }

    /** For each case with its fans known and the added packs counted. */
    private static void withFans(Scene scene, Telling tell, FansCode code) {
        var added = scene.sum(CASE_FANS, l -> FAN_COUNT.from(l).or(0) * l.quantity());
        for (var box : scene.filled(CASE)) {
            tell.about(box).with(CASE_FANS_FIGURE.of(box), included -> code.tell(scene, box, included, added, tell));
        }
    }

    private static void headers(Scene scene, Line box, int included, int added, Telling tell) {
        for (var board : scene.filled(MOTHERBOARD)) {
            var about = tell.about(scene.filled(CASE_FANS), box, board);
            about.with(BOARD_FAN_HEADERS.of(board), headers -> {
                if (included + added <= headers) {
                    about.fits("%s case fans; the board has %s headers for them", included + added, headers);
                } else {
                    about.caution(
                            "%s case fans; the board has %s headers, so a splitter is needed",
                            included + added, headers);
                }
            });
        }
    }

    private static void places(Scene scene, Line box, int included, int added, Telling tell) {
        for (var fans : scene.filled(CASE_FANS)) {
            if (fans.choice().part().isEmpty()) {
                continue;
            }
            var about = tell.about(fans, box);
            about.with(CASE_FAN_PLACES.of(box), places -> {
                if (included + added > places) {
                    about.caution("%s fans are included and %s added; the case has %s places", included, added, places);
                } else {
                    about.with(FAN_SIZE.of(fans), CASE_FAN_SIZES.of(box), (size, sizes) -> {
                        if (sizes.contains(size.toString())) {
                            about.fits("%s mm fans; the case takes %s mm", size, sizes);
                        } else {
                            about.caution("%s mm fans; the case takes %s mm", size, sizes);
                        }
                    });
                }
            });
        }
    }

    private static void air(Scene scene, Line box, int included, int added, Telling tell) {
        var about = tell.about(scene.filled(CASE_FANS), box);
        if (included + added == 0) {
            about.caution("no fan is in the case and none is added");
        } else if (added > 0) {
            about.fits("%s fans included, %s added", included, added);
        } else {
            about.with(CASE_FANS_IN.of(box), CASE_FANS_OUT.of(box), (in, out) -> {
                if (in > 0 && out == 0) {
                    about.caution("%s fans blow in and none blows out", in);
                } else {
                    about.fits("%s fans blow in, %s out", in, out);
                }
            });
        }
    }

    /** The two plugs look alike; 12 V into a 5 V strip destroys it. */
    private static void lighting(Scene scene, Telling tell) {
        for (var board : scene.filled(MOTHERBOARD)) {
            plug(scene, LIGHTING, LIGHTING_LIGHTING_PLUG, board, tell);
            plug(scene, CASE_FANS, FAN_LIGHTING_PLUG, board, tell);
            plug(scene, COOLER, COOLER_LIGHTING_PLUG, board, tell);
            plug(scene, GRAPHICS_CARD, CARD_LIGHTING_PLUG, board, tell);
            plug(scene, CASE, CASE_LIGHTING_PLUG, board, tell);
        }
    }

    private static void plug(Scene scene, Slot slot, Reading<?, String> reading, Line board, Telling tell) {
        for (var line : scene.filled(slot)) {
            var plug = reading.from(line).value();
            var alone = line.choice().part().isPresent()
                    && LIGHTING_CONTROLLER.from(line).or(false);
            if (plug.isPresent() && !alone) {
                var about = tell.about(line, board);
                about.with(BOARD_LIGHTING_HEADERS.of(board), headers -> {
                    if (headers.contains(plug.get())) {
                        about.fits("lighting plug %s; the board has %s", plug.get(), headers);
                    } else if (headers.isEmpty()) {
                        about.caution("lighting plug %s; the board has no lighting header", plug.get());
                    } else {
                        about.clash(
                                "lighting plug %s; the board has only %s: the wrong voltage destroys it",
                                plug.get(), headers);
                    }
                });
            }
        }
    }
}
