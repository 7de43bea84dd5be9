package lowfield.core.proofreading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lowfield.core.reason.ReasonBasis;

/**
 * What reading a text against the data brought.
 *
 * @param slips what it says otherwise, in its order
 * @param claims what it says rightly, and how the prices that it compares stand
 * @param today what its figures can mean, as claims are about it, and what the data says of it today
 * @param isWhole whether it was read to its end
 * @param facts right figures that facts of the line say just so
 */
public record Reading(
        List<Slip> slips,
        List<ReasonBasis.Claim> claims,
        Map<String, String> today,
        boolean isWhole,
        List<TypedFact> facts) {
    /** A text is read as far as so many figures, and so many names of parts. */
    public static final int MOST = 300;

    public Reading {
        slips = List.copyOf(slips);
        claims = List.copyOf(claims);
        today = Map.copyOf(today);
        facts = List.copyOf(facts);
    }

    /** How a comparison stands while a price of it is missing; nothing can rely on that. */
    public static final String UNKNOWN = "unknown";

    /** How what is told of a figure is told from the others of its text: by where the figure begins. */
    public static String key(int start) {
        return ReasonBasis.Claim.keyOfFigure(start);
    }

    public static Reading nothing() {
        return new Reading(List.of(), List.of(), Map.of(), true, List.of());
    }

    /** What the data says today of what a claim is about; absent where nothing is on file. */
    public Optional<String> today(String about) {
        return Optional.ofNullable(today.get(about));
    }

    /** Without the slips that the author meant as they stand, as {@link Slip#key} has them. */
    public Reading without(List<String> meant) {
        return meant.isEmpty()
                ? this
                : new Reading(
                        slips.stream().filter(s -> !meant.contains(s.key())).toList(), claims, today, isWhole, facts);
    }
}
