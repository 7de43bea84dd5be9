package lowfield.core.part;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * What a part gives up of the figures that make another what it is (chip, card memory, cores, capacity, watts …, as each
 * kind declares). A part that gives up nothing of them is equivalent, whatever else differs.
 *
 * @param losses in the order of the kind's figures
 */
public record Equivalence(List<Loss> losses) {
    public Equivalence {
        losses = List.copyOf(losses);
    }

    /** A figure that is less, or another, than it was; {@code now} is absent where it is not known. */
    public record Loss(Field field, String before, Optional<String> now) {
        /** Whether it is something that a part has or has not. */
        boolean isFeature() {
            return before.equals("yes");
        }

        /** "12 GB instead of 16 GB", "boost not known, 4600 MHz before", "no integrated graphics". */
        public String said() {
            if (isFeature() && now.isPresent()) {
                return "no " + field.label();
            }
            return now.map(n -> n + " instead of " + before)
                    .orElseGet(() -> "%s not known, %s before".formatted(field.label(), before));
        }
    }

    public static Equivalence of(Part present, Part other) {
        var schema = present.kind().schema();
        var losses = new ArrayList<Loss>();
        for (var field : schema.fields()) {
            if (field.essential()) {
                var had = schema.figureOf(present.spec(), field);
                var has = schema.figureOf(other.spec(), field);
                had.value()
                        .filter(v -> !isAtLeast(field, had, has))
                        .ifPresent(v -> losses.add(
                                new Loss(field, field.worded(v), has.value().map(field::worded))));
            }
        }
        return new Equivalence(losses);
    }

    public boolean isWhole() {
        return losses.isEmpty();
    }

    private static boolean isAtLeast(Field field, Figure<?> had, Figure<?> has) {
        if (has.value().isEmpty()) {
            return false;
        }
        var before = had.value().orElseThrow();
        var now = has.value().orElseThrow();
        if (field.scale().contains(before.toString()) && field.scale().contains(now.toString())) {
            return field.scale().indexOf(now.toString()) >= field.scale().indexOf(before.toString());
        }
        if (before instanceof Collection<?> all && now instanceof Collection<?> others) {
            return others.containsAll(all);
        }
        if (before instanceof Boolean hadIt && now instanceof Boolean hasIt && field.better() != Better.LESS) {
            return hasIt || !hadIt;
        }
        if (field.better() == Better.NEED) {
            return now.equals(before);
        }
        var more = Comparison.size(has).orElse(0) - Comparison.size(had).orElse(0);
        return field.better() == Better.MORE ? more >= 0 : more <= 0;
    }
}
