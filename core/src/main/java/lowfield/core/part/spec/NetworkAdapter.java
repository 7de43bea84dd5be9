package lowfield.core.part.spec;

import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A network adapter, mostly for radio. */
public record NetworkAdapter(
        @Shown(value = "bus", group = "connections") Figure<String> bus,
        @Shown(value = "standard", group = "speed") Figure<String> standard,
        @Shown(value = "Bluetooth", group = "connections") Figure<Boolean> bluetooth,

        @Shown(value = "needs the chipset's half of the radio", brief = false, group = "connections")
        Figure<Boolean> needsChipset,

        @Shown(value = "antennas in the box", brief = false, group = "connections")
        Figure<Boolean> antennas,

        @Shown(value = "USB 2.0 headers it needs", most = 10, brief = false, group = "connections")
        Figure<Integer> usb2Headers)
        implements Spec {}
