package lowfield.core.check;

import static lowfield.core.check.Figures.BOARD_RADIO;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.MOTHERBOARD;
import static lowfield.core.guide.Slot.OPERATING_SYSTEM;
import static lowfield.core.guide.Slot.WIFI;

import java.util.List;
import java.util.function.BiConsumer;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;

/** The list as a whole: nothing forgotten, nothing twice, nothing that cannot be bought or that is advised against. */
final class ListChecks {
    private static final List<Slot> SLOTS = List.of(Slot.values());

    static final List<Rule> ALL = List.of(
            decides("slot-empty", "Every slot that a build needs is filled")
                    .concerning(Slot.values())
                    .by(ListChecks::filled),
            decides("slot-twice", "No slot for one thing is filled twice")
                    .concerning(Slot.values())
                    .by(ListChecks::once),
            advises("release", "Every part is on sale")
                    .concerning(Slot.values())
                    .by((scene, tell) -> parts(scene, (part, line) -> release(part, line, tell.about(line)))),
            advises("avoid", "No part is on the list of those advised against")
                    .concerning(Slot.values())
                    .by((scene, tell) -> parts(scene, (part, line) -> {
                        if (part.avoid().isPresent()) {
                            tell.about(line)
                                    .caution(
                                            "%s is on the avoid list: %s",
                                            line.choice(), part.avoid().get());
                        }
                    })),
            advises("wifi-once", "Wi-Fi is there once: on the board or as a card of its own")
                    .reading(BOARD_RADIO)
                    .between(WIFI, MOTHERBOARD, ListChecks::radio),
            advises("operating-system", "The list says where the operating system comes from")
                    .concerning(OPERATING_SYSTEM)
                    .by(ListChecks::operatingSystem));

    private ListChecks() {}

    private static void parts(Scene scene, BiConsumer<Part, Line> code) {
        for (var line : scene.build().lines()) {
            var part = line.choice().part();
            if (part.isPresent()) {
                code.accept(part.get(), line);
            }
        }
    }

    private static void filled(Scene scene, Telling tell) {
        for (var slot : SLOTS) {
            if (slot.needed()) {
                var lines = scene.filled(slot);
                if (!lines.isEmpty()) {
                    tell.about(lines.get(0)).fits("%s is filled", slot.label());
                } else {
                    tell.about(scene.build().lines().stream()
                                    .filter(l -> l.slot() == slot)
                                    .toList())
                            .clash("%s is empty", slot.label());
                }
            }
        }
    }

    /** A slot that holds one thing holds one line of quantity one; memory kits may be several of a kind. */
    private static void once(Scene scene, Telling tell) {
        for (var slot : SLOTS) {
            var lines = scene.filled(slot);
            if (slot.several() || lines.isEmpty()) {
                continue;
            }
            var pieces = pieces(lines);
            if (lines.size() > 1 || pieces > (slot == Slot.MEMORY ? Line.MOST : 1)) {
                tell.about(lines)
                        .clash(
                                "%s is filled with %s pieces on %s lines; one belongs there",
                                slot.label(), pieces, lines.size());
            }
        }
    }

    private static int pieces(List<Line> lines) {
        var pieces = 0;
        for (var line : lines) {
            pieces += line.quantity();
        }
        return pieces;
    }

    private static void release(Part part, Line line, Telling.About tell) {
        switch (part.release()) {
            case ON_SALE -> tell.fits("%s is on sale", line.choice());
            case ANNOUNCED -> tell.caution("%s is announced and not on sale yet", line.choice());
            case ENDING -> tell.caution("%s is ending; what is in the shops is the last of it", line.choice());
            case GONE -> tell.caution("%s is gone from the shops for good", line.choice());
        }
    }

    private static void radio(Line radio, Line board, Telling.About tell) {
        if (radio.choice() instanceof Choice.None) {
            return;
        }
        tell.with(BOARD_RADIO.of(board), onBoard -> {
            if (radio.choice() instanceof Choice.OnTheBoard) {
                if (onBoard) {
                    tell.fits("the board has Wi-Fi");
                } else {
                    tell.caution("Wi-Fi is said to be on the board, and the board has none");
                }
            } else if (onBoard) {
                tell.caution("the board has Wi-Fi, and %s is a second", radio.choice());
            } else {
                tell.fits("the board has no Wi-Fi; %s brings it", radio.choice());
            }
        });
    }

    private static void operatingSystem(Scene scene, Telling tell) {
        var lines = scene.filled(OPERATING_SYSTEM);
        if (lines.isEmpty()) {
            tell.about(List.of()).caution("no operating system is on the list; say whether the reader has one");
        } else {
            tell.about(lines).fits("operating system: %s", lines.get(0).choice());
        }
    }
}
