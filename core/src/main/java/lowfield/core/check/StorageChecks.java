package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.CASE;
import static lowfield.core.guide.Slot.MOTHERBOARD;
import static lowfield.core.guide.Slot.POWER_SUPPLY;
import static lowfield.core.guide.Slot.SYSTEM_DRIVE;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import lowfield.core.guide.Line;

/** Drives: where each goes, how fast it runs there, and what its place costs elsewhere. */
final class StorageChecks {
    private static final String SATA = "SATA";
    /** The least that holds a system and a few games, in gigabytes. */
    private static final int LEAST = 500;

    static final List<Rule> ALL = List.of(
            decides("drive-slots", "Every M.2 drive has a slot of its protocol and length")
                    .reading(DRIVE_SHAPE, DRIVE_PROTOCOL, BOARD_DRIVE_SLOTS, PROCESSOR_LEAVES_DEAD)
                    .by((scene, tell) -> onBoards(scene, tell, StorageChecks::slots)),
            advises("drive-speed", "No drive is faster than its slot")
                    .reading(DRIVE_GENERATION, BOARD_DRIVE_SLOTS)
                    .by((scene, tell) -> placed(
                            scene,
                            tell,
                            (p, about) -> about.with(DRIVE_GENERATION.of(p.drive()), g -> {
                                var slot = p.slot().generation().or(g);
                                if (g > slot) {
                                    about.caution(
                                            "PCIe %s.0 drive in a PCIe %s.0 slot (%s)",
                                            g, slot, p.slot().name().or("M.2"));
                                } else {
                                    about.fits(
                                            "PCIe %s.0 drive in a PCIe %s.0 slot (%s)",
                                            g, slot, p.slot().name().or("M.2"));
                                }
                            }))),
            advises("drive-cover", "A drive fits under the board's cover")
                    .reading(DRIVE_HEATSINK, DRIVE_DOUBLE_SIDED, BOARD_DRIVE_SLOTS)
                    .by((scene, tell) -> placed(scene, tell, (p, about) -> {
                        if (!p.slot().covered().or(false)) {
                            return;
                        }
                        about.with(DRIVE_HEATSINK.of(p.drive()), heatsink -> {
                            if (heatsink) {
                                about.caution(
                                        "the drive has a heatsink of its own and its slot a cover; one must come off");
                                return;
                            }
                            about.with(DRIVE_DOUBLE_SIDED.of(p.drive()), doubleSided -> {
                                if (doubleSided) {
                                    about.caution("a double-sided drive under a cover; only one side is cooled");
                                } else {
                                    about.fits("the drive goes under the board's cover");
                                }
                            });
                        });
                    })),
            decides("sata-ports", "Every SATA drive has a port, a plug and a place")
                    .reading(
                            DRIVE_PROTOCOL,
                            DRIVE_SHAPE,
                            BOARD_SATA_PORTS,
                            BOARD_DRIVE_SLOTS,
                            SUPPLY_SATA_PLUGS,
                            CASE_BAYS_35,
                            CASE_BAYS_25)
                    .by(StorageChecks::sata),
            advises("system-drive", "The system is on a solid-state drive")
                    .reading(DRIVE_TYPE)
                    .each(
                            SYSTEM_DRIVE,
                            (drive, tell) -> tell.with(DRIVE_TYPE.of(drive), type -> {
                                if (type.equals("solid-state")) {
                                    tell.fits("the system drive is solid-state");
                                } else {
                                    tell.caution("the system drive is a %s", type);
                                }
                            })),
            advises("drive-size", "The system drive holds a system and a few games")
                    .reading(DRIVE_CAPACITY)
                    .each(
                            SYSTEM_DRIVE,
                            (drive, tell) -> tell.with(DRIVE_CAPACITY.of(drive), capacity -> {
                                if (capacity >= LEAST) {
                                    tell.fits("%s GB for the system and games", capacity);
                                } else {
                                    tell.caution("%s GB; under %s GB a few games fill it", capacity, LEAST);
                                }
                            })),
            advises("drive-cells", "What is in the drive is what was in it when it was tested")
                    .reading(DRIVE_CELLS_CHANGED)
                    .by((scene, tell) -> scene.drives().forEach(drive -> {
                        var changed = DRIVE_CELLS_CHANGED.from(drive).value();
                        changed.ifPresent(what ->
                                tell.about(drive).caution("sold under one name with other parts inside: %s", what));
                    })));

