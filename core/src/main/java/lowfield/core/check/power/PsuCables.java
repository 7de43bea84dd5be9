package lowfield.core.check.power;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.LineFact.OWNED;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.CoolerFigures.COOLER_SATA_PLUGS;
import static lowfield.core.check.figures.DriveFigures.DRIVE_SHAPE;
import static lowfield.core.check.figures.FanFigures.FAN_SATA_PLUGS;
import static lowfield.core.check.figures.LightingFigures.LIGHTING_SATA_PLUGS;
import static lowfield.core.check.figures.OtherFigures.OTHER_SATA_PLUGS;
import static lowfield.core.check.figures.PsuFigures.*;

import java.util.ArrayList;
import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.check.storage.Drives;
import lowfield.core.guide.Slot;

/** Whether the PSU has the cables and plugs, and whether they reach. */
public final class PsuCables {
    private static final View KEPT_CABLES = View.of(Slot.CABLES, SOURCE, OWNED);
    private static final View MODULAR = View.of(Slot.POWER_SUPPLY, PSU_CABLES, PSU_CABLES_OF);
    private static final View REACH = View.of(Slot.POWER_SUPPLY, PSU_EPS_LENGTH, PSU_MAIN_LENGTH);
    private static final View PLUGS = View.of(Slot.POWER_SUPPLY, PSU_SATA_PLUGS);
    private static final View DRIVES = View.of(Drives.SLOTS, DRIVE_SHAPE, SOURCE, QUANTITY);
    private static final View COOLER = View.of(Slot.COOLER, COOLER_SATA_PLUGS);
    private static final View FANS = View.of(Slot.CASE_FANS, FAN_SATA_PLUGS, QUANTITY);
    private static final View LIGHTING = View.of(Slot.LIGHTING, LIGHTING_SATA_PLUGS, QUANTITY);
    private static final View OTHERS = View.of(Slot.OTHER, OTHER_SATA_PLUGS, QUANTITY);

    public static final List<Check> ALL = List.of(
            decides("kept-cables", "Modular cables kept from another PSU fit the one that is chosen")
                    .seeing(KEPT_CABLES, MODULAR)
                    .fits("listed", "The PSU's maker lists cables kept from %s as fitting.")
                    .clash(
                            "not-listed",
                            "The cables kept from %s are not on the list of the PSU's maker; plugs look alike and are wired differently.",
                            "Never use modular cables of another PSU.")
                    .eachPair(PsuCables::keptCables),
            advises("cable-reach", "EPS and main cable reach the motherboard")
                    .seeing(REACH, View.of(Slot.CASE, CASE_INNER_HEIGHT))
                    .fits("reach", "The EPS cable is %s mm long; the case is %s mm high inside.")
                    .caution(
                            "short",
                            "The %s cable is %s mm long and has at least %s mm to go.",
                            "The PSU's %s cable is short for this case; an extension may be needed.")
                    .eachPair(PsuCables::reach),
            advises("sata-power", "The PSU has a SATA plug for everything that asks for one")
                    .seeing(PLUGS, DRIVES, COOLER, FANS, LIGHTING, OTHERS)
                    .fits("enough", "%s SATA power plugs are needed; the PSU has %s.")
                    .caution(
                            "short",
                            "%s SATA power plugs are needed; the PSU has only %s.",
                            "The PSU has too few SATA power plugs: %s are needed and %s are there.")
                    .by(PsuCables::sataPower));

    private PsuCables() {}

    private static void keptCables(Seen cables, Seen psu, Inputs in, FindingCollector.About tell) {
        if (cables.or(SOURCE, Source.NONE) != Source.OWNED) {
            return;
        }
        tell.with(psu.get(PSU_CABLES), own -> {
            if (!own.equals("fixed")) {
                tell.with(psu.get(PSU_CABLES_OF), list -> {
                    var of = cables.or(OWNED, "");
                    tell.say(list.contains(of) ? "listed" : "not-listed", of.isEmpty() ? "another PSU" : of);
                });
            }
        });
    }

    /** A cable goes no shorter way than straight up: the EPS cable all of the case's height, the main cable half of it. */
    private static void reach(Seen psu, Seen box, Inputs in, FindingCollector.About tell) {
        tell.with(psu.get(PSU_EPS_LENGTH), box.get(CASE_INNER_HEIGHT), (eps, height) -> {
            if (eps < height) {
                tell.say("short", "EPS", eps, height);
                return;
            }
            tell.with(psu.get(PSU_MAIN_LENGTH), main -> {
                if (main < height / 2) {
                    tell.say("short", "main", main, height / 2);
                } else {
                    tell.say("reach", eps, height);
                }
            });
        });
    }

    private static void sataPower(Inputs in, FindingCollector tell) {
        var needed = 0;
        var untold = new ArrayList<Seen>(0);
        for (var drive : Drives.there(in.lines(DRIVES))) {
            if (drive.get(DRIVE_SHAPE).isMissing()) {
                untold.add(drive);
            }
            needed += drive.or(DRIVE_SHAPE, "").endsWith("inch") ? drive.or(QUANTITY, 1) : 0;
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
        for (var other : in.lines(OTHERS)) {
            needed += other.or(OTHER_SATA_PLUGS, 0) * other.or(QUANTITY, 1);
        }
        var all = needed;
        for (var psu : in.lines(PLUGS)) {
            var about = tell.about(psu);
            if (all > 0 || !untold.isEmpty()) {
                about.with(psu.get(PSU_SATA_PLUGS), there -> {
                    if (all > there) {
                        about.say("short", all, there);
                    } else if (all + Drives.pieces(untold) > there) {
                        about.missing(untold.get(0).get(DRIVE_SHAPE));
                    } else {
                        about.say("enough", all, there);
                    }
                });
            }
        }
    }
}
