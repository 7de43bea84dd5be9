package lowfield.core.check.card;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.*;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_CARD_POWER_EDGE;
import static lowfield.core.check.figures.OtherFigures.OTHER_HOLDS_CARD;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** What holds a heavy graphics card, and what feeds one that takes its power from the motherboard. */
public final class CardSupport {
    /** Above both of these a card sags without support, in grams and millimetres. */
    private static final int HEAVY = 1500;

    private static final int LONG = 300;
    private static final View SUPPORT = View.of(Slot.GRAPHICS_CARD, CARD_WEIGHT, CARD_LENGTH, CARD_BRACKET, SOURCE);
    private static final View HOLDERS = View.of(Slot.OTHER, OTHER_HOLDS_CARD);

    public static final List<Check> ALL = List.of(
            advises("card-bracket", "A heavy graphics card has a support")
                    .seeing(SUPPORT, HOLDERS)
                    .fits("light", "The graphics card, %s g and %s mm long, holds without a support.")
                    .fits("held", "The heavy graphics card has a support.")
                    .caution(
                            "sags",
                            "The graphics card weighs %s g and is %s mm long; it comes without a support. Add one.",
                            "Support the graphics card at its free end; it is heavy.")
                    .by(CardSupport::support),
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

    private CardSupport() {}

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
}
