package lowfield.core.check.card;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.figures.CardFigures.*;
import static lowfield.core.check.figures.PsuFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;

/** How the PSU feeds the graphics card: plugs, watts, and cables that are shared. */
public final class CardPower {
    /** What the slot itself delivers, in watts (PCI Express Card Electromechanical Specification). */
    private static final int SLOT_WATTS = 75;
    /** A cable with two 8-pin plugs carries this much with a note, in watts. */
    private static final int SHARED_CABLE = 225;

    private static final View CARD = View.of(
            Slot.GRAPHICS_CARD,
            CARD_SIXTEEN_PIN,
            CARD_EIGHT_PINS,
            CARD_ADAPTER,
            CARD_BOARD_POWER,
            CARD_SIXTEEN_PIN_WATTS,
            CARD_BOARD_FED);
    private static final View PSU = View.of(Slot.POWER_SUPPLY, PSU_SIXTEEN_PIN, PSU_SIXTEEN_PIN_WATTS, PSU_EIGHT_PINS);
    private static final View SHARED = View.of(Slot.GRAPHICS_CARD, CARD_EIGHT_PINS, CARD_BOARD_POWER, CARD_SIXTEEN_PIN);
    private static final View CABLES = View.of(Slot.POWER_SUPPLY, PSU_PCIE_CABLES);

    public static final List<Check> ALL = List.of(
            decides("card-power", "The PSU has the plugs and the watts that the graphics card asks for")
                    .seeing(CARD, PSU)
                    .fits("slot", "The graphics card takes its power from the slot.")
                    .fits("board", "The motherboard feeds the graphics card.")
                    .fits(
                            "native",
                            "The graphics card asks for a 12V-2x6 plug of %s W; the PSU has its own cable for %s W.")
                    .fits("plugs", "The graphics card asks for %s 8-pin PCIe plugs; the PSU has %s.")
                    .note(
                            "adapter",
                            "The PSU has no 12V-2x6 cable; the adapter in the graphics card's box takes %s of its %s 8-pin PCIe plugs.",
                            "Use the adapter in the graphics card's box, with a cable of its own for each plug.")
                    .caution(
                            "watts-short",
                            "The graphics card draws %s W; the PSU's 12V-2x6 cable carries %s W, and the slot up to 75 W more.")
                    .clash("watts", "The graphics card draws %s W; the PSU's 12V-2x6 cable carries only %s W.")
                    .clash(
                            "no-plug",
                            "The graphics card asks for a 12V-2x6 plug; the PSU has none, and its %s 8-pin PCIe plugs do not feed an adapter.")
                    .clash("too-few", "The graphics card asks for %s 8-pin PCIe plugs; the PSU has only %s.")
                    .eachPair(CardPower::power),
            advises("card-cables", "Each 8-pin plug of the graphics card has a cable of its own")
                    .seeing(SHARED, CABLES)
                    .fits("own", "The PSU has %s separate PCIe cables for the graphics card's %s 8-pin plugs.")
                    .note(
                            "shared",
                            "%s separate PCIe cables feed %s 8-pin plugs: up to %s W on one cable.",
                            "Use a separate PCIe cable for each plug as far as they go.")
                    .caution(
                            "overloaded",
                            "%s separate PCIe cables feed %s 8-pin plugs: up to %s W on one cable, more than 225 W.",
                            "The PSU has too few separate PCIe cables for this graphics card.")
                    .eachPair(CardPower::cables));

    private CardPower() {}

    private static void power(Seen card, Seen psu, Inputs in, FindingCollector.About tell) {
        if (card.or(CARD_BOARD_FED, false)) {
            tell.say("board");
            return;
        }
        tell.with(card.get(CARD_SIXTEEN_PIN), sixteen -> {
            if (sixteen) {
                sixteenPin(card, psu, tell);
                return;
            }
            tell.with(card.get(CARD_EIGHT_PINS), wanted -> {
                if (wanted == 0) {
                    tell.say("slot");
                    return;
                }
                tell.with(
                        psu.get(PSU_EIGHT_PINS),
                        there -> tell.say(wanted <= there ? "plugs" : "too-few", wanted, there));
            });
        });
    }

    private static void sixteenPin(Seen card, Seen psu, FindingCollector.About tell) {
        tell.with(psu.get(PSU_SIXTEEN_PIN), own -> {
            if (!own) {
                adapter(card, psu, tell);
                return;
            }
            var asked = card.figure(CARD_SIXTEEN_PIN_WATTS).isKnown()
                    ? card.get(CARD_SIXTEEN_PIN_WATTS)
                    : card.get(CARD_BOARD_POWER);
            tell.with(asked, psu.get(PSU_SIXTEEN_PIN_WATTS), (wanted, carries) -> {
                if (wanted <= carries) {
                    tell.say("native", wanted, carries);
                } else {
                    tell.say(wanted - SLOT_WATTS <= carries ? "watts-short" : "watts", wanted, carries);
                }
            });
        });
    }

    /** An adapter that is not in the box is one that nobody can count on. */
    private static void adapter(Seen card, Seen psu, FindingCollector.About tell) {
        if (card.figure(CARD_ADAPTER) instanceof Figure.NotApplicable) {
            tell.say("no-plug", psu.or(PSU_EIGHT_PINS, 0));
            return;
        }
        tell.with(card.get(CARD_ADAPTER), psu.get(PSU_EIGHT_PINS), (adapter, there) -> {
            if (adapter > 0 && adapter <= there) {
                tell.say("adapter", adapter, there);
            } else {
                tell.say("no-plug", there);
            }
        });
    }

    private static void cables(Seen card, Seen psu, Inputs in, FindingCollector.About tell) {
        tell.with(card.get(CARD_SIXTEEN_PIN), sixteen -> {
            if (!sixteen) {
                tell.with(card.get(CARD_EIGHT_PINS), plugs -> {
                    if (plugs > 1) {
                        cables(plugs, card, psu, tell);
                    }
                });
            }
        });
    }

    private static void cables(int plugs, Seen card, Seen psu, FindingCollector.About tell) {
        tell.with(psu.get(PSU_PCIE_CABLES), cables -> {
            if (cables >= plugs) {
                tell.say("own", cables, plugs);
                return;
            }
            if (cables == 0) {
                return;
            }
            tell.with(card.get(CARD_BOARD_POWER), watts -> {
                var onOne = Math.max(0, watts - SLOT_WATTS) * ((plugs + cables - 1) / cables) / plugs;
                tell.say(onOne <= SHARED_CABLE ? "shared" : "overloaded", cables, plugs, onOne);
            });
        });
    }
}
