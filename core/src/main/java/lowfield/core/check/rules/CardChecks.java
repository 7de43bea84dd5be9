package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.PLACE;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.*;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.CpuFigures.CPU_CARD_LANES;
import static lowfield.core.check.figures.CpuFigures.CPU_GENERATION;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_CARD_POWER_EDGE;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_CARD_SLOTS;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_DRIVE_SLOTS;
import static lowfield.core.check.figures.NetworkFigures.NETWORK_BUS;
import static lowfield.core.check.figures.OtherFigures.OTHER_HOLDS_CARD;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;
import lowfield.core.part.CardSlot;
import lowfield.core.part.Figure;

/** The graphics card: its place in the case and in its slot, its lanes, and what holds it. */
final class CardChecks {
    /** Above both of these a card sags without support, in grams and millimetres. */
    private static final int HEAVY = 1500;

    private static final int LONG = 300;
    /** The pitch of expansion slots, 0.8 inch, in hundredths of a millimetre (form factor standards). */
    private static final int SLOT_PITCH = 2032;
    /** A link as fast as this leaves nothing to lose, in GB/s. */
    private static final int FAST_ENOUGH = 16;
    /** An upright card wants this much air to the panel, in millimetres. */
    private static final int AIR = 20;

    private static final String UPRIGHT = "upright";

    private static final View THICK = View.of(Slot.GRAPHICS_CARD, CARD_THICKNESS, PLACE);
    private static final View HIGH =
            View.of(Slot.GRAPHICS_CARD, CARD_HEIGHT, CARD_PLUG_EDGE, CARD_SIXTEEN_PIN, CARD_EIGHT_PINS);
    private static final View OVER_CARD = View.of(Slot.CASE, CASE_CARD_HEIGHT, CASE_COOLER_HEIGHT);
    private static final View WIDE = View.of(Slot.GRAPHICS_CARD, CARD_SLOTS_COVERED, CARD_THICKNESS, SOURCE);
    private static final View CASE_SLOTS = View.of(Slot.CASE, CASE_EXPANSION_SLOTS);
    private static final View BOARD_SLOTS = View.of(Slot.MOTHERBOARD, BOARD_CARD_SLOTS);
    private static final View NETWORK_CARD = View.of(Slot.WIFI, NETWORK_BUS);
    private static final View LINK = View.of(Slot.GRAPHICS_CARD, CARD_LANES, CARD_GENERATION);
    private static final View LANES_OF_BOARD = View.of(Slot.MOTHERBOARD, BOARD_CARD_SLOTS, BOARD_DRIVE_SLOTS);
    private static final View LANES_OF_CPU = View.of(Slot.PROCESSOR, CPU_CARD_LANES, CPU_GENERATION);
    private static final View SUPPORT = View.of(Slot.GRAPHICS_CARD, CARD_WEIGHT, CARD_LENGTH, CARD_BRACKET, SOURCE);
    private static final View HOLDERS = View.of(Slot.OTHER, OTHER_HOLDS_CARD);
    private static final View STANDING = View.of(Slot.GRAPHICS_CARD, CARD_THICKNESS, CARD_GENERATION, PLACE);
    private static final View UPRIGHT_PLACE =
            View.of(Slot.CASE, CASE_UPRIGHT_THICKNESS, CASE_UPRIGHT_ROOM, CASE_RISER_GENERATION);

