package lowfield.core.check;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.core.guide.UsualValue;

/**
 * What decided one finding, kept by running its check once more on the same build: the figures of its own lines that were
 * looked at, those of other lines, the tier's wishes, what was worked out, and usual values. Of a check that goes over
 * single lines, pairs or groups, only what was looked at for this one counts; of one that looks at the whole list, all.
 */
final class Decided implements Reads {
    private final int wanted;
    private final Map<Seen, Set<Input<?>>> figures = new IdentityHashMap<>();
    private final Map<View, List<Seen>> views = new LinkedHashMap<>();
    private final Set<Requirement<?>> required = new LinkedHashSet<>();
    private final Set<Derived<?>> derived = new LinkedHashSet<>();
    private final Set<UsualValue> usual = EnumSet.noneOf(UsualValue.class);
    private final Map<Seen, Set<Input<?>>> figuresBefore = new IdentityHashMap<>();
    private final Map<View, List<Seen>> viewsBefore = new LinkedHashMap<>();
    private int said;
    private boolean isSingle;

    private Decided(int wanted) {
        this.wanted = wanted;
    }

    /** The reads behind the finding at a place among those of its check. */
    static DecidingInputs of(Check check, BuildContext build, int wanted) {
        var kept = new Decided(wanted);
        var again = check.on(build.heardBy(kept));
        return kept.inputs(again.get(wanted));
    }

    /** What was looked at before the first one counts for all. */
    @Override
    public void begin() {
        if (said > wanted) {
            return;
        }
        if (!isSingle) {
            isSingle = true;
            figures.forEach((line, inputs) -> figuresBefore.put(line, new LinkedHashSet<>(inputs)));
            viewsBefore.putAll(views);
        }
        figures.clear();
        figuresBefore.forEach((line, inputs) -> figures.put(line, new LinkedHashSet<>(inputs)));
        views.clear();
        views.putAll(viewsBefore);
        usual.clear();
    }

    @Override
    public void said() {
        said++;
    }

    private boolean isOver() {
        return isSingle && said > wanted;
    }

    @Override
    public void figure(Seen line, Input<?> input) {
        if (!isOver()) {
            figures.computeIfAbsent(line, l -> new LinkedHashSet<>()).add(input);
        }
    }

    @Override
    public void lines(View view, List<Seen> lines) {
        if (!isOver()) {
            views.put(view, lines);
        }
    }

    @Override
    public void required(Requirement<?> requirement) {
        if (!isOver()) {
            required.add(requirement);
        }
    }

    @Override
    public void derived(Derived<?> one) {
        if (!isOver()) {
            derived.add(one);
        }
    }

    @Override
    public void usual(UsualValue one) {
        if (!isOver()) {
            usual.add(one);
        }
    }

    private DecidingInputs inputs(Finding finding) {
        var own = new LinkedHashSet<>(finding.lines());
        var ownTexts = new LinkedHashMap<UUID, Set<String>>();
        var outside = new LinkedHashMap<UUID, Set<String>>();
        var outsideSlots = new LinkedHashMap<UUID, Slot>();
        views.values()
                .forEach(lines -> lines.forEach(line -> {
                    if (!own.contains(line.id())) {
                        outsideSlots.put(line.id(), line.slot());
                    }
                }));
        views.keySet().stream()
                .filter(v -> v.slots().size() == Slot.values().length)
                .forEach(v -> views.get(v).forEach(line -> outsideSlots.remove(line.id())));
        figures.forEach((line, inputs) -> {
            if (own.contains(line.id())) {
                ownTexts.computeIfAbsent(line.id(), l -> new TreeSet<>()).addAll(texts(line, inputs));
            } else {
                outsideSlots.put(line.id(), line.slot());
                outside.computeIfAbsent(line.id(), l -> new TreeSet<>()).addAll(texts(line, inputs));
            }
        });
        var outsideTexts = new ArrayList<String>();
        outsideSlots.forEach((line, slot) -> outsideTexts.add(Tags.of(slot)
                + outside.getOrDefault(line, Set.of()).stream()
                        .map(t -> " " + t)
                        .reduce("", String::concat)));
        return new DecidingInputs(
                ownTexts, outsideTexts, List.copyOf(required), List.copyOf(derived), Set.copyOf(usual));
    }

    private static List<String> texts(Seen line, Set<Input<?>> inputs) {
        return inputs.stream()
                .map(i -> i.key() + "=" + Canonical.text(i.of(line.line())))
                .toList();
    }

    /**
     * @param own by line of the finding: its inputs that were looked at, as canonical text
     * @param outside lines that decided and that the finding is not about, as canonical text
     */
    record DecidingInputs(
            Map<UUID, Set<String>> own,
            List<String> outside,
            List<Requirement<?>> required,
            List<Derived<?>> derived,
            Set<UsualValue> usual) {
        static final DecidingInputs NONE = new DecidingInputs(Map.of(), List.of(), List.of(), List.of(), Set.of());

        /** Whether anything decided that the canonical text of before did not hold. */
        boolean gained() {
            return !outside.isEmpty() || !required.isEmpty() || !usual.isEmpty();
        }

        Optional<String> text(UUID line) {
            return Optional.ofNullable(own.get(line)).map(texts -> String.join(" ", texts));
        }
    }
}
