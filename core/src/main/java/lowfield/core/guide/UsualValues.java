package lowfield.core.guide;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import lowfield.core.RuleBroken;

/**
 * What a guide takes for figures that are rarely printed: the usual values of {@link UsualValue}, and its own where its author
 * knows better.
 */
public record UsualValues(Map<UsualValue, Span> own) {
    /** Those of {@link UsualValue}. */
    public static final UsualValues STANDARD = new UsualValues(Map.of());

    private static final int MOST = 10_000;

    public UsualValues {
        own = Map.copyOf(own);
        own.forEach((value, span) -> RuleBroken.unless(
                span.low() >= 0 && span.low() <= span.usual() && span.usual() <= span.high() && span.high() <= MOST,
                "The usual %s goes from a least to a usual to a greatest figure, 0 to %,d %s; %d, %d, %d does not.",
                value.label(),
                MOST,
                value.unit(),
                span.low(),
                span.usual(),
                span.high()));
    }

    /** A guide's own values, each from least over usual to greatest; one that is the standard is left out. */
    public static UsualValues of(Map<UsualValue, Span> typed) {
        var own = new EnumMap<UsualValue, Span>(UsualValue.class);
        typed.forEach((value, span) -> {
            if (!span.equals(value.span())) {
                own.put(value, span);
            }
        });
        return new UsualValues(own);
    }

    public Span of(UsualValue value) {
        return Optional.ofNullable(own.get(value)).orElse(value.span());
    }
}