    static final List<Check> ALL = List.of(
            CardLength.CHECK,
            decides("card-thickness", "The graphics card is no thicker than the case takes")
                    .seeing(THICK, View.of(Slot.CASE, CASE_CARD_THICKNESS))
                    .fits("room", "The graphics card is %s mm thick; the case takes %s mm.")
                    .note("tight", "The graphics card is %s mm thick; the case takes %s mm. That is tight.")
                    .clash("too-thick", "The graphics card is %s mm thick; the case takes only %s mm.")
                    .eachPair((card, box, in, tell) -> {
                        if (!isUpright(card)) {
                            tell.with(
                                    card.get(CARD_THICKNESS),
                                    box.get(CASE_CARD_THICKNESS),
                                    (is, takes) -> tell.say(
                                            Rooms.of(is, takes, Rooms.TIGHT, "room", "tight", "too-thick"), is, takes));
                        }
                    }),
            decides("card-height", "The graphics card stays under the side panel")
                    .seeing(View.of(Slot.GRAPHICS_CARD, CARD_HEIGHT), OVER_CARD)
                    .fits("room", "The graphics card is %s mm high; the case takes %s mm.")
                    .note("tight", "The graphics card is %s mm high; the case takes %s mm. That is tight.")
                    .caution(
                            "usual",
                            "The graphics card is %s mm high; the case takes %s mm, going by its cooler limit.")
                    .clash("too-high", "The graphics card is %s mm high; the case takes only %s mm.")
                    .eachPair((card, box, in, tell) ->
                            tell.with(card.get(CARD_HEIGHT), height -> height(box, height, in, tell))),
            advises("card-bend", "There is room for the bend of the power cable over the graphics card")
                    .seeing(HIGH, OVER_CARD)
                    .fits("room", "The power cable has room to bend over the graphics card.")
                    .caution(
                            "tight",
                            "The graphics card is %s mm high and its power cable needs %s mm more; the case has %s mm.",
                            "The power cable has little room to bend over the graphics card; do not force the side panel.")
                    .eachPair(CardChecks::bend),
            decides("card-slots", "The graphics card covers no slot that is used and no more than the case has")
                    .seeing(WIDE, BOARD_SLOTS, CASE_SLOTS, NETWORK_CARD)
                    .fits("free", "The graphics card covers %s expansion slots; the case has %s.")
                    .clash("covers", "The graphics card covers the slot that %s needs.")
                    .clash("too-many", "The graphics card reaches to expansion slot %s; the case has only %s.")
                    .by(CardChecks::slots),
            advises("card-headers", "The graphics card covers no header that is needed")
                    .seeing(WIDE, BOARD_SLOTS)
                    .caution(
                            "covers",
                            "The graphics card covers a header of the motherboard: %s.",
                            "Plug in the header under the graphics card (%s) before the card goes in.")
                    .eachPair((card, board, in, tell) -> primary(
                                    board.figure(BOARD_CARD_SLOTS).or(List.of()))
                            .flatMap(slot -> slot.headersUnder().value())
                            .filter(headers ->
                                    !headers.isEmpty() && covered(card).or(1) > 1)
                            .ifPresent(headers -> tell.say("covers", headers))),
            advises("card-lanes", "The graphics card gets its full PCIe link")
                    .seeing(LINK, LANES_OF_BOARD, LANES_OF_CPU)
                    .deriving(DriveLayout.OF_BUILD)
                    .fits("full", "The graphics card gets its full link, PCIe %s.0 x%s.")
                    .note(
                            "fast-enough",
                            "The graphics card gets PCIe %s.0 x%s of its PCIe %s.0 x%s%s; that is fast enough.")
                    .caution(
                            "slow",
                            "The graphics card gets only PCIe %s.0 x%s of its PCIe %s.0 x%s%s; the 1%% lows suffer first.",
                            "The graphics card runs on a slower link here (PCIe %s.0 x%s).")
                    .caution("no-slot", "The motherboard has no slot for a graphics card.")
                    .eachThree(CardChecks::lanes),
            advises("card-bracket", "A heavy graphics card has a support")
                    .seeing(SUPPORT, HOLDERS)
                    .fits("light", "The graphics card, %s g and %s mm long, holds without a support.")
                    .fits("held", "The heavy graphics card has a support.")
                    .caution(
                            "sags",
                            "The graphics card weighs %s g and is %s mm long; it comes without a support. Add one.",
                            "Support the graphics card at its free end; it is heavy.")
                    .by(CardChecks::support),
            decides("card-upright", "An upright graphics card has its space, air and a riser as fast as itself")
                    .seeing(STANDING, UPRIGHT_PLACE)
                    .fits("stands", "The graphics card stands upright with %s mm of air.")
                    .caution(
                            "little-air",
                            "Upright, the graphics card has %s mm of air to the panel; 20 mm are advised.",
                            "The upright graphics card stands close to the panel and runs hotter.")
                    .caution("slow-riser", "The riser is PCIe %s.0; the graphics card is PCIe %s.0.")
                    .clash("too-thick", "Upright, the graphics card is %s mm thick; the case takes only %s mm.")
                    .eachPair(CardChecks::upright),
            decides("card-board-power", "A graphics card that the motherboard feeds finds the connector for it")
                    .seeing(
                            View.of(Slot.GRAPHICS_CARD, CARD_BOARD_FED),
                            View.of(Slot.MOTHERBOARD, BOARD_CARD_POWER_EDGE))
                    .fits("there", "The motherboard has the edge connector that powers the graphics card.")
                    .clash(
                            "none",
                            "The graphics card takes its power from an edge connector that the motherboard lacks.")
                    .eachPair((card, board, in, tell) -> {
                        if (card.or(CARD_BOARD_FED, false)) {
                            tell.with(board.get(BOARD_CARD_POWER_EDGE), has -> tell.say(has ? "there" : "none"));
                        }
                    }));

