package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

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
        Figure<String> colour,

        @Shown(value = "thickness", unit = "mm", most = 100, brief = false, group = "size")
        Figure<Integer> thickness,

        @Shown(
                value = "current of a fan",
                unit = "mA",
                most = 10000,
                brief = false,
                better = Better.LESS,
                group = "connections")
        Figure<Integer> current,

        @Shown(value = "pins of its plug", most = 10, brief = false, group = "connections")
        Figure<Integer> pins,

        @Shown(
                value = "fans on the hub in the pack",
                most = 30,
                brief = false,
                better = Better.MORE,
                group = "connections")
        Figure<Integer> hub,

        @Shown(value = "SATA plugs it needs", most = 10, brief = false, group = "connections")
        Figure<Integer> sataPlugs)
        implements Spec {}
