package lowfield.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import lowfield.core.guide.Slot;
import lowfield.core.guide.UsualValue;

/**
 * One rule about the parts of a build, as it is declared: what it looks at, what it can say, and code that is given only
 * the former and can say only the latter. The slots it concerns, the documentation and what the finder tells of a candidate
 * all come from the one declaration.
 */
public final class Check {
    private final String id;
    private final String rule;
    private final boolean decisive;
    private final Declaration declaration;
    private final List<Outcome> outcomes;
    private final Map<String, Outcome> byName = new HashMap<>();
    private final BiConsumer<Inputs, FindingCollector> code;
    private final Set<Slot> slots;

    Check(
            String id,
            String rule,
            boolean decisive,
            Declaration declaration,
            List<Outcome> outcomes,
            BiConsumer<Inputs, FindingCollector> code) {
        this.id = id;
        this.rule = rule;
        this.decisive = decisive;
        this.declaration = declaration;
        this.outcomes = List.copyOf(outcomes);
        outcomes.forEach(o -> byName.put(o.name(), o));
        this.code = code;
        this.slots = declaration.slots();
    }

    /** A check that decides whether parts go together. */
    public static Draft decides(String id, String rule) {
        return new Draft(id, rule, true);
    }

    /** A check that only advises; a figure that it misses holds nothing up. */
    public static Draft advises(String id, String rule) {
        return new Draft(id, rule, false);
    }

    /** Stable, for exceptions, answers and addresses: "card-length". */
    public String id() {
        return id;
    }

    /** The rule as a sentence a reader understands. */
    public String rule() {
        return rule;
    }

    /** Whether it decides if the parts go together, or only advises. */
    public boolean decisive() {
        return decisive;
    }

    /** The slots whose lines it concerns: a change elsewhere cannot change what it says. */
    public Set<Slot> slots() {
        return slots;
    }

    /** The figures it decides by, directly or through what is derived from them. */
    public List<FigureRef<?, ?>> reads() {
        return List.copyOf(declaration.figures());
    }

    /** The figures it looks at itself. */
    public List<FigureRef<?, ?>> ownFigures() {
        return List.copyOf(new Declaration(declaration.views(), List.of(), List.of(), List.of()).figures());
    }

    /** What it has worked out for it. */
    public List<Derived<?>> derived() {
        return declaration.derived();
    }

    /** What of the tier's wishes and of the edition it goes by. */
    public List<Requirement<?>> requirements() {
        return declaration.requirements();
    }

    /** The usual values that can decide it, directly or through what is derived. */
    public List<UsualValue> usualValues() {
        return List.copyOf(declaration.usualValues());
    }

    /** Everything it can say, beside that a figure is missing. */
    public List<Outcome> outcomes() {
        return outcomes;
    }

    Declaration declaration() {
        return declaration;
    }

    Outcome outcome(String name) {
        var outcome = byName.get(name);
        if (outcome == null) {
            throw new IllegalStateException("The check " + id + " says \"" + name + "\" and does not list it");
        }
        return outcome;
    }

    /** One finding for each line, pair or group that the rule concerns; none when it concerns nothing here. */
    public List<Finding> on(BuildContext build) {
        var findings = new ArrayList<Finding>(2);
        tell(build, findings);
        return findings;
    }

    /** Adds the same findings to those of other checks that look at the same build. */
    public void tell(BuildContext build, List<Finding> findings) {
        code.accept(new Inputs(build, declaration), new FindingCollector(this, build, findings));
    }

    @Override
    public String toString() {
        return id;
    }
}
