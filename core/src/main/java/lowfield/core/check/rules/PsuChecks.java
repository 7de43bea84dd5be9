package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.OWNED;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.CARD_BOARD_POWER;
import static lowfield.core.check.figures.CardFigures.CARD_RECOMMENDED_SUPPLY;
import static lowfield.core.check.figures.CardFigures.CARD_SPIKE;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.CoolerFigures.COOLER_SATA_PLUGS;
import static lowfield.core.check.figures.DriveFigures.DRIVE_SHAPE;
import static lowfield.core.check.figures.FanFigures.FAN_SATA_PLUGS;
import static lowfield.core.check.figures.LightingFigures.LIGHTING_SATA_PLUGS;
import static lowfield.core.check.figures.PsuFigures.*;

import java.util.List;
import java.util.Set;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Requirement;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;
import lowfield.core.guide.Wishes;

/** The PSU: enough, quick enough, good enough, of a size that goes in, with cables that reach. */
final class PsuChecks {
    /** Form factors from the smallest; a smaller one goes into the bay of a larger one with a bracket. */
    private static final List<String> FORMATS = List.of("Flex ATX", "TFX", "SFX", "SFX-L", "ATX");

    private static final View RATING = View.of(Slot.POWER_SUPPLY, PSU_RATING, PSU_RATING_12V, SOURCE);
    private static final View RECOMMENDED = View.of(Slot.GRAPHICS_CARD, CARD_RECOMMENDED_SUPPLY, SOURCE);
    private static final View TRIPS = View.of(Slot.POWER_SUPPLY, PSU_STANDARD, PSU_TRIP_LEVEL, PSU_RATING);
    private static final View SPIKES = View.of(Slot.GRAPHICS_CARD, CARD_SPIKE, CARD_BOARD_POWER, SOURCE);
    private static final View LENGTH = View.of(Slot.POWER_SUPPLY, PSU_LENGTH, PSU_CABLES);
    private static final View BAY = View.of(Slot.CASE, CASE_SUPPLY_LENGTH, CASE_SUPPLY_LENGTH_WITH_CABLES);
    private static final View KEPT_CABLES = View.of(Slot.CABLES, SOURCE, OWNED);
    private static final View MODULAR = View.of(Slot.POWER_SUPPLY, PSU_CABLES, PSU_CABLES_OF);
    private static final View REACH = View.of(Slot.POWER_SUPPLY, PSU_EPS_LENGTH, PSU_MAIN_LENGTH);
    private static final View PLUGS = View.of(Slot.POWER_SUPPLY, PSU_SATA_PLUGS);
    private static final View DRIVES = View.of(Drives.SLOTS, DRIVE_SHAPE, SOURCE, QUANTITY);
    private static final View COOLER = View.of(Slot.COOLER, COOLER_SATA_PLUGS);
    private static final View FANS = View.of(Slot.CASE_FANS, FAN_SATA_PLUGS, QUANTITY);
    private static final View LIGHTING = View.of(Slot.LIGHTING, LIGHTING_SATA_PLUGS, QUANTITY);

