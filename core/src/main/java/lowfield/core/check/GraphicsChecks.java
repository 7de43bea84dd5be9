package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.CASE;
import static lowfield.core.guide.Slot.GRAPHICS_CARD;
import static lowfield.core.guide.Slot.MOTHERBOARD;
import static lowfield.core.guide.Slot.POWER_SUPPLY;
import static lowfield.core.guide.Slot.PROCESSOR;
import static lowfield.core.guide.Slot.SCREEN;

import java.util.List;
import java.util.Set;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.CardSlot;

/** The card: its place in the case, its plugs, its lanes, the screen it drives. */
final class GraphicsChecks {
    /** What the case's figure may still have to give up when nobody says what it was measured with: fans in front. */
    private static final int FRONT_FANS = 25;
    /** What a plug and its first bend take above a card (rules 4). */
    private static final int BEND = 35;
    /** A card from this weight on sags without a bracket. */
    private static final int HEAVY = 1300;

    private static final int LONG = 310;

    static final List<Rule> ALL = List.of(
            decides("card-length", "The card is no longer than the case takes, with what stands in front of it")
                    .reading(
                            CARD_LENGTH,
                            CASE_CARD_LENGTH,
                            CASE_CARD_LENGTH_BASIS,
                            CASE_CARD_LENGTH_WITH_RADIATOR,
                            COOLER_RADIATOR)
                    .by((scene, tell) -> {
                        for (var card : scene.filled(GRAPHICS_CARD)) {
                            for (var box : scene.filled(CASE)) {
                                length(scene, card, box, tell.about(card, box));
                            }
                        }
                    }),
            decides("card-thickness", "The card is no thicker than the case takes")
                    .atMost(
                            GRAPHICS_CARD,
                            CARD_THICKNESS,
                            CASE,
                            CASE_CARD_THICKNESS,
                            "card %s mm thick; case takes %s mm",
                            "card %s mm thick; case takes only %s mm"),
            decides("card-height", "The card and the bend of its plug stay under the side panel")
                    .reading(CARD_HEIGHT, CASE_CARD_HEIGHT)
                    .between(
                            GRAPHICS_CARD,
                            CASE,
                            (card, box, tell) ->
                                    tell.with(CARD_HEIGHT.of(card), CASE_CARD_HEIGHT.of(box), (height, room) -> {
                                        if (height + BEND <= room) {
                                            tell.fits(
                                                    "card %s mm high and %s mm for the plug's bend; case has %s mm",
                                                    height, BEND, room);
                                        } else if (height <= room) {
                                            tell.caution(
                                                    "card %s mm high; case has %s mm, less than the plug's bend of about %s mm more",
                                                    height, room, BEND);
                                        } else {
                                            tell.clash("card %s mm high; case has only %s mm", height, room);
                                        }
                                    })),
            decides("card-power", "The supply has the plugs that the card wants")
                    .reading(CARD_EIGHT_PINS, CARD_SIXTEEN_PIN, CARD_ADAPTER, SUPPLY_EIGHT_PINS, SUPPLY_SIXTEEN_PIN)
                    .between(GRAPHICS_CARD, POWER_SUPPLY, GraphicsChecks::power),
            advises("card-lanes", "The card gets all its lanes, in a slot of its generation")
                    .reading(
                            CARD_LANES,
                            CARD_GENERATION,
                            BOARD_CARD_SLOTS,
                            BOARD_DRIVE_SLOTS,
                            PROCESSOR_CARD_LANES,
                            PROCESSOR_GENERATION)
                    .by((scene, tell) -> {
                        for (var card : scene.filled(GRAPHICS_CARD)) {
                            for (var board : scene.filled(MOTHERBOARD)) {
                                for (var processor : scene.filled(PROCESSOR)) {
                                    lanes(scene, card, board, processor, tell.about(card, board, processor));
                                }
                            }
                        }
                    }),
            advises("card-screen", "The card's fastest link carries the screen's resolution and refresh")
                    .atMost(
                            SCREEN,
                            SCREEN_LINK,
                            GRAPHICS_CARD,
                            CARD_LINK,
                            "screen needs %s Gbit/s; the card's fastest link carries %s",
                            "screen needs %s Gbit/s; the card's fastest link carries only %s"),
            advises("adaptive-refresh", "Card and screen know one kind of adaptive refresh")
                    .reading(CARD_ADAPTIVE, SCREEN_ADAPTIVE)
                    .between(
                            GRAPHICS_CARD,
                            SCREEN,
                            (card, screen, tell) -> tell.with(
                                    CARD_ADAPTIVE.of(card),
                                    SCREEN_ADAPTIVE.of(screen),
                                    (a, b) -> adaptive(a, b, tell))),
            advises("card-bracket", "A long, heavy card has a bracket")
                    .reading(CARD_WEIGHT, CARD_LENGTH, CARD_BRACKET)
                    .each(GRAPHICS_CARD, GraphicsChecks::bracket));

    private GraphicsChecks() {}

