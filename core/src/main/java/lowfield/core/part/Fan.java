package lowfield.core.part;

/** A case fan, or a pack of them. */
public record Fan(
        @Shown(value = "size", unit = "mm", most = 500, group = "size")
        Figure<Integer> size,

        @Shown(value = "fans in the pack", most = 20, better = Better.MORE, group = "size")
        Figure<Integer> count,

        @Shown(value = "airflow", unit = "m3/h", most = 2000, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> airflow,

        @Shown(value = "noise", unit = "dB", most = 120, brief = false, better = Better.LESS, group = "care")
        Figure<Integer> noise,

        @Shown(value = "lighting plug", brief = false, group = "looks")
        Figure<String> lightingPlug,

        @Shown(value = "colour", brief = false, group = "looks")
        Figure<String> colour)
        implements Spec {}
