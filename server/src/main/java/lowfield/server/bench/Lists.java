package lowfield.server.bench;

import java.util.Comparator;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.offer.PriceList;

/**
 * Which list of prices each line of a build goes by: the edition's, or one of its own where the tier, the build or the line
 * admits other offers.
 */
record Lists(Of ofEdition, Map<UUID, Of> own) {
    /** What parts cost under a policy, and what of that is available today. */
    record Of(PriceList prices, PriceList bookable) {}

    Of of(UUID line) {
        return own.getOrDefault(line, ofEdition);
    }

    /** Every list in a fixed order, each its own identity. */
    Stream<Object> each() {
        return own.entrySet().stream()
                .sorted(Comparator.comparing(e -> e.getKey()))
                .flatMap(e -> Stream.of(e.getValue().prices(), e.getValue().bookable()));
    }
}
