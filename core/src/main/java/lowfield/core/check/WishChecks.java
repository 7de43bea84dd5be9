package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.CABLES;
import static lowfield.core.guide.Slot.CASE;
import static lowfield.core.guide.Slot.CASE_FANS;
import static lowfield.core.guide.Slot.COOLER;
import static lowfield.core.guide.Slot.GRAPHICS_CARD;
import static lowfield.core.guide.Slot.MEMORY;
import static lowfield.core.guide.Slot.MOTHERBOARD;
import static lowfield.core.guide.Slot.POWER_SUPPLY;
import static lowfield.core.guide.Slot.WIFI;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;

/** What the tier or the brief asks for beside band and promise; silent on what is not asked for. */
final class WishChecks {
    private static final Map<Slot, Reading<?, String>> COLOURS = new EnumMap<>(Map.of(
            CASE, CASE_COLOUR,
            MOTHERBOARD, BOARD_COLOUR,
            MEMORY, MEMORY_COLOUR,
            GRAPHICS_CARD, CARD_COLOUR,
            COOLER, COOLER_COLOUR,
            CASE_FANS, FAN_COLOUR,
            CABLES, CABLES_COLOUR));
    private static final Map<Slot, Reading<?, Integer>> NOISES = new EnumMap<>(
            Map.of(GRAPHICS_CARD, CARD_NOISE, COOLER, COOLER_NOISE, POWER_SUPPLY, SUPPLY_NOISE, CASE_FANS, FAN_NOISE));

    static final List<Rule> ALL = List.of(
            advises("theme", "The parts one sees are of the theme's colours")
                    .reading(
                            CASE_COLOUR,
                            CASE_WINDOW,
                            BOARD_COLOUR,
                            MEMORY_COLOUR,
                            CARD_COLOUR,
                            COOLER_COLOUR,
                            FAN_COLOUR,
                            CABLES_COLOUR)
                    .by(WishChecks::theme),
            advises("noise", "Nothing is louder than the tier asks")
                    .reading(CARD_NOISE, COOLER_NOISE, SUPPLY_NOISE, FAN_NOISE)
                    .by((scene, tell) -> scene.wishes().mostNoise().ifPresent(most -> noise(scene, most, tell))),
            advises("error-correction", "Where error correction is asked for, memory and board both do it")
                    .reading(MEMORY_CORRECTS, BOARD_CORRECTS)
                    .by(WishChecks::errorCorrection),
            advises("rear-ports", "The board has the rear ports that are asked for")
                    .reading(BOARD_REAR_PORTS)
                    .by(WishChecks::rearPorts),
            advises("radio-asked", "Where Wi-Fi is asked for, the board or a card brings it")
                    .reading(BOARD_RADIO)
                    .concerning(WIFI)
                    .by(WishChecks::radio),
            decides("supply-floor", "The supply is of the quality that the tier asks for, or better")
                    .reading(SUPPLY_QUALITY)
                    .by((scene, tell) -> scene.wishes().supplyFloor().ifPresent(floor -> supplies(scene, floor, tell))),
            advises("supply-warranty", "The supply's warranty is served where the readers are")
                    .reading(SUPPLY_WARRANTY, SUPPLY_WARRANTY_IN)
                    .by((scene, tell) -> scene.wishes().region().ifPresent(region -> warranty(scene, region, tell))),
            advises("secure-boot", "Readers are told to switch secure boot on where games demand it")
                    .concerning(MOTHERBOARD)
                    .by((scene, tell) -> {
                        if (scene.wishes().secureBoot()) {
                            tell.about(scene.filled(MOTHERBOARD))
                                    .caution("games of this tier demand secure boot: to be switched on at first start");
                        }
                    }),
            advises("counted", "What counts in the total is what the tier says counts")
                    .concerning(Slot.values())
                    .by(WishChecks::counted));

    private WishChecks() {}

    private static void theme(Scene scene, Telling tell) {
        var colours = scene.wishes().colours();
        if (colours.isEmpty()) {
            return;
        }
        var closed =
                scene.filled(CASE).stream().anyMatch(l -> !CASE_WINDOW.from(l).or(true));
        for (var seen : COLOURS.entrySet()) {
            if (closed && seen.getKey() != CASE) {
                continue;
            }
            for (var line : scene.filled(seen.getKey())) {
                var about = tell.about(line);
                about.with(seen.getValue().of(line), colour -> {
                    if (colours.contains(colour)) {
                        about.fits("%s is %s", line.choice(), colour);
                    } else {
                        about.caution("%s is %s; the theme is %s", line.choice(), colour, colours);
                    }
                });
            }
        }
    }

