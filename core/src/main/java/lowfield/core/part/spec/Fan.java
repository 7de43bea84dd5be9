package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A case fan, or a pack of them. */
public record Fan(
        @FigureLabel(value = "size", unit = "mm", most = 500, group = "size", essential = true)
        Figure<Integer> size,

        @FigureLabel(value = "fans in the pack", most = 20, better = Better.MORE, group = "size", essential = true)
        Figure<Integer> count,

        @FigureLabel(
                value = "airflow",
                unit = "m3/h",
                most = 2000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> airflow,

        @FigureLabel(value = "noise", unit = "dB", most = 120, brief = false, better = Better.LESS, group = "care")
        Figure<Integer> noise,

        @FigureLabel(value = "RGB lighting", brief = false, group = "looks", onlyWhereSo = true)
        Figure<String> lightingPlug,

        @FigureLabel(value = "colour", brief = false, group = "looks")
        Figure<String> colour,

        @FigureLabel(value = "thickness", unit = "mm", most = 100, brief = false, group = "size")
        Figure<Integer> thickness,

        @FigureLabel(
                value = "current per fan",
                unit = "mA",
                most = 10000,
                brief = false,
                better = Better.LESS,
                group = "connections")
        Figure<Integer> current,

        @FigureLabel(value = "pins", most = 10, brief = false, group = "connections")
        Figure<Integer> pins,

        @FigureLabel(
                value = "fans on the hub in the pack",
                most = 30,
                brief = false,
                better = Better.MORE,
                group = "connections",
                onlyWhereSo = true)
        Figure<Integer> hub,

        @FigureLabel(value = "SATA plugs it needs", most = 10, brief = false, group = "connections", onlyWhereSo = true)
        Figure<Integer> sataPlugs)
        implements Spec {}