    private CardChecks() {}

    private static boolean isUpright(Seen card) {
        return card.or(PLACE, "").equals(UPRIGHT);
    }

    /** The room over a card: the case's own figure, else its cooler limit and a little. */
    private static Optional<Span> over(Seen box, Inputs in) {
        var own = box.figure(CASE_CARD_HEIGHT).value().map(Span::exactly);
        return own.or(() -> box.figure(CASE_COOLER_HEIGHT)
                .value()
                .map(limit -> in.usual(UsualValue.ROOM_OVER_CARD).plus(limit)));
    }

    private static void height(Seen box, int height, Inputs in, FindingCollector.About tell) {
        var room = over(box, in);
        if (room.isEmpty()) {
            tell.missing(box.get(CASE_CARD_HEIGHT));
            return;
        }
        switch (Span.exactly(height).in(room.get())) {
            case FITS -> {
                var isTight = room.get().low() - height < Rooms.TIGHT;
                tell.sayOn(room.get(), isTight ? "tight" : "room", height, room.get());
            }
            case EXCEEDS ->
                tell.sayOn(room.get(), room.get().onUsualValue() ? "usual" : "too-high", height, room.get());
            default -> tell.missing(box.get(CASE_CARD_HEIGHT));
        }
    }

    private static void bend(Seen card, Seen box, Inputs in, FindingCollector.About tell) {
        var room = over(box, in);
        if (room.isEmpty() || !card.figure(CARD_HEIGHT).isKnown()) {
            return;
        }
        var hasPlug = card.or(CARD_SIXTEEN_PIN, false) || card.or(CARD_EIGHT_PINS, 0) > 0;
        var edge = card.figure(CARD_PLUG_EDGE).value();
        if (!hasPlug || edge.filter(e -> !e.equals("top")).isPresent()) {
            tell.say("room");
            return;
        }
        var bend = in.usual(card.or(CARD_SIXTEEN_PIN, false) ? UsualValue.BEND_12V_2X6 : UsualValue.BEND_8_PIN);
        var height = card.or(CARD_HEIGHT, 0);
        var needs = (edge.isPresent() ? bend : bend.orLess()).plus(height);
        switch (needs.in(room.get())) {
            case FITS -> tell.sayOn(needs, "room");
            case EXCEEDS -> tell.sayOn(needs, "tight", height, bend, room.get());
            default -> tell.missing(edge.isPresent() ? box.get(CASE_CARD_HEIGHT) : card.get(CARD_PLUG_EDGE));
        }
    }

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

    private static int position(Inputs in) {
        return in.first(BOARD_SLOTS)
                .flatMap(b -> primary(b.figure(BOARD_CARD_SLOTS).or(List.of())))
                .map(s -> s.position().or(1))
                .orElse(1);
    }

    private static void inCase(Seen card, Figure<Integer> covered, Seen box, Inputs in, FindingCollector.About tell) {
        if (!covered.isKnown()) {
            tell.missing(card.get(CARD_SLOTS_COVERED));
            return;
        }
        var last = position(in) + covered.or(1) - 1;
        tell.with(box.get(CASE_EXPANSION_SLOTS), has -> {
            if (last <= has) {
                tell.say("free", covered.or(1), has);
            } else {
                tell.say("too-many", last, has);
            }
        });
    }

    /** A card of its own for Wi-Fi needs a slot that the graphics card leaves free. */
    private static void underneath(Seen card, Figure<Integer> covered, Seen board, Inputs in, FindingCollector tell) {
        for (var network : in.lines(NETWORK_CARD)) {
            if (!network.or(NETWORK_BUS, "").startsWith("PCIe") || !covered.isKnown()) {
                continue;
            }
            var slots = board.figure(BOARD_CARD_SLOTS).or(List.of());
            var own = primary(slots);
            var last = position(in) + covered.or(1) - 1;
            var others = slots.stream()
                    .filter(s -> own.filter(p -> p == s).isEmpty())
                    .toList();
            var isFree = others.stream()
                    .anyMatch(s -> s.position().value().filter(p -> p <= last).isEmpty());
            if (!slots.isEmpty() && !isFree) {
                tell.about(card, board, network).say("covers", network);
            }
        }
    }

