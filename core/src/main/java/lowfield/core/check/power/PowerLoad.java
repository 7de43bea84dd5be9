package lowfield.core.check.power;

import static lowfield.core.check.LineFact.QUANTITY;
import static lowfield.core.check.LineFact.SOURCE;
import static lowfield.core.check.figures.CardFigures.CARD_BOARD_POWER;
import static lowfield.core.check.figures.CaseFigures.CASE_FANS;
import static lowfield.core.check.figures.CoolerFigures.COOLER_RADIATOR;
import static lowfield.core.check.figures.CpuFigures.CPU_LIMIT;
import static lowfield.core.check.figures.DriveFigures.DRIVE_TYPE;
import static lowfield.core.check.figures.FanFigures.FAN_COUNT;
import static lowfield.core.check.figures.MemoryFigures.MEMORY_MODULES;
import static lowfield.core.check.figures.MotherboardFigures.BOARD_CPU_POWER;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lowfield.core.Text;
import lowfield.core.check.Derived;
import lowfield.core.check.Inputs;
import lowfield.core.check.LineFact.Source;
import lowfield.core.check.Seen;
import lowfield.core.check.Told;
import lowfield.core.check.View;
import lowfield.core.check.storage.Drives;
import lowfield.core.guide.Slot;
import lowfield.core.guide.UsualValue;
import lowfield.core.part.Figure;
import lowfield.core.power.SustainedPeak;

/**
 * The sustained peak of a build: CPU at the motherboard's defaults, graphics card, and usual values for the rest.
 *
 * @param peak what is drawn, addend by addend
 * @param missing the figure that keeps it from being known; absent too where CPU or card is not chosen
 */
public record PowerLoad(SustainedPeak peak, Optional<Seen.Asked<?>> missing) implements Told {
    private static final View CPU = View.of(Slot.PROCESSOR, CPU_LIMIT, SOURCE, QUANTITY);
    private static final View BOARD = View.of(Slot.MOTHERBOARD, BOARD_CPU_POWER);
    private static final View CARD = View.of(Slot.GRAPHICS_CARD, CARD_BOARD_POWER, SOURCE, QUANTITY);
    private static final View MEMORY = View.of(Slot.MEMORY, MEMORY_MODULES, SOURCE, QUANTITY);
    private static final View DRIVES = View.of(Drives.SLOTS, DRIVE_TYPE, SOURCE, QUANTITY);
    private static final View FANS = View.of(Slot.CASE_FANS, FAN_COUNT, SOURCE, QUANTITY);
    private static final View CASE = View.of(Slot.CASE, CASE_FANS, SOURCE);
    private static final View COOLER = View.of(Slot.COOLER, COOLER_RADIATOR, SOURCE);

    /** The CPU's limit at this motherboard's defaults: the lower of the CPU's own and what the motherboard lets through. */
    public static final Derived<Figure<Integer>> CPU_WATTS = Derived.of(
            "cpu-watts",
            "power of the CPU",
            List.of(CPU, BOARD),
            inputs -> inputs.first(CPU)
                    .map(cpu -> cpu.figure(CPU_LIMIT)
                            .map(own -> inputs.lines(BOARD).stream()
                                    .map(board -> board.or(BOARD_CPU_POWER, own))
                                    .reduce(own, Math::min)))
                    .orElseGet(Figure::notKnown));

    public static final Derived<PowerLoad> OF_BUILD = Derived.of(
                    "sustained-peak",
                    "sustained peak",
                    List.of(CPU, CARD, MEMORY, DRIVES, FANS, CASE, COOLER),
                    List.of(CPU_WATTS),
                    PowerLoad::of)
            .usually(
                    UsualValue.BOARD_WATTS,
                    UsualValue.MODULE_WATTS,
                    UsualValue.SSD_WATTS,
                    UsualValue.HARD_DISK_WATTS,
                    UsualValue.FAN_WATTS,
                    UsualValue.PUMP_WATTS);

