package lowfield.core.offer;

import java.util.Optional;
import java.util.UUID;

/** Thinks of a price for parts that nobody sells yet. */
@FunctionalInterface
public interface Estimator {
    /** Thinks of none. */
    Estimator NONE = (part, prices) -> Optional.empty();

    /** An estimate from what other parts cost; absent when the part has no basis for one, or the basis has no price. */
    Optional<Estimate> estimate(UUID part, PriceList prices);
}
