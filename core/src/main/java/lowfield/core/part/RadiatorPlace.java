package lowfield.core.part;

import java.util.Set;

/** A place of a case for a radiator. */
public record RadiatorPlace(
        @FigureLabel("place") Figure<String> place,
        @FigureLabel("sizes") Figure<Set<String>> sizes,

        @FigureLabel(value = "clearance for radiator and fans", unit = "mm", most = 300)
        Figure<Integer> thickness,

        @FigureLabel(value = "highest memory under it", unit = "mm", most = 200)
        Figure<Integer> memoryHeight,

        @FigureLabel(value = "highest motherboard heatsink under it", unit = "mm", most = 200)
        Figure<Integer> heatsinkHeight,

        @FigureLabel("takes the drive cage's room") Figure<Boolean> takesCage,

        @FigureLabel(value = "EPS plugs under it", said = "over the EPS plugs")
        Figure<Boolean> overEps,

        @FigureLabel(value = "tube it takes", unit = "mm", most = 2000)
        Figure<Integer> tube) {}
