package lowfield.core.check.cooling;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CoolerFigures.*;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;

/** Whether there is thermal paste, once. */
public final class ThermalPaste {
    private static final View PASTE_OF_COOLER = View.of(Slot.COOLER, COOLER_PASTE, SOURCE);
    private static final View PASTE = View.of(Slot.PASTE, SOURCE);

    public static final List<Check> ALL = List.of(advises("paste", "There is thermal paste, once")
            .seeing(PASTE_OF_COOLER, PASTE)
            .fits("boxed", "Thermal paste comes with the cooler.")
            .fits("chosen", "%s is chosen.")
            .fits("owned", "The reader has thermal paste.")
            .note("extra", "Thermal paste comes with the cooler; %s is one more.")
            .note(
                    "none",
                    "No thermal paste comes with the cooler and none is chosen.",
                    "Have thermal paste at hand; none comes with the cooler.")
            .by(ThermalPaste::paste));

    private ThermalPaste() {}

    private static Optional<Seen> with(List<Seen> lines, java.util.function.Predicate<Source> holds) {
        return lines.stream().filter(l -> holds.test(l.or(SOURCE, Source.NONE))).findFirst();
    }

    private static void paste(Inputs in, FindingCollector tell) {
        var extra = in.lines(PASTE);
        for (var cooler : in.lines(PASTE_OF_COOLER)) {
            if (cooler.or(SOURCE, Source.NONE) != Source.PART) {
                continue;
            }
            var about = tell.about(extra, cooler);
            var chosen = with(extra, Source::isBought);
            if (chosen.isPresent()) {
                about.say(cooler.or(COOLER_PASTE, false) ? "extra" : "chosen", chosen.get());
            } else if (with(extra, s -> s == Source.OWNED).isPresent()) {
                about.say("owned");
            } else {
                about.with(cooler.get(COOLER_PASTE), inBox -> about.say(inBox ? "boxed" : "none"));
            }
        }
    }
}
