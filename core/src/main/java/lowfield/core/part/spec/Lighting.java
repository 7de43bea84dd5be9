package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** Lighting for the inside of a case. */
public record Lighting(
        @FigureLabel(value = "RGB header needed", group = "connections")
        Figure<String> lightingPlug,

        @FigureLabel(value = "length", unit = "cm", most = 1000, group = "size")
        Figure<Integer> length,

        @FigureLabel(value = "controller in the box", group = "connections", onlyWhereSo = true)
        Figure<Boolean> controller,

        @FigureLabel(
                value = "USB 2.0 headers it needs",
                most = 10,
                brief = false,
                group = "connections",
                onlyWhereSo = true)
        Figure<Integer> usb2Headers,

        @FigureLabel(value = "SATA plugs it needs", most = 10, brief = false, group = "connections", onlyWhereSo = true)
        Figure<Integer> sataPlugs)
        implements Spec {}
