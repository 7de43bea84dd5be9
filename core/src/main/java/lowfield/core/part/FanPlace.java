package lowfield.core.part;

import java.util.Set;

/** The places for fans on one side of a case: "front", "top", "rear", "bottom" or "side". */
public record FanPlace(
        @FigureLabel("side") Figure<String> side,
        @FigureLabel("sizes") Figure<Set<String>> sizes,
        @FigureLabel(value = "fans", most = 20) Figure<Integer> count) {}
