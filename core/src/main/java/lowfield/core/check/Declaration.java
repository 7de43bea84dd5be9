package lowfield.core.check;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import lowfield.core.guide.Slot;
import lowfield.core.guide.UsualValue;

/** What a check, or a derived figure, may look at; everything it reads follows from it. */
record Declaration(
        List<View> views, List<Requirement<?>> requirements, List<Derived<?>> derived, List<UsualValue> usual) {
    Declaration {
        views = List.copyOf(views);
        requirements = List.copyOf(requirements);
        derived = List.copyOf(derived);
        usual = List.copyOf(usual);
    }

    /** Views, requirements and derived figures are constants, told apart by identity. */
    static boolean has(List<?> declared, Object one) {
        for (var each : declared) {
            if (each == one) {
                return true;
            }
        }
        return false;
    }

    /** The slots whose lines can change the outcome, through derived figures too. */
    Set<Slot> slots() {
        var slots = EnumSet.noneOf(Slot.class);
        views.forEach(v -> slots.addAll(v.slots()));
        derived.forEach(d -> slots.addAll(d.declaration().slots()));
        return slots;
    }

    /** The figures that can change the outcome, through derived figures too. */
    Set<FigureRef<?, ?>> figures() {
        var figures = new LinkedHashSet<FigureRef<?, ?>>();
        inputs().forEach(input -> {
            if (input instanceof FigureRef<?, ?> figure) {
                figures.add(figure);
            }
        });
        return figures;
    }

    /** The usual values that can stand for a missing figure, through derived figures too. */
    Set<UsualValue> usualValues() {
        var all = new LinkedHashSet<>(usual);
        derived.forEach(d -> all.addAll(d.declaration().usualValues()));
        return all;
    }

    Declaration usually(UsualValue... values) {
        return new Declaration(views, requirements, derived, List.of(values));
    }

    /** The same with the facts of lines. */
    Set<Input<?>> inputs() {
        var inputs = new LinkedHashSet<Input<?>>();
        views.forEach(v -> inputs.addAll(v.inputs()));
        derived.forEach(d -> inputs.addAll(d.declaration().inputs()));
        return inputs;
    }
}
