package lowfield.core.check.card;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.*;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_CARD_SLOTS;
import static lowfield.core.check.figures.NetworkFigures.NETWORK_BUS;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.part.CardSlot;
import lowfield.core.part.Figure;

/** Whether the graphics card covers a slot or header that is needed, or more slots than the case has. */
public final class CardSlots {
    /** The pitch of expansion slots, 0.8 inch, in hundredths of a millimetre (form factor standards). */
    private static final int SLOT_PITCH = 2032;

    private static final View WIDE = View.of(Slot.GRAPHICS_CARD, CARD_SLOTS_COVERED, CARD_THICKNESS, SOURCE);
    private static final View CASE_SLOTS = View.of(Slot.CASE, CASE_EXPANSION_SLOTS);
    private static final View BOARD_SLOTS = View.of(Slot.MOTHERBOARD, BOARD_CARD_SLOTS);
    private static final View NETWORK_CARD = View.of(Slot.WIFI, NETWORK_BUS);

    public static final List<Check> ALL = List.of(
            decides("card-slots", "The graphics card covers no slot that is used and no more than the case has")
                    .seeing(WIDE, BOARD_SLOTS, CASE_SLOTS, NETWORK_CARD)
                    .fits("free", "The graphics card covers %s expansion slots; the case has %s.")
                    .clash("covers", "The graphics card covers the slot that %s needs.")
                    .clash("too-many", "The graphics card reaches to expansion slot %s; the case has only %s.")
                    .by(CardSlots::slots),
            advises("card-headers", "The graphics card covers no header that is needed")
                    .seeing(WIDE, BOARD_SLOTS)
                    .caution(
                            "covers",
                            "The graphics card covers a header of the motherboard: %s.",
                            "Plug in the header under the graphics card (%s) before the card goes in.")
                    .eachPair(CardSlots::headers));

    private CardSlots() {}

    /** Slots that the card covers: by its figure, else by its thickness. */
    private static Figure<Integer> covered(Seen card) {
        var own = card.figure(CARD_SLOTS_COVERED);
        return own.isKnown()
                ? own
                : card.figure(CARD_THICKNESS).map(mm -> Math.max(1, (mm * 100 + SLOT_PITCH - 1) / SLOT_PITCH));
    }

    /** The slot for the card: of those with the most lanes the first, as makers list them. */
    private static Optional<CardSlot> primary(List<CardSlot> slots) {
        CardSlot widest = null;
        for (var slot : slots) {
            if (widest == null || slot.lanes().or(0) > widest.lanes().or(0)) {
                widest = slot;
            }
        }
        return Optional.ofNullable(widest);
    }

    /** A row names the headers under it only where there are some. */
    private static void headers(Seen card, Seen board, Inputs in, FindingCollector.About tell) {
        var covered = covered(card);
        if (covered.value().filter(slots -> slots == 1).isPresent() || covered instanceof Figure.NotApplicable) {
            return;
        }
        tell.with(
                board.get(BOARD_CARD_SLOTS),
                slots -> primary(slots)
                        .flatMap(slot -> slot.headersUnder().value())
                        .filter(headers -> !headers.isEmpty())
                        .ifPresent(headers -> {
                            if (covered.isKnown()) {
                                tell.say("covers", headers);
                            } else {
                                tell.missing(card.get(CARD_SLOTS_COVERED));
                            }
                        }));
    }

    private static void slots(Inputs in, FindingCollector tell) {
        for (var card : in.lines(WIDE)) {
            var covered = covered(card);
            if (card.or(SOURCE, Source.NONE) == Source.NONE || covered instanceof Figure.NotApplicable) {
                continue;
            }
            for (var board : in.lines(BOARD_SLOTS)) {
                underneath(card, covered, board, in, tell);
            }
            for (var box : in.lines(CASE_SLOTS)) {
                inCase(card, covered, box, in, tell.about(card, box));
            }
        }
    }

    /** Where the card's slot is, from the top; the first where there is no motherboard yet. */
    private static Figure<Integer> position(Inputs in) {
        var board = in.first(BOARD_SLOTS);
        if (board.isEmpty()) {
            return Figure.of(1);
        }
        var slots = board.get().figure(BOARD_CARD_SLOTS).or(List.of());
        var isClear =
                slots.size() == 1 || slots.stream().allMatch(s -> s.lanes().isKnown());
        return isClear ? primary(slots).map(CardSlot::position).orElseGet(Figure::notKnown) : Figure.notKnown();
    }

    private static void inCase(Seen card, Figure<Integer> covered, Seen box, Inputs in, FindingCollector.About tell) {
        if (!covered.isKnown()) {
            tell.missing(card.get(CARD_SLOTS_COVERED));
            return;
        }
        var position = position(in);
        var last = position.or(1) + covered.or(1) - 1;
        tell.with(box.get(CASE_EXPANSION_SLOTS), has -> {
            if (last > has) {
                tell.say("too-many", last, has);
            } else if (!position.isKnown()) {
                in.first(BOARD_SLOTS).ifPresent(b -> tell.missing(b.get(BOARD_CARD_SLOTS)));
            } else {
                tell.say("free", covered.or(1), has);
            }
        });
    }

    /** A card of its own for Wi-Fi needs a slot that the graphics card leaves free. */
    private static void underneath(Seen card, Figure<Integer> covered, Seen board, Inputs in, FindingCollector tell) {
        for (var network : in.lines(NETWORK_CARD)) {
            var about = tell.about(card, board, network);
            if (network.get(NETWORK_BUS).isMissing()) {
                about.missing(network.get(NETWORK_BUS));
                continue;
            }
            if (!network.or(NETWORK_BUS, "").startsWith("PCIe")) {
                continue;
            }
            if (!covered.isKnown()) {
                about.missing(card.get(CARD_SLOTS_COVERED));
                continue;
            }
            var slots = board.figure(BOARD_CARD_SLOTS).or(List.of());
            var own = primary(slots);
            var others = slots.stream()
                    .filter(s -> own.filter(p -> p == s).isEmpty())
                    .toList();
            var last = position(in).map(p -> p + covered.or(1) - 1);
            var isFree = others.stream()
                    .anyMatch(s -> s.position().value().isPresent()
                            && last.isKnown()
                            && s.position().or(0) > last.or(0));
            var isOpen = !last.isKnown()
                    || others.stream().anyMatch(s -> !s.position().isKnown());
            if (slots.isEmpty() || !isFree && isOpen && !others.isEmpty()) {
                about.missing(board.get(BOARD_CARD_SLOTS));
            } else if (!isFree) {
                about.say("covers", network);
            }
        }
    }
}
