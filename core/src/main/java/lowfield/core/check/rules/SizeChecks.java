package lowfield.core.check.rules;

import static lowfield.core.check.Check.advises;
import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.figures.CardFigures.CARD_MEMORY;
import static lowfield.core.check.figures.DriveFigures.DRIVE_CAPACITY;
import static lowfield.core.check.figures.DriveFigures.DRIVE_ENDURANCE;

import java.util.List;
import lowfield.core.check.Check;
import lowfield.core.check.FindingCollector;
import lowfield.core.check.Inputs;
import lowfield.core.check.Requirement;
import lowfield.core.check.View;
import lowfield.core.check.storage.Drives;
import lowfield.core.guide.Slot;

/** The sizes that a tier asks for at least; silent on what is not asked for, and never for readers. */
final class SizeChecks {
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, CARD_MEMORY);
    private static final View DRIVES = View.of(Drives.SLOTS, DRIVE_CAPACITY, QUANTITY);
    private static final View SYSTEM = View.of(Slot.SYSTEM_DRIVE, DRIVE_ENDURANCE);

    static final List<Check> ALL = List.of(
            advises("asked-card-memory", "The graphics card has the memory that is asked for")
                    .seeing(CARD)
                    .requiring(Requirement.LEAST_CARD_MEMORY)
                    .fits("enough", "%s has %s GB of memory; at least %s GB are asked for.")
                    .caution("short", "%s has %s GB of memory; at least %s GB are asked for.")
                    .each((card, in, tell) -> in.required(Requirement.LEAST_CARD_MEMORY)
                            .ifPresent(least -> tell.with(
                                    card.get(CARD_MEMORY),
                                    has -> tell.say(has >= least ? "enough" : "short", card, has, least)))),
            advises("asked-storage", "The drives hold what is asked for")
                    .seeing(DRIVES)
                    .requiring(Requirement.LEAST_STORAGE)
                    .fits("enough", "The drives hold %s GB; at least %s GB are asked for.")
                    .caution("short", "The drives hold %s GB; at least %s GB are asked for.")
                    .by((in, tell) ->
                            in.required(Requirement.LEAST_STORAGE).ifPresent(least -> storage(in, least, tell))),
            advises("asked-endurance", "The system drive has the TBW that is asked for")
                    .seeing(SYSTEM)
                    .requiring(Requirement.LEAST_ENDURANCE)
                    .fits("enough", "%s has a TBW of %s TB; at least %s TB are asked for.")
                    .caution("short", "%s has a TBW of %s TB; at least %s TB are asked for.")
                    .each((drive, in, tell) -> in.required(Requirement.LEAST_ENDURANCE)
                            .ifPresent(least -> tell.with(
                                    drive.get(DRIVE_ENDURANCE),
                                    endures ->
                                            tell.say(endures >= least ? "enough" : "short", drive, endures, least)))));

    private SizeChecks() {}

    /** What is known may be enough already; else what is missing decides. */
    private static void storage(Inputs in, int least, FindingCollector tell) {
        var drives = in.lines(DRIVES);
        if (drives.isEmpty()) {
            return;
        }
        var held = drives.stream()
                .mapToInt(d -> d.or(DRIVE_CAPACITY, 0) * d.or(QUANTITY, 1))
                .sum();
        var missing = drives.stream()
                .map(d -> d.get(DRIVE_CAPACITY))
                .filter(a -> a.isMissing())
                .findFirst();
        var about = tell.about(drives);
        if (held >= least || missing.isEmpty()) {
            about.say(held >= least ? "enough" : "short", held, least);
        } else {
            about.missing(missing.get());
        }
    }
}
