package lowfield.core.part;

/**
 * One video output or input. The payload is what is left of the link after its line code, in tenths of a Gbit/s, as the
 * connector's standard defines it; the cable's share counts on the side that has the cable in its box.
 */
public record VideoPort(
        @FigureLabel("connector") Figure<String> connector,

        @FigureLabel(value = "payload", unit = "x 0.1 Gbit/s", most = 2000)
        Figure<Integer> payload,

        @FigureLabel("stream compression") Figure<Boolean> compression,
        @FigureLabel("VRR") Figure<Boolean> adaptive) {}