    private static PowerLoad of(Inputs inputs) {
        var shares = new ArrayList<SustainedPeak.Share>();
        var missing = new ArrayList<String>();
        var asked = new ArrayList<Seen.Asked<?>>();
        main(inputs, CPU, shares, missing, asked);
        main(inputs, CARD, shares, missing, asked);
        allowances(inputs, shares);
        return new PowerLoad(
                SustainedPeak.of(shares, missing), asked.isEmpty() ? Optional.empty() : Optional.of(asked.get(0)));
    }

    private static void main(
            Inputs inputs,
            View view,
            List<SustainedPeak.Share> shares,
            List<String> missing,
            List<Seen.Asked<?>> asked) {
        var lines = inputs.lines(view);
        var slot = view == CPU ? Slot.PROCESSOR : Slot.GRAPHICS_CARD;
        if (lines.isEmpty()) {
            missing.add("the " + name(slot) + ", which is not chosen");
        }
        for (var line : lines) {
            if (line.or(SOURCE, Source.NONE) == Source.NONE) {
                continue;
            }
            var own = line.get(slot == Slot.PROCESSOR ? CPU_LIMIT : CARD_BOARD_POWER);
            var watts = slot == Slot.PROCESSOR && own.figure().isKnown() ? inputs.derived(CPU_WATTS) : own.figure();
            if (watts.isKnown()) {
                shares.add(new SustainedPeak.Share(line, watts.or(0) * line.or(QUANTITY, 1), false));
            } else if (own.isMissing()) {
                missing.add(own.input().name() + " of " + line);
                asked.add(own);
            }
        }
    }

    private static String name(Slot slot) {
        return Text.inSentence(slot.label());
    }

    private static void allowances(Inputs inputs, List<SustainedPeak.Share> shares) {
        var cpu = inputs.lines(CPU).isEmpty() ? 0 : inputs.derived(CPU_WATTS).or(0);
        add(
                shares,
                "motherboard (usual value)",
                inputs.usual(UsualValue.BOARD_WATTS).usual() + cpu / 10);
        for (var kit : inputs.lines(MEMORY)) {
            if (isThere(kit)) {
                var modules = kit.or(MEMORY_MODULES, 2) * kit.or(QUANTITY, 1);
                add(shares, "memory modules (usual value)", usual(inputs, UsualValue.MODULE_WATTS) * modules);
            }
        }
        for (var drive : inputs.lines(DRIVES)) {
            if (isThere(drive)) {
                var isDisk = drive.or(DRIVE_TYPE, "").equals(Drives.HARD_DISK);
                var watts = usual(inputs, isDisk ? UsualValue.HARD_DISK_WATTS : UsualValue.SSD_WATTS);
                add(shares, isDisk ? "hard disk (usual value)" : "SSD (usual value)", watts * drive.or(QUANTITY, 1));
            }
        }
        for (var fans : inputs.lines(FANS)) {
            if (isThere(fans)) {
                var pieces = fans.or(FAN_COUNT, 1) * fans.or(QUANTITY, 1);
                add(shares, "case fans (usual value)", usual(inputs, UsualValue.FAN_WATTS) * pieces);
            }
        }
        for (var box : inputs.lines(CASE)) {
            if (isThere(box)) {
                var pieces = box.or(CASE_FANS, 1);
                add(shares, "fans of the case (usual value)", usual(inputs, UsualValue.FAN_WATTS) * pieces);
            }
        }
        for (var cooler : inputs.lines(COOLER)) {
            if (cooler.figure(COOLER_RADIATOR).isKnown()) {
                add(shares, "pump (usual value)", usual(inputs, UsualValue.PUMP_WATTS));
            }
        }
    }

    private static boolean isThere(Seen line) {
        var source = line.or(SOURCE, Source.NONE);
        return source != Source.NONE && source != Source.ON_THE_BOARD;
    }

    private static int usual(Inputs inputs, UsualValue value) {
        return inputs.usual(value).usual();
    }

    private static void add(List<SustainedPeak.Share> shares, String what, int watts) {
        shares.add(new SustainedPeak.Share(what, watts, true));
    }

    @Override
    public Object told() {
        return peak.watts();
    }
}