    static final List<Check> ALL = List.of(
            decides("supply-rating", "The PSU is rated for the sustained peak and a fifth more")
                    .seeing(RATING, RECOMMENDED)
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
                    .by(PsuChecks::rating),
            advises("supply-spikes", "The PSU rides out the graphics card's short spikes")
                    .seeing(TRIPS, SPIKES)
                    .deriving(PowerLoad.OF_BUILD)
                    .fits("standard", "%s covers the graphics card's short spikes.")
                    .fits("below", "%s: spikes reach %s W; the PSU trips at %s W.")
                    .caution(
                            "trips",
                            "%s: spikes reach %s W; the PSU trips at %s W.",
                            "The PSU may switch off under the graphics card's short spikes.")
                    .by(PsuChecks::spikes),
            decides("supply-length", "The PSU is no longer than the case takes")
                    .seeing(View.of(Slot.POWER_SUPPLY, PSU_LENGTH), View.of(Slot.CASE, CASE_SUPPLY_LENGTH))
                    .fits("room", "The PSU is %s mm long; the case takes %s mm.")
                    .note("tight", "The PSU is %s mm long; the case takes %s mm. That is tight.")
                    .clash("too-long", "The PSU is %s mm long; the case takes only %s mm.")
                    .eachPair((psu, box, in, tell) -> tell.with(
                            psu.get(PSU_LENGTH),
                            box.get(CASE_SUPPLY_LENGTH),
                            (is, takes) -> tell.say(
                                    Rooms.of(is, takes, Rooms.TIGHT_LENGTH, "room", "tight", "too-long"), is, takes))),
            advises("supply-plug-room", "There is room for the plugs of a modular PSU")
                    .seeing(LENGTH, BAY)
                    .fits("room", "The plugs of the modular PSU have room behind it.")
                    .caution(
                            "tight",
                            "The PSU is %s mm long and its plugs take %s mm; the case takes %s mm in all.",
                            "The modular PSU's plugs have little room in this case.")
                    .eachPair(PsuChecks::plugRoom),
            decides("supply-format", "The case takes a PSU of this form factor")
                    .seeing(
                            View.of(Slot.POWER_SUPPLY, PSU_FORMAT),
                            View.of(Slot.CASE, CASE_SUPPLY_FORMATS, CASE_SUPPLY_BRACKET))
                    .fits("takes", "The PSU is %s; the case takes %s.")
                    .note("bracket", "The PSU is %s; the case takes it with the bracket in its box.")
                    .caution(
                            "no-bracket",
                            "The PSU is %s, smaller than the case's bay for %s, and no bracket is in the case's box.",
                            "Order a bracket that fits the smaller PSU into this case.")
                    .clash("too-large", "The PSU is %s; the case takes only %s.")
                    .eachPair(PsuChecks::format),
            advises("supply-quality", "The PSU is of known, good quality")
                    .seeing(View.of(Slot.POWER_SUPPLY, PSU_QUALITY))
                    .fits("tested", "Testers call the PSU's quality %s.")
                    .caution(
                            "poor",
                            "Testers call the PSU's quality poor. Choose another.",
                            "Testers call this PSU poor.")
                    .each((psu, in, tell) -> tell.with(
                            psu.get(PSU_QUALITY),
                            quality -> tell.say(quality.equals("poor") ? "poor" : "tested", quality))),
            decides("supply-floor", "The PSU is of the quality that the tier asks for, or better")
                    .seeing(View.of(Slot.POWER_SUPPLY, PSU_QUALITY))
                    .requiring(Requirement.PSU_FLOOR)
                    .fits("reached", "Testers call the PSU's quality %s; the tier asks for %s.")
                    .clash("below", "Testers call the PSU's quality %s; the tier asks for %s.")
                    .each((psu, in, tell) -> in.required(Requirement.PSU_FLOOR)
                            .ifPresent(floor -> tell.with(
                                    psu.get(PSU_QUALITY),
                                    quality -> tell.say(
                                            Wishes.isAtLeast(quality, floor) ? "reached" : "below", quality, floor)))),
            advises("supply-warranty", "The PSU's warranty is served where the readers are")
                    .seeing(View.of(Slot.POWER_SUPPLY, PSU_WARRANTY, PSU_WARRANTY_IN))
                    .requiring(Requirement.REGION)
                    .fits("served", "The PSU has %s years of warranty, served in %s.")
                    .caution(
                            "elsewhere",
                            "The PSU's %s years of warranty are served in %s and not in %s.",
                            "The PSU's warranty is not served in %3$s.")
                    .each((psu, in, tell) -> in.required(Requirement.REGION)
                            .ifPresent(region ->
                                    tell.with(psu.get(PSU_WARRANTY), psu.get(PSU_WARRANTY_IN), (years, places) -> {
                                        if (places.contains(region)) {
                                            tell.say("served", years, region);
                                        } else {
                                            tell.say("elsewhere", years, places, region);
                                        }
                                    }))),
            decides("kept-cables", "Modular cables kept from another PSU fit the one that is chosen")
                    .seeing(KEPT_CABLES, MODULAR)
                    .fits("listed", "The PSU's maker lists cables kept from %s as fitting.")
                    .clash(
                            "not-listed",
                            "The cables kept from %s are not on the list of the PSU's maker; plugs look alike and are wired differently.",
                            "Never use modular cables of another PSU.")
                    .eachPair(PsuChecks::keptCables),
            advises("cable-reach", "EPS and main cable reach the motherboard")
                    .seeing(REACH, View.of(Slot.CASE, CASE_INNER_HEIGHT))
                    .fits("reach", "The EPS cable is %s mm long; the case is %s mm high inside.")
                    .caution(
                            "short",
                            "The %s cable is %s mm long and has at least %s mm to go.",
                            "The PSU's %s cable is short for this case; an extension may be needed.")
                    .eachPair(PsuChecks::reach),
            advises("sata-power", "The PSU has a SATA plug for everything that asks for one")
                    .seeing(PLUGS, DRIVES, COOLER, FANS, LIGHTING)
                    .fits("enough", "%s SATA power plugs are needed; the PSU has %s.")
                    .caution(
                            "short",
                            "%s SATA power plugs are needed; the PSU has only %s.",
                            "The PSU has too few SATA power plugs: %s are needed and %s are there.")
                    .by(PsuChecks::sataPower));

    private PsuChecks() {}

    private static void rating(Inputs in, FindingCollector tell) {
        var load = in.derived(PowerLoad.OF_BUILD);
        var peak = load.peak();
        for (var psu : in.lines(RATING)) {
            if (psu.or(SOURCE, Source.NONE) == Source.NONE) {
                continue;
            }
            var about = tell.about(psu);
            about.with(psu.get(PSU_RATING), rated -> {
                var rating = psu.figure(PSU_RATING_12V).or(rated);
                if (peak.withoutAllowances() > rating) {
                    about.say(
                            "over",
                            peak.withoutAllowances() + peak.allowances(),
                            rating,
                            peak.neededRating().or(rating));
                } else if (!peak.watts().isKnown()) {
                    load.missing().ifPresent(about::missing);
                } else {
                    rated(in, peak.watts().or(0), peak.withHeadroom().or(0), rating, about);
                }
            });
        }
    }

