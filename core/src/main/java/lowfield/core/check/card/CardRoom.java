package lowfield.core.check.card;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.PLACE;
import static lowfield.core.check.figures.CardFigures.*;
import static lowfield.core.check.figures.CaseFigures.*;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Rooms;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;

/** Whether the case has room for the graphics card beside its length: thickness, height, the bend of its cable, and its space when it stands upright. */
public final class CardRoom {
    /** An upright card wants this much air to the panel, in millimetres. */
    private static final int AIR = 20;

    private static final String UPRIGHT = "upright";
    private static final View THICK = View.of(Slot.GRAPHICS_CARD, CARD_THICKNESS, PLACE);
    private static final View HIGH =
            View.of(Slot.GRAPHICS_CARD, CARD_HEIGHT, CARD_PLUG_EDGE, CARD_SIXTEEN_PIN, CARD_EIGHT_PINS, PLACE);
    private static final View OVER_CARD = View.of(Slot.CASE, CASE_CARD_HEIGHT, CASE_COOLER_HEIGHT);
    private static final View STANDING = View.of(Slot.GRAPHICS_CARD, CARD_THICKNESS, CARD_GENERATION, PLACE);
    private static final View UPRIGHT_PLACE =
            View.of(Slot.CASE, CASE_UPRIGHT_THICKNESS, CASE_UPRIGHT_ROOM, CASE_RISER_GENERATION);

    public static final List<Check> ALL = List.of(
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
                    .seeing(View.of(Slot.GRAPHICS_CARD, CARD_HEIGHT, PLACE), OVER_CARD)
                    .usually(UsualValue.ROOM_OVER_CARD)
                    .fits("room", "The graphics card is %s mm high; the case takes %s mm.")
                    .note("tight", "The graphics card is %s mm high; the case takes %s mm. That is tight.")
                    .caution(
                            "usual",
                            "The graphics card is %s mm high; the case takes %s mm, going by its cooler limit.")
                    .clash("too-high", "The graphics card is %s mm high; the case takes only %s mm.")
                    .eachPair((card, box, in, tell) -> {
                        if (!isUpright(card)) {
                            tell.with(card.get(CARD_HEIGHT), height -> height(box, height, in, tell));
                        }
                    }),
            advises("card-bend", "There is room for the bend of the power cable over the graphics card")
                    .seeing(HIGH, OVER_CARD)
                    .usually(UsualValue.ROOM_OVER_CARD, UsualValue.BEND_12V_2X6, UsualValue.BEND_8_PIN)
                    .fits("room", "The power cable has room to bend over the graphics card.")
                    .caution(
                            "tight",
                            "The graphics card is %s mm high and its power cable needs %s mm more; the case has %s mm.",
                            "The power cable has little room to bend over the graphics card; do not force the side panel.")
                    .eachPair(CardRoom::bend),
            decides("card-upright", "An upright graphics card has its space, air and a riser as fast as itself")
                    .seeing(STANDING, UPRIGHT_PLACE)
                    .fits("stands", "The graphics card stands upright with %s mm of air.")
                    .caution(
                            "little-air",
                            "Upright, the graphics card has %s mm of air to the panel; 20 mm are advised.",
                            "The upright graphics card stands close to the panel and runs hotter.")
                    .caution("slow-riser", "The riser is PCIe %s.0; the graphics card is PCIe %s.0.")
                    .clash("too-thick", "Upright, the graphics card is %s mm thick; the case takes only %s mm.")
                    .eachPair(CardRoom::upright));

    private CardRoom() {}

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
        if (isUpright(card)) {
            return;
        }
        if (card.figure(CARD_PLUG_EDGE).value().filter(e -> !e.equals("top")).isPresent()) {
            tell.say("room");
            return;
        }
        tell.with(card.get(CARD_SIXTEEN_PIN), sixteen -> {
            if (sixteen) {
                bend(UsualValue.BEND_12V_2X6, card, box, in, tell);
                return;
            }
            tell.with(card.get(CARD_EIGHT_PINS), plugs -> {
                if (plugs > 0) {
                    bend(UsualValue.BEND_8_PIN, card, box, in, tell);
                } else {
                    tell.say("room");
                }
            });
        });
    }

    private static void bend(UsualValue usual, Seen card, Seen box, Inputs in, FindingCollector.About tell) {
        tell.with(card.get(CARD_HEIGHT), height -> {
            var room = over(box, in);
            if (room.isEmpty()) {
                tell.missing(box.get(CASE_CARD_HEIGHT));
                return;
            }
            var isOnTop = card.figure(CARD_PLUG_EDGE).isKnown();
            var bend = in.usual(usual);
            var needs = (isOnTop ? bend : bend.orLess()).plus(height);
            switch (needs.in(room.get())) {
                case FITS -> tell.sayOn(needs, "room");
                case EXCEEDS -> tell.sayOn(needs, "tight", height, bend, room.get());
                default -> tell.missing(isOnTop ? box.get(CASE_CARD_HEIGHT) : card.get(CARD_PLUG_EDGE));
            }
        });
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
