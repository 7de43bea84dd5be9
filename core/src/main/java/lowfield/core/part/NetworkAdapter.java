package lowfield.core.part;

/** A network adapter, mostly for radio. */
public record NetworkAdapter(
        @Shown(value = "bus", group = "connections") Figure<String> bus,
        @Shown(value = "standard", group = "speed") Figure<String> standard,
        @Shown(value = "Bluetooth", group = "connections") Figure<Boolean> bluetooth)
        implements Spec {}
