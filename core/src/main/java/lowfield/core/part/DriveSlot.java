package lowfield.core.part;

import java.util.Set;

/** One M.2 slot of a board, with what its use takes away from others. */
public record DriveSlot(
        @Shown("name") Figure<String> name,
        @Shown("protocols") Figure<Set<String>> protocols,

        @Shown(value = "PCIe generation", said = "PCIe %s", most = 9)
        Figure<Integer> generation,

        @Shown(value = "longest drive", unit = "mm", said = "up to %s mm", most = 200)
        Figure<Integer> longest,

        @Shown("under a cover") Figure<Boolean> covered,
        @Shown("single-sided drives only") Figure<Boolean> singleSided,
        @Shown("for radio cards only") Figure<Boolean> radioOnly,

        @Shown(value = "SATA ports it switches off", said = "switches off SATA ports: %s", most = 20)
        Figure<Integer> takesSata,

        @Shown(value = "lanes it takes from the card", said = "takes card lanes: %s", most = 16)
        Figure<Integer> takesLanes) {}
