package lowfield.core.check.rules;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lowfield.core.check.BuildContext;
import lowfield.core.check.Check;
import lowfield.core.check.FigureRef;
import lowfield.core.check.Finding;
import lowfield.core.check.Requirement;
import lowfield.core.check.Verdict;
import lowfield.core.check.card.CardLanes;
import lowfield.core.check.card.CardLength;
import lowfield.core.check.card.CardPower;
import lowfield.core.check.card.CardRoom;
import lowfield.core.check.card.CardSlots;
import lowfield.core.check.card.CardSupport;
import lowfield.core.check.cooling.Airflow;
import lowfield.core.check.cooling.CoolerCapacity;
import lowfield.core.check.cooling.CoolerFit;
import lowfield.core.check.cooling.FanHeaders;
import lowfield.core.check.cooling.RadiatorFit;
import lowfield.core.check.cooling.ThermalPaste;
import lowfield.core.check.memory.ErrorCorrection;
import lowfield.core.check.memory.MemoryFit;
import lowfield.core.check.memory.MemorySpeed;
import lowfield.core.check.power.PowerLoad;
import lowfield.core.check.power.PsuCables;
import lowfield.core.check.power.PsuFit;
import lowfield.core.check.power.PsuQuality;
import lowfield.core.check.power.PsuRating;
import lowfield.core.check.processor.CpuPower;
import lowfield.core.check.processor.CpuSupport;
import lowfield.core.check.processor.PictureOutput;
import lowfield.core.check.storage.DriveBays;
import lowfield.core.check.storage.DriveChoice;
import lowfield.core.check.storage.DriveSlots;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import lowfield.core.part.Kind;
import lowfield.core.power.SustainedPeak;

/** All checks, in the order in which their findings are told. */
public final class Checks {
    private static final List<Check> ALL = Stream.of(
                    ListChecks.ALL,
                    CpuSupport.ALL,
                    CpuPower.ALL,
                    PictureOutput.ALL,
                    CoolerCapacity.ALL,
                    CoolerFit.ALL,
                    RadiatorFit.ALL,
                    ThermalPaste.ALL,
                    MemoryFit.ALL,
                    MemorySpeed.ALL,
                    ErrorCorrection.ALL,
                    List.of(CardLength.CHECK),
                    CardRoom.ALL,
                    CardSlots.ALL,
                    CardLanes.ALL,
                    CardSupport.ALL,
                    CardPower.ALL,
                    MonitorChecks.ALL,
                    PsuRating.ALL,
                    PsuFit.ALL,
                    PsuQuality.ALL,
                    PsuCables.ALL,
                    DriveSlots.ALL,
                    DriveBays.ALL,
                    DriveChoice.ALL,
                    CaseChecks.ALL,
                    FanHeaders.ALL,
                    Airflow.ALL,
                    LightingChecks.ALL,
                    FirstStartChecks.ALL,
                    BriefChecks.ALL,
                    SizeChecks.ALL)
            .flatMap(List::stream)
            .toList();

    private static final Map<Slot, List<Check>> CONCERNING = concerning();
    private static final List<Check> DECIDING = ALL.stream()
            .filter(c -> c.decisive() || c.outcomes().stream().anyMatch(o -> o.verdict() == Verdict.CLASH))
            .toList();

    private static final List<Check> SOUND =
            ALL.stream().filter(c -> DECIDING.contains(c) || isWish(c)).toList();

    private Checks() {}

    public static List<Check> all() {
        return ALL;
    }

    /** The checks that a change of a line of this slot can move. */
    public static List<Check> concerning(Slot slot) {
        return CONCERNING.getOrDefault(slot, List.of());
    }

    /** The checks by which a build is sound or not. */
    public static List<Check> deciding() {
        return DECIDING;
    }

    /** Those, and the checks that hold parts against the tier's wishes. */
    public static List<Check> sound() {
        return SOUND;
    }

    /** Whether a check goes by what the tier asks for. */
    public static boolean isWish(Check check) {
        return check.requirements().stream().anyMatch(r -> r != Requirement.YEAR);
    }

    /** Whether a finding says that the PSU has less than a fifth to spare. */
    public static boolean isHeadroomLost(Finding finding) {
        return finding.check().id().equals("supply-rating")
                && finding.outcome().name().equals("headroom");
    }

    /** Whether a finding is about a slot on which nothing is chosen yet. */
    public static boolean isEmptySlot(Finding finding) {
        return finding.check().id().equals("slot-empty");
    }

    /** The figures of a kind by which any check decides whether a build is sound. */
    public static List<FigureRef<?, ?>> deciding(Kind kind) {
        return DECIDING.stream()
                .<FigureRef<?, ?>>flatMap(c -> c.reads().stream())
                .filter(r -> r.kind() == kind)
                .distinct()
                .toList();
    }

    /** Every finding about a build. */
    public static List<Finding> on(Build build) {
        return run(ALL, build);
    }

    /** What the checks say that can change when a line of this slot changes. */
    public static List<Finding> concerning(Slot slot, Build build) {
        return run(concerning(slot), build);
    }

    /** What a build draws at most for longer than a moment. */
    public static SustainedPeak peak(Build build) {
        return new BuildContext(build).derived(PowerLoad.OF_BUILD).peak();
    }

    private static List<Finding> run(List<Check> checks, Build build) {
        var findings = new ArrayList<Finding>(96);
        var context = new BuildContext(build);
        for (var check : checks) {
            check.tell(context, findings);
        }
        return findings;
    }

    private static Map<Slot, List<Check>> concerning() {
        var map = new EnumMap<Slot, List<Check>>(Slot.class);
        for (var slot : Slot.values()) {
            map.put(slot, ALL.stream().filter(c -> c.slots().contains(slot)).toList());
        }
        return map;
    }
}
