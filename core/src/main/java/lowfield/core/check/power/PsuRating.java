package lowfield.core.check.power;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.CARD_BOARD_POWER;
import static lowfield.core.check.figures.CardFigures.CARD_RECOMMENDED_SUPPLY;
import static lowfield.core.check.figures.CardFigures.CARD_SPIKE;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.PsuFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;

/** Whether the PSU carries the sustained peak and the spikes. */
public final class PsuRating {
    private static final View RATING = View.of(Slot.POWER_SUPPLY, PSU_RATING, PSU_RATING_12V, SOURCE);
    private static final View RECOMMENDED = View.of(Slot.GRAPHICS_CARD, CARD_RECOMMENDED_SUPPLY, SOURCE);
    private static final View TRIPS = View.of(Slot.POWER_SUPPLY, PSU_STANDARD, PSU_TRIP_LEVEL, PSU_RATING);
    private static final View SPIKES = View.of(Slot.GRAPHICS_CARD, CARD_SPIKE, CARD_BOARD_POWER, SOURCE);

    public static final List<Check> ALL = List.of(
            decides("supply-rating", "The PSU is rated for the sustained peak and a fifth more")
                    .seeing(RATING, RECOMMENDED)
                    .usually(UsualValue.RATING_12V)
                    .deriving(PowerLoad.OF_BUILD)
                    .fits("enough", "Sustained peak: %s W. The PSU is rated %s W.")
                    .note(
                            "recommended",
                            "Sustained peak: %s W. The PSU's %s W are enough for it; the graphics card's maker recommends %s W, for a CPU it does not name.")
                    .caution(
                            "headroom",
                            "Sustained peak: %s W. With a fifth to spare that asks for %s W; the PSU is rated %s W.",
                            "At full load the PSU has less than a fifth to spare (%s W of %3$s W).")
                    .clash("over", "Sustained peak: %s W. The PSU is rated only %s W; choose one of %s W or more.")
                    .by(PsuRating::rating),
            advises("supply-spikes", "The PSU rides out the graphics card's short spikes")
                    .seeing(TRIPS, SPIKES)
                    .usually(UsualValue.CARD_SPIKE, UsualValue.TRIP_LEVEL)
                    .deriving(PowerLoad.OF_BUILD)
                    .fits("standard", "%s covers the graphics card's short spikes.")
                    .fits("below", "%s: spikes reach %s W; the PSU trips at %s W.")
                    .caution(
                            "trips",
                            "%s: spikes reach %s W; the PSU trips at %s W.",
                            "The PSU may switch off under the graphics card's short spikes.")
                    .by(PsuRating::spikes));

    private PsuRating() {}

    private static void rating(Inputs in, FindingCollector tell) {
        var load = in.derived(PowerLoad.OF_BUILD);
        var peak = load.peak();
        for (var psu : in.lines(RATING)) {
            if (psu.or(SOURCE, Source.NONE) == Source.NONE) {
                continue;
            }
            var about = tell.about(psu);
            about.with(psu.get(PSU_RATING), rated -> {
                var rail = psu.figure(PSU_RATING_12V)
                        .value()
                        .map(watts -> Span.exactly(Math.min(watts, rated)))
                        .orElseGet(() -> percent(in.usual(UsualValue.RATING_12V), rated));
                var rating = rail.high();
                if (peak.withoutAllowances() > rating) {
                    about.say("over", peak.withoutAllowances() + peak.allowances(), rating, peak.leastRating());
                } else if (!peak.watts().isKnown() && peak.withoutAllowances() > rail.low()) {
                    about.missing(psu.get(PSU_RATING_12V));
                } else if (!peak.watts().isKnown()) {
                    load.missing().ifPresent(about::missing);
                } else {
                    rated(in, peak.watts().or(0), peak.withHeadroom().or(0), rail, psu, about);
                }
            });
        }
    }

    /** The 12 V rating is rarely printed; where it decides and is not known, nothing is said of headroom. */
    private static void rated(
            Inputs in, int watts, int withHeadroom, Span rail, Seen psu, FindingCollector.About tell) {
        var rating = rail.high();
        var recommended = 0;
        for (var card : in.lines(RECOMMENDED)) {
            recommended = Math.max(recommended, card.or(CARD_RECOMMENDED_SUPPLY, 0));
        }
        if (rating < withHeadroom) {
            tell.sayOn(rail, "headroom", watts, withHeadroom, rating);
        } else if (rail.low() < withHeadroom) {
            tell.missing(psu.get(PSU_RATING_12V));
        } else if (rating < recommended) {
            tell.sayOn(rail, "recommended", watts, rating, recommended);
        } else {
            tell.sayOn(rail, "enough", watts, rating);
        }
    }

    /** A PSU of the newer standards covers spikes; an older one is held against its trip level. */
    private static void spikes(Inputs in, FindingCollector tell) {
        var cards = in.lines(SPIKES).stream()
                .filter(c -> c.or(SOURCE, Source.NONE) != Source.NONE)
                .toList();
        var load = in.derived(PowerLoad.OF_BUILD);
        for (var psu : in.lines(TRIPS)) {
            if (cards.isEmpty()) {
                continue;
            }
            var about = tell.about(cards, psu);
            about.with(psu.get(PSU_STANDARD), standard -> {
                if (standard.startsWith("ATX 3")) {
                    about.say("standard", standard);
                } else if (!load.peak().watts().isKnown()) {
                    load.missing().ifPresent(about::missing);
                } else {
                    trips(standard, psu, cards, load.peak().watts().or(0), in, about);
                }
            });
        }
    }

    private static void trips(
            String standard, Seen psu, List<Seen> cards, int peak, Inputs in, FindingCollector.About tell) {
        var spike = Span.exactly(peak);
        for (var card : cards) {
            var power = card.or(CARD_BOARD_POWER, 0);
            var known = card.figure(CARD_SPIKE).value().map(Span::exactly);
            spike = spike.plus(known.orElseGet(() -> percent(in.usual(UsualValue.CARD_SPIKE), power))
                    .plus(-power));
        }
        var level = psu.figure(PSU_TRIP_LEVEL)
                .value()
                .map(Span::exactly)
                .or(() -> psu.figure(PSU_RATING).value().map(r -> percent(in.usual(UsualValue.TRIP_LEVEL), r)));
        if (level.isEmpty()) {
            tell.missing(psu.get(PSU_TRIP_LEVEL));
            return;
        }
        var on = spike.plus(level.get());
        switch (spike.in(level.get())) {
            case FITS -> tell.sayOn(on, "below", standard, spike, level.get());
            case EXCEEDS -> tell.sayOn(on, "trips", standard, spike, level.get());
            default -> tell.missing(psu.get(PSU_TRIP_LEVEL));
        }
    }

    private static Span percent(Span percent, int of) {
        return new Span(percent.low() * of / 100, percent.usual() * of / 100, percent.high() * of / 100, true);
    }
}