    private static void rated(Inputs in, int watts, int withHeadroom, int rating, FindingCollector.About tell) {
        var recommended = 0;
        for (var card : in.lines(RECOMMENDED)) {
            recommended = Math.max(recommended, card.or(CARD_RECOMMENDED_SUPPLY, 0));
        }
        if (rating < withHeadroom) {
            tell.say("headroom", watts, withHeadroom, rating);
        } else if (rating < recommended) {
            tell.say("recommended", watts, rating, recommended);
        } else {
            tell.say("enough", watts, rating);
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

    private static void plugRoom(Seen psu, Seen box, Inputs in, FindingCollector.About tell) {
        if (!psu.or(PSU_CABLES, "fixed").contains("modular") || box.or(CASE_SUPPLY_LENGTH_WITH_CABLES, false)) {
            return;
        }
        tell.with(psu.get(PSU_LENGTH), box.get(CASE_SUPPLY_LENGTH), (length, takes) -> {
            var needs = in.usual(UsualValue.PLUG_ROOM).plus(length);
            var fit = needs.in(takes);
            if (length > takes) {
                return;
            }
            if (fit == Span.Fit.FITS) {
                tell.sayOn(needs, "room");
            } else if (fit == Span.Fit.EXCEEDS
                    && box.figure(CASE_SUPPLY_LENGTH_WITH_CABLES).isKnown()) {
                tell.sayOn(needs, "tight", length, in.usual(UsualValue.PLUG_ROOM), takes);
            } else {
                tell.missing(box.get(CASE_SUPPLY_LENGTH_WITH_CABLES));
            }
        });
    }

    private static void format(Seen psu, Seen box, Inputs in, FindingCollector.About tell) {
        tell.with(psu.get(PSU_FORMAT), box.get(CASE_SUPPLY_FORMATS), (is, takes) -> {
            if (takes.contains(is)) {
                tell.say("takes", is, takes);
            } else if (isSmaller(is, takes)) {
                tell.with(box.get(CASE_SUPPLY_BRACKET), inBox -> {
                    if (inBox) {
                        tell.say("bracket", is);
                    } else {
                        tell.say("no-bracket", is, takes);
                    }
                });
            } else {
                tell.say("too-large", is, takes);
            }
        });
    }

    private static boolean isSmaller(String format, Set<String> bays) {
        var size = FORMATS.indexOf(format);
        return size >= 0 && bays.stream().anyMatch(bay -> FORMATS.indexOf(bay) > size);
    }

    private static void keptCables(Seen cables, Seen psu, Inputs in, FindingCollector.About tell) {
        if (cables.or(SOURCE, Source.NONE) != Source.OWNED
                || psu.or(PSU_CABLES, "").equals("fixed")) {
            return;
        }
        tell.with(psu.get(PSU_CABLES_OF), list -> {
            var of = cables.or(OWNED, "");
            tell.say(list.contains(of) ? "listed" : "not-listed", of.isEmpty() ? "another PSU" : of);
        });
    }

    /** A cable goes no shorter way than straight up: the EPS cable all of the case's height, the main cable half of it. */
    private static void reach(Seen psu, Seen box, Inputs in, FindingCollector.About tell) {
        tell.with(psu.get(PSU_EPS_LENGTH), box.get(CASE_INNER_HEIGHT), (eps, height) -> {
            var main = psu.figure(PSU_MAIN_LENGTH).or(height);
            if (eps < height) {
                tell.say("short", "EPS", eps, height);
            } else if (main < height / 2) {
                tell.say("short", "main", main, height / 2);
            } else {
                tell.say("reach", eps, height);
            }
        });
    }

    private static void sataPower(Inputs in, FindingCollector tell) {
        var needed = 0;
        for (var drive : in.lines(DRIVES)) {
            var asks = drive.or(SOURCE, Source.NONE) != Source.NONE
                    && drive.figure(DRIVE_SHAPE)
                            .value()
                            .filter(s -> s.endsWith("inch"))
                            .isPresent();
            needed += asks ? drive.or(QUANTITY, 1) : 0;
        }
        for (var cooler : in.lines(COOLER)) {
            needed += cooler.or(COOLER_SATA_PLUGS, 0);
        }
        for (var fans : in.lines(FANS)) {
            needed += fans.or(FAN_SATA_PLUGS, 0) * fans.or(QUANTITY, 1);
        }
        for (var light : in.lines(LIGHTING)) {
            needed += light.or(LIGHTING_SATA_PLUGS, 0) * light.or(QUANTITY, 1);
        }
        var all = needed;
        for (var psu : in.lines(PLUGS)) {
            var about = tell.about(psu);
            if (all > 0) {
                about.with(psu.get(PSU_SATA_PLUGS), there -> about.say(all <= there ? "enough" : "short", all, there));
            }
        }
    }
}