    private StorageChecks() {}

    private interface OnBoard {
        void tell(Scene scene, DriveLayout layout, Line board, Telling.About about);
    }

    /** For each board; not known when its slots or a drive's shape are missing. */
    private static void onBoards(Scene scene, Telling tell, OnBoard code) {
        var drives = scene.drives();
        if (drives.isEmpty()) {
            return;
        }
        for (var board : scene.filled(MOTHERBOARD)) {
            var about = tell.about(drives, board);
            var blank = Reading.firstMissing(drives, DRIVE_SHAPE, DRIVE_PROTOCOL);
            if (blank.isPresent()) {
                about.missing(blank.get());
            } else {
                scene.layout(board)
                        .ifPresentOrElse(
                                layout -> code.tell(scene, layout, board, about),
                                () -> about.missing(BOARD_DRIVE_SLOTS.of(board)));
            }
        }
    }

    private static void slots(Scene scene, DriveLayout layout, Line board, Telling.About about) {
        var there = layout.placed().size();
        if (!layout.left().isEmpty()) {
            about.clash(
                    "no slot of the board takes %s (%s)",
                    layout.left().get(0).choice(),
                    DRIVE_SHAPE.from(layout.left().get(0)).or("M.2"));
        } else if (there > 0) {
            about.fits("%s M.2 drives, each in a slot of the board", there);
        }
    }

    private static void placed(Scene scene, Telling tell, BiConsumer<DriveLayout.Placed, Telling.About> code) {
        for (var board : scene.filled(MOTHERBOARD)) {
            scene.layout(board)
                    .ifPresent(layout -> layout.placed().forEach(p -> code.accept(p, tell.about(p.drive(), board))));
        }
    }

    private static void sata(Scene scene, Telling tell) {
        var drives = new ArrayList<Line>(2);
        for (var drive : scene.drives()) {
            if (DRIVE_PROTOCOL.from(drive).or("").equals(SATA) && !DriveLayout.isM2(drive)) {
                drives.add(drive);
            }
        }
        if (drives.isEmpty()) {
            return;
        }
        var count = pieces(drives);
        for (var board : scene.filled(MOTHERBOARD)) {
            var about = tell.about(drives, board);
            var taken = scene.layout(board).map(DriveLayout::sataPortsTaken).orElse(0);
            about.with(
                    BOARD_SATA_PORTS.of(board),
                    ports -> need(
                            about,
                            count,
                            ports - taken,
                            "SATA ports on the board" + (taken > 0 ? " that the M.2 drives leave" : "")));
        }
        for (var supply : scene.filled(POWER_SUPPLY)) {
            var about = tell.about(drives, supply);
            about.with(SUPPLY_SATA_PLUGS.of(supply), plugs -> need(about, count, plugs, "SATA plugs on the supply"));
        }
        for (var box : scene.filled(CASE)) {
            place(drives, "3.5 inch", CASE_BAYS_35, box, tell);
            place(drives, "2.5 inch", CASE_BAYS_25, box, tell);
        }
    }

    private static void place(List<Line> drives, String shape, Reading<?, Integer> bays, Line box, Telling tell) {
        var of = new ArrayList<Line>(2);
        for (var drive : drives) {
            if (DRIVE_SHAPE.from(drive).or("").equals(shape)) {
                of.add(drive);
            }
        }
        if (!of.isEmpty()) {
            var about = tell.about(of, box);
            about.with(
                    bays.of(box),
                    there -> need(about, pieces(of), there, "places for " + shape + " drives in the case"));
        }
    }

    private static int pieces(List<Line> lines) {
        var pieces = 0;
        for (var line : lines) {
            pieces += line.quantity();
        }
        return pieces;
    }

    private static void need(Telling.About about, int wanted, int there, String what) {
        if (wanted <= there) {
            about.fits("%s SATA drives; %s %s", wanted, there, what);
        } else {
            about.clash("%s SATA drives; only %s %s", wanted, Math.max(there, 0), what);
        }
    }
}
