package lowfield.core.part;

import java.util.Set;

/** One M.2 slot of a board, with what its use takes away from others. */
public record DriveSlot(
        @FigureLabel("name") Figure<String> name,
        @FigureLabel("protocols") Figure<Set<String>> protocols,

        @FigureLabel(value = "PCIe generation", said = "PCIe %s", most = 9)
        Figure<Integer> generation,

        @FigureLabel(value = "longest drive", unit = "mm", said = "up to %s mm", most = 200)
        Figure<Integer> longest,

        @FigureLabel("under a cover") Figure<Boolean> covered,
        @FigureLabel("single-sided drives only") Figure<Boolean> singleSided,
        @FigureLabel("for Wi-Fi cards only") Figure<Boolean> radioOnly,

        @FigureLabel(value = "SATA ports it switches off", said = "switches off SATA ports: %s", most = 20)
        Figure<Integer> takesSata,

        @FigureLabel(value = "lanes it takes from the card", said = "takes card lanes: %s", most = 16)
        Figure<Integer> takesLanes,

        @FigureLabel(value = "middle below the motherboard's upper edge", unit = "mm", most = 400, brief = false)
        Figure<Integer> top,

        @FigureLabel(value = "drive from the motherboard's rear edge", unit = "mm", most = 400, brief = false)
        Figure<Integer> rear) {}