    private static void lanes(Seen card, Seen board, Seen cpu, Inputs in, FindingCollector.About tell) {
        tell.with(card.get(CARD_LANES), board.get(BOARD_CARD_SLOTS), (wanted, slots) -> {
            var slot = primary(slots);
            if (slot.isEmpty()) {
                tell.say("no-slot");
                return;
            }
            tell.with(
                    card.get(CARD_GENERATION),
                    full -> link(wanted, full, slot.get(), board, cpu, in.derived(DriveLayout.OF_BUILD), tell));
        });
    }

    private static void link(
            int wanted,
            int full,
            CardSlot slot,
            Seen board,
            Seen cpu,
            Optional<DriveLayout> layout,
            FindingCollector.About tell) {
        if (layout.isEmpty()) {
            tell.missing(board.get(BOARD_DRIVE_SLOTS));
            return;
        }
        var taken = layout.get().lanesTaken();
        if (!slot.lanes().isKnown() || !slot.generation().isKnown()) {
            tell.missing(board.get(BOARD_CARD_SLOTS));
            return;
        }
        if (!taken.isKnown()) {
            tell.missing(board.get(BOARD_DRIVE_SLOTS));
            return;
        }
        tell.with(cpu.get(CPU_CARD_LANES), cpu.get(CPU_GENERATION), (ofCpu, cpuGeneration) -> {
            var lanes =
                    Math.min(Math.min(wanted, ofCpu), Math.max(0, slot.lanes().or(0) - taken.or(0)));
            var generation = Math.min(full, Math.min(slot.generation().or(0), cpuGeneration));
            if (lanes >= wanted && generation >= full) {
                tell.say("full", generation, lanes);
                return;
            }
            var why = taken.or(0) > 0 && lanes < wanted ? ", since a drive takes " + taken.or(0) + " lanes" : "";
            var isFast = lanes * gigabytesPerLane(generation) >= FAST_ENOUGH;
            tell.say(isFast ? "fast-enough" : "slow", generation, lanes, full, wanted, why);
        });
    }

    /** 1, 2 and 4 GB/s a lane for PCIe 3.0, 4.0 and 5.0. */
    private static int gigabytesPerLane(int generation) {
        return generation < 3 ? 0 : 1 << (generation - 3);
    }

    private static void support(Inputs in, FindingCollector tell) {
        var separate = in.lines(HOLDERS).stream().anyMatch(h -> h.or(OTHER_HOLDS_CARD, false));
        for (var card : in.lines(SUPPORT)) {
            if (card.or(SOURCE, Source.NONE) == Source.NONE) {
                continue;
            }
            var about = tell.about(card);
            about.with(card.get(CARD_WEIGHT), card.get(CARD_LENGTH), (grams, length) -> {
                if (grams <= HEAVY || length <= LONG) {
                    about.say("light", grams, length);
                } else if (separate) {
                    about.say("held");
                } else {
                    about.with(card.get(CARD_BRACKET), inBox -> {
                        if (inBox) {
                            about.say("held");
                        } else {
                            about.say("sags", grams, length);
                        }
                    });
                }
            });
        }
    }

    private static void upright(Seen card, Seen box, Inputs in, FindingCollector.About tell) {
        if (!isUpright(card)) {
            return;
        }
        tell.with(card.get(CARD_THICKNESS), box.get(CASE_UPRIGHT_THICKNESS), (thick, takes) -> {
            if (thick > takes) {
                tell.say("too-thick", thick, takes);
                return;
            }
            tell.with(box.get(CASE_UPRIGHT_ROOM), room -> {
                var air = room - thick;
                if (air < AIR) {
                    tell.say("little-air", air);
                } else {
                    tell.say("stands", air);
                }
            });
        });
        tell.with(card.get(CARD_GENERATION), box.get(CASE_RISER_GENERATION), (own, riser) -> {
            if (riser < own) {
                tell.say("slow-riser", riser, own);
            }
        });
    }
}
