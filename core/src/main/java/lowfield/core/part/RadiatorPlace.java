package lowfield.core.part;

import java.util.Set;

/** A place of a case for a radiator. */
public record RadiatorPlace(
        @Shown("place") Figure<String> place,
        @Shown("sizes") Figure<Set<String>> sizes,

        @Shown(value = "room for radiator and fans", unit = "mm", most = 300)
        Figure<Integer> thickness,

        @Shown(value = "highest memory under it", unit = "mm", most = 200)
        Figure<Integer> memoryHeight,

        @Shown(value = "highest heatsink of the board under it", unit = "mm", most = 200)
        Figure<Integer> heatsinkHeight,

        @Shown("takes the drive cage's room") Figure<Boolean> takesCage,

        @Shown(value = "EPS plugs under it", said = "over the EPS plugs")
        Figure<Boolean> overEps,

        @Shown(value = "tube it takes", unit = "mm", most = 2000)
        Figure<Integer> tube) {}