    private static void noise(Scene scene, int most, Telling tell) {
        for (var loud : NOISES.entrySet()) {
            for (var line : scene.filled(loud.getKey())) {
                var about = tell.about(line);
                about.with(loud.getValue().of(line), dB -> {
                    if (dB <= most) {
                        about.fits("%s makes %s dB; at most %s dB are asked for", line.choice(), dB, most);
                    } else {
                        about.caution("%s makes %s dB; at most %s dB are asked for", line.choice(), dB, most);
                    }
                });
            }
        }
    }

    private static void errorCorrection(Scene scene, Telling tell) {
        if (!scene.wishes().errorCorrection()) {
            return;
        }
        for (var memory : scene.filled(MEMORY)) {
            for (var board : scene.filled(MOTHERBOARD)) {
                var about = tell.about(memory, board);
                about.with(MEMORY_CORRECTS.of(memory), BOARD_CORRECTS.of(board), (corrects, runs) -> {
                    if (!corrects) {
                        about.caution("error correction is asked for, and the memory does not correct");
                    } else if (!runs) {
                        about.caution("the memory corrects errors, and the board does not run it so");
                    } else {
                        about.fits("memory and board correct errors");
                    }
                });
            }
        }
    }

    private static void rearPorts(Scene scene, Telling tell) {
        var asked = scene.wishes().rearPorts();
        if (asked.isEmpty()) {
            return;
        }
        for (var board : scene.filled(MOTHERBOARD)) {
            var about = tell.about(board);
            about.with(BOARD_REAR_PORTS.of(board), ports -> {
                var lacking = new TreeSet<>(asked);
                lacking.removeAll(ports);
                if (lacking.isEmpty()) {
                    about.fits("the board has %s at its back", asked);
                } else {
                    about.caution("the board has no %s at its back", lacking);
                }
            });
        }
    }

    private static void radio(Scene scene, Telling tell) {
        if (!scene.wishes().radio()) {
            return;
        }
        var cards = scene.first(
                WIFI, l -> !(l.choice() instanceof Choice.None) && !(l.choice() instanceof Choice.OnTheBoard));
        for (var board : scene.filled(MOTHERBOARD)) {
            var about = tell.about(scene.filled(WIFI), board);
            if (cards.isPresent()) {
                about.fits("Wi-Fi is asked for; %s brings it", cards.get().choice());
            } else {
                about.with(BOARD_RADIO.of(board), there -> {
                    if (there) {
                        about.fits("Wi-Fi is asked for; it is on the board");
                    } else {
                        about.caution("Wi-Fi is asked for, and neither the board nor a card brings it");
                    }
                });
            }
        }
    }

    private static void supplies(Scene scene, String floor, Telling tell) {
        for (var supply : scene.filled(POWER_SUPPLY)) {
            var about = tell.about(supply);
            about.with(SUPPLY_QUALITY.of(supply), quality -> {
                if (Wishes.isAtLeast(quality, floor)) {
                    about.fits("testers call its quality %s; the tier asks for %s", quality, floor);
                } else {
                    about.clash("testers call its quality %s; the tier asks for %s", quality, floor);
                }
            });
        }
    }

    private static void warranty(Scene scene, String region, Telling tell) {
        for (var supply : scene.filled(POWER_SUPPLY)) {
            var about = tell.about(supply);
            about.with(SUPPLY_WARRANTY.of(supply), SUPPLY_WARRANTY_IN.of(supply), (years, places) -> {
                if (places.contains(region)) {
                    about.fits("%s years of warranty, served in %s", years, region);
                } else {
                    about.caution("%s years of warranty, served in %s and not in %s", years, places, region);
                }
            });
        }
    }

    private static void counted(Scene scene, Telling tell) {
        if (scene.wishes().beside().isEmpty()) {
            return;
        }
        var beside = scene.wishes().beside().get();
        var right = new ArrayList<Line>();
        for (var line : scene.build().lines()) {
            if (line.isEmpty()) {
                continue;
            }
            if (line.counted() != beside.contains(line.slot())) {
                right.add(line);
            } else if (line.counted()) {
                tell.about(line).caution("%s is counted, and the tier's total leaves it out", line.choice());
            } else {
                tell.about(line).caution("%s stands beside the total, and the tier counts it", line.choice());
            }
        }
        if (!right.isEmpty()) {
            tell.about(right).fits("%s lines count as the tier says", right.size());
        }
    }
}
