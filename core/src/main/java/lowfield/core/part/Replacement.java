package lowfield.core.part;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.part.spec.Memory;

/**
 * What one part in the place of another brings and gives up, in the figures that make a part what it is.
 *
 * @param gains "12 GB instead of 8 GB"
 * @param losses the same the other way
 * @param changes what is neither more nor less: "Vane Six instead of Vane Five"
 */
public record Replacement(List<String> gains, List<String> losses, List<String> changes) {
    public Replacement {
        gains = List.copyOf(gains);
        losses = List.copyOf(losses);
        changes = List.copyOf(changes);
    }

    public static Replacement of(Part before, Part after) {
        var lost = Equivalence.of(before, after).losses();
        var won = Equivalence.of(after, before).losses();
        return new Replacement(
                won.stream()
                        .filter(w -> !isIn(lost, w.field()))
                        .map(w -> kits(w.field(), after, before).orElseGet(() -> gained(w)))
                        .toList(),
                lost.stream()
                        .filter(l -> !isIn(won, l.field()))
                        .map(l -> kits(l.field(), after, before).orElseGet(() -> said(l)))
                        .toList(),
                lost.stream()
                        .filter(l -> isIn(won, l.field()))
                        .map(Replacement::other)
                        .toList());
    }

    /** Everything that is another than before, for the better or merely so. */
    public List<String> brings() {
        return Stream.concat(changes.stream(), gains.stream()).toList();
    }

    private static boolean isIn(List<Equivalence.Loss> losses, Field field) {
        return losses.stream().anyMatch(l -> l.field().equals(field));
    }

    private static String gained(Equivalence.Loss won) {
        return won.isFeature()
                ? won.field().label()
                : won.now()
                        .map(less -> instead(won.field(), won.before(), less))
                        .orElse(counted(won.field(), won.before()));
    }

    private static String said(Equivalence.Loss loss) {
        return loss.isFeature()
                ? loss.said()
                : loss.now()
                        .map(now -> instead(loss.field(), now, loss.before()))
                        .orElseGet(loss::said);
    }

    /** A chip goes by its own name; of anything else it is said what is another. */
    private static String other(Equivalence.Loss loss) {
        return (loss.field().name().equals("chip") ? "" : loss.field().label() + " ") + said(loss);
    }

    /** Of memory its kits are told, not their modules: "32 GB instead of 16 GB" is two of sixteen instead of two of eight. */
    private static Optional<String> kits(Field field, Part now, Part before) {
        return field.name().equals("moduleSize")
                ? kit(now).flatMap(n -> kit(before).map(b -> n + " GB instead of " + b + " GB"))
                : Optional.empty();
    }

    private static Optional<Integer> kit(Part part) {
        return part.spec() instanceof Memory kit
                ? kit.modules().value().flatMap(n -> kit.moduleSize().value().map(size -> n * size))
                : Optional.empty();
    }

    /** "6 cores instead of 4", "12 GB instead of 8 GB". */
    private static String instead(Field field, String now, String before) {
        if (field.label().equals("PCIe generation")) {
            return "PCIe %s instead of PCIe %s".formatted(now, before);
        }
        return counted(field, now) + " instead of " + before;
    }

    /** "6 cores": a bare number says of what. */
    private static String counted(Field field, String value) {
        return value.matches("[\\d.,]+") ? value + " " + field.label() : value;
    }
}
