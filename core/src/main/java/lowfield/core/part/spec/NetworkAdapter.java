package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A network adapter, mostly for radio. */
public record NetworkAdapter(
        @FigureLabel(value = "connection", group = "connections")
        Figure<String> bus,

        @FigureLabel(value = "Wi-Fi standard", group = "speed")
        Figure<String> standard,

        @FigureLabel(value = "Bluetooth", group = "connections")
        Figure<Boolean> bluetooth,

        @FigureLabel(value = "needs chipset Wi-Fi support", brief = false, group = "connections", onlyWhereSo = true)
        Figure<Boolean> needsChipset,

        @FigureLabel(value = "antennas in the box", brief = false, group = "connections")
        Figure<Boolean> antennas,

        @FigureLabel(
                value = "USB 2.0 headers it needs",
                most = 10,
                brief = false,
                group = "connections",
                onlyWhereSo = true)
        Figure<Integer> usb2Headers)
        implements Spec {}