    private static void length(Scene scene, Line card, Line box, Telling.About tell) {
        if (scene.radiatorInFront()) {
            tell.with(CARD_LENGTH.of(card), CASE_CARD_LENGTH_WITH_RADIATOR.of(box), (length, room) -> {
                if (length <= room) {
                    tell.fits("card %s mm; case takes %s mm behind the front radiator", length, room);
                } else {
                    tell.clash("card %s mm; case takes only %s mm behind the front radiator", length, room);
                }
            });
            return;
        }
        tell.with(CARD_LENGTH.of(card), CASE_CARD_LENGTH.of(box), (length, room) -> {
            var basis = CASE_CARD_LENGTH_BASIS.from(box).value();
            if (length > room) {
                tell.clash(
                        "card %s mm; case takes %s mm%s",
                        length, room, basis.map(b -> " " + b).orElse(""));
            } else if (basis.isEmpty() && length > room - FRONT_FANS) {
                tell.missing(CASE_CARD_LENGTH_BASIS.of(box));
            } else {
                tell.fits(
                        "card %s mm; case takes %s mm%s",
                        length, room, basis.map(b -> " " + b).orElse(", room enough for fans in front"));
            }
        });
    }

    private static void power(Line card, Line supply, Telling.About tell) {
        tell.with(CARD_SIXTEEN_PIN.of(card), CARD_EIGHT_PINS.of(card), (sixteen, eights) -> {
            if (sixteen) {
                sixteenPin(card, supply, tell);
            } else if (eights == 0) {
                tell.fits("the card takes its power from the slot");
            } else {
                tell.with(SUPPLY_EIGHT_PINS.of(supply), there -> {
                    if (eights <= there) {
                        tell.fits("card wants %s 8-pin plugs; the supply has %s", eights, there);
                    } else {
                        tell.clash("card wants %s 8-pin plugs; the supply has only %s", eights, there);
                    }
                });
            }
        });
    }

    private static void sixteenPin(Line card, Line supply, Telling.About tell) {
        tell.with(SUPPLY_SIXTEEN_PIN.of(supply), own -> {
            if (own) {
                tell.fits("card wants a 12V-2x6 plug; the supply has one of its own");
                return;
            }
            tell.with(CARD_ADAPTER.of(card), SUPPLY_EIGHT_PINS.of(supply), (adapter, there) -> {
                if (adapter > 0 && adapter <= there) {
                    tell.caution(
                            "the supply has no 12V-2x6 plug; the adapter in the card's box takes %s of its %s 8-pin plugs",
                            adapter, there);
                } else {
                    tell.clash("the supply has no 12V-2x6 plug, and its %s 8-pin plugs do not feed an adapter", there);
                }
            });
        });
    }

    private static void lanes(Scene scene, Line card, Line board, Line processor, Telling.About tell) {
        tell.with(CARD_LANES.of(card), BOARD_CARD_SLOTS.of(board), (wanted, slots) -> {
            if (slots.isEmpty()) {
                tell.caution("the board has no slot for a card");
                return;
            }
            var slot = widest(slots);
            var taken = scene.layout(board).map(DriveLayout::lanesTaken).orElse(0);
            var lanes = Math.min(
                    Math.min(wanted, PROCESSOR_CARD_LANES.from(processor).or(wanted)),
                    Math.max(0, slot.lanes().or(wanted) - taken));
            var generation = Math.min(
                    CARD_GENERATION.from(card).or(9),
                    Math.min(
                            slot.generation().or(9),
                            PROCESSOR_GENERATION.from(processor).or(9)));
            var full = CARD_GENERATION.from(card).or(generation);
            var why = taken > 0 && lanes < wanted ? "; a drive takes " + taken + " of the slot's" : "";
            if (lanes < wanted) {
                tell.caution("card has %s lanes and gets %s of PCIe %s.0%s", wanted, lanes, generation, why);
            } else if (generation < full && wanted <= 8) {
                tell.caution(
                        "card has only %s lanes and gets them at PCIe %s.0, not %s.0: the lows suffer first",
                        wanted, generation, full);
            } else {
                tell.fits("card gets its %s lanes of PCIe %s.0", lanes, generation);
            }
        });
    }

    /** The first of those with the most lanes: makers list the one for the card first. */
    private static CardSlot widest(List<CardSlot> slots) {
        var widest = slots.get(0);
        for (var slot : slots) {
            if (slot.lanes().or(0) > widest.lanes().or(0)) {
                widest = slot;
            }
        }
        return widest;
    }

    private static void adaptive(Set<String> card, Set<String> screen, Telling.About tell) {
        if (card.stream().anyMatch(screen::contains)) {
            tell.fits(
                    "both know %s",
                    card.stream().filter(screen::contains).sorted().findFirst().orElseThrow());
        } else {
            tell.caution("card knows %s; the screen %s", card, screen);
        }
    }

    private static void bracket(Line card, Telling.About tell) {
        if (card.choice() instanceof Choice.None) {
            return;
        }
        tell.with(CARD_WEIGHT.of(card), CARD_LENGTH.of(card), (weight, length) -> {
            if (weight < HEAVY && length < LONG) {
                tell.fits("%s g and %s mm hold without a bracket", weight, length);
            } else {
                tell.with(CARD_BRACKET.of(card), there -> {
                    if (there) {
                        tell.fits("a bracket is in the card's box");
                    } else {
                        tell.caution("%s g and %s mm want a bracket, and none is in the box", weight, length);
                    }
                });
            }
        });
    }
}
