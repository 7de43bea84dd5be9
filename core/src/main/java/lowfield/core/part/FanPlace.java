package lowfield.core.part;

import java.util.Set;

/** The places for fans on one side of a case: "front", "top", "rear", "bottom" or "side". */
public record FanPlace(
        @Shown("side") Figure<String> side,
        @Shown("sizes") Figure<Set<String>> sizes,
        @Shown(value = "fans", most = 20) Figure<Integer> count) {}
