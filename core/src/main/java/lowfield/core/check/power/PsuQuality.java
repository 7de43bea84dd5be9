package lowfield.core.check.power;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.Check.decides;
import static lowfield.core.check.figures.CaseFigures.*;
import static lowfield.core.check.figures.PsuFigures.*;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.Requirement;
import lowfield.core.check.View;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;

/** Whether the PSU is as good as the tier asks, and its warranty served where readers are. */
public final class PsuQuality {
    public static final List<Check> ALL = List.of(
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
                                    }))));

    private PsuQuality() {}
}
