package lowfield.core.part;

/** Thermal paste. */
public record Paste(
        @Shown(value = "weight", unit = "g", most = 1000, group = "size")
        Figure<Integer> weight,

        @Shown(value = "conducts electricity", brief = false, better = Better.LESS, group = "care")
        Figure<Boolean> conducts)
        implements Spec {}
