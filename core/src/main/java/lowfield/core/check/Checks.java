package lowfield.core.check;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import lowfield.core.part.Kind;

/** All checks, in the order in which their findings are told. */
public final class Checks {
    private static final List<Check> ALL = Stream.of(
                    ListChecks.ALL,
                    ProcessorChecks.ALL,
                    CoolingChecks.ALL,
                    MemoryChecks.ALL,
                    GraphicsChecks.ALL,
                    SupplyChecks.ALL,
                    StorageChecks.ALL,
                    CaseChecks.ALL,
                    FirstStartChecks.ALL,
                    WishChecks.ALL)
            .flatMap(List::stream)
            .map(Check.class::cast)
            .toList();

    private static final Map<Slot, List<Check>> CONCERNING = concerning();

    private Checks() {}

    public static List<Check> all() {
        return ALL;
    }

    /** The checks that a change of a line of this slot can move. */
    public static List<Check> concerning(Slot slot) {
        return CONCERNING.getOrDefault(slot, List.of());
    }

    /** The figures of a kind that any check reads. */
    public static List<Reading<?, ?>> reading(Kind kind) {
        return ALL.stream()
                .<Reading<?, ?>>flatMap(c -> c.reads().stream())
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

    private static List<Finding> run(List<Check> checks, Build build) {
        var findings = new ArrayList<Finding>(96);
        var scene = new Scene(build);
        for (var check : checks) {
            check.tell(scene, findings);
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
