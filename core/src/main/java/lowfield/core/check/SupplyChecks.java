package lowfield.core.check;

import static lowfield.core.check.Figures.*;
import static lowfield.core.check.Rule.advises;
import static lowfield.core.check.Rule.decides;
import static lowfield.core.guide.Slot.CASE;
import static lowfield.core.guide.Slot.GRAPHICS_CARD;
import static lowfield.core.guide.Slot.POWER_SUPPLY;
import static lowfield.core.guide.Slot.PROCESSOR;

import java.util.ArrayList;
import java.util.List;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.power.SustainedPeak;

/** The supply: enough, quick enough, good enough, and of a size that goes in. */
final class SupplyChecks {
    /** A card's excursion where nobody measured it, in percent of its board power (rules 5). */
    private static final int SPIKE_PERCENT = 180;

    static final List<Rule> ALL = List.of(
            decides("supply-rating", "The supply is rated for the sustained peak and a fifth more")
                    .reading(
                            SUPPLY_RATING,
                            PROCESSOR_LIMIT,
                            CARD_BOARD_POWER,
                            CARD_RECOMMENDED_SUPPLY,
                            MEMORY_MODULES,
                            FAN_COUNT,
                            CASE_FANS_FIGURE)
                    .concerning(lowfield.core.guide.Slot.values())
                    .by((scene, tell) -> withLoad(scene, tell, SupplyChecks::rating)),
            decides("supply-spikes", "The supply rides out the card's short spikes")
                    .reading(SUPPLY_STANDARD, SUPPLY_TRIP_LEVEL, CARD_SPIKE, CARD_BOARD_POWER)
                    .concerning(lowfield.core.guide.Slot.values())
                    .by((scene, tell) -> withLoad(scene, tell, SupplyChecks::spikes)),
            decides("supply-length", "The supply is no longer than the case takes")
                    .atMost(
                            POWER_SUPPLY,
                            SUPPLY_LENGTH,
                            CASE,
                            CASE_SUPPLY_LENGTH,
                            "supply %s mm long; case takes %s mm",
                            "supply %s mm long; case takes only %s mm"),
            decides("supply-format", "The case takes a supply of this format")
                    .oneOf(
                            POWER_SUPPLY,
                            SUPPLY_FORMAT,
                            CASE,
                            CASE_SUPPLY_FORMATS,
                            "supply is %s; case takes %s",
                            "supply is %s; case takes only %s"),
            advises("supply-quality", "The supply is of known, good quality")
                    .reading(SUPPLY_QUALITY)
                    .each(
                            POWER_SUPPLY,
                            (supply, tell) -> tell.with(SUPPLY_QUALITY.of(supply), quality -> {
                                if (quality.equals("poor")) {
                                    tell.caution("testers call its quality poor");
                                } else {
                                    tell.fits("testers call its quality %s", quality);
                                }
                            })));

    private SupplyChecks() {}

    private interface LoadCode {
        void tell(Scene scene, SustainedPeak peak, Line supply, Telling.About about);
    }

    private static void withLoad(Scene scene, Telling tell, LoadCode code) {
        var processors = scene.filled(PROCESSOR);
        var cards = scene.filled(GRAPHICS_CARD);
        if (processors.isEmpty() || cards.isEmpty()) {
            return;
        }
        for (var supply : scene.filled(POWER_SUPPLY)) {
            if (!(supply.choice() instanceof Choice.None)) {
                var lines = new ArrayList<>(processors);
                lines.addAll(cards);
                code.tell(scene, scene.peak(), supply, tell.about(lines, supply));
            }
        }
    }

    private static void rating(Scene scene, SustainedPeak peak, Line supply, Telling.About tell) {
        tell.with(SUPPLY_RATING.of(supply), rating -> {
            if (!peak.watts().isKnown()) {
                missingLoad(scene, tell);
                return;
            }
            var watts = peak.watts().or(0);
            var recommended = scene.most(
                    GRAPHICS_CARD, c -> CARD_RECOMMENDED_SUPPLY.from(c).or(0));
            if (rating * 100 < watts * SustainedPeak.HEADROOM_PERCENT) {
                tell.clash(
                        "%s W sustained peak wants a %s W supply; this one is %s W",
                        watts, peak.neededRating().or(0), rating);
            } else if (rating < recommended) {
                tell.caution(
                        "%s W is enough for %s W at the peak, but the card's maker recommends %s W (for a processor it does not name)",
                        rating, watts, recommended);
            } else {
                tell.fits("%s W sustained peak; the supply is %s W", watts, rating);
            }
        });
    }

    private static void missingLoad(Scene scene, Telling.About tell) {
        scene.first(PROCESSOR, l -> !PROCESSOR_LIMIT.from(l).isKnown())
                .ifPresentOrElse(
                        l -> tell.missing(PROCESSOR_LIMIT.of(l)),
                        () -> scene.first(
                                        GRAPHICS_CARD,
                                        l -> !CARD_BOARD_POWER.from(l).isKnown())
                                .ifPresent(l -> tell.missing(CARD_BOARD_POWER.of(l))));
    }

    /** A supply of the newer standards covers excursions; an older one is held against its trip level. */
    private static void spikes(Scene scene, SustainedPeak peak, Line supply, Telling.About tell) {
        tell.with(SUPPLY_STANDARD.of(supply), standard -> {
            if (standard.startsWith("ATX 3")) {
                tell.fits("%s covers the card's short spikes", standard);
                return;
            }
            if (!peak.watts().isKnown()) {
                missingLoad(scene, tell);
                return;
            }
            var spike = peak.watts().or(0) + scene.sum(GRAPHICS_CARD, SupplyChecks::excursion);
            tell.with(SUPPLY_TRIP_LEVEL.of(supply), trip -> {
                if (spike <= trip) {
                    tell.fits("%s, spikes to %s W; the supply trips at %s W", standard, spike, trip);
                } else {
                    tell.clash("%s, spikes to %s W; the supply trips at %s W", standard, spike, trip);
                }
            });
        });
    }

    /** How far a card's spike stands above its board power, in watts. */
    private static int excursion(Line card) {
        var power = CARD_BOARD_POWER.from(card).or(0);
        return CARD_SPIKE.from(card).or(power * SPIKE_PERCENT / 100) - power;
    }
}
