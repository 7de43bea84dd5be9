package lowfield.core.check;

import java.util.List;
import java.util.stream.Stream;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Figure;
import lowfield.core.part.Spec;
import lowfield.core.power.SustainedPeak;

/** The supply carries the sustained peak and a fifth more; below the card maker's recommendation is only a caution. */
final class SupplyRating implements Check {
    private static final Reading<Spec.PowerSupply, Integer> RATING =
            Reading.of(Slot.POWER_SUPPLY, Spec.PowerSupply.class, "rating", Spec.PowerSupply::rating);

    @Override
    public String id() {
        return "supply-rating";
    }

    @Override
    public String rule() {
        return "The supply is rated for the sustained peak and a fifth more";
    }

    @Override
    public boolean decisive() {
        return true;
    }

    @Override
    public List<Finding> on(Build build) {
        if (build.filled(Slot.PROCESSOR).isEmpty()
                || build.filled(Slot.GRAPHICS_CARD).isEmpty()) {
            return List.of();
        }
        return build.filled(Slot.POWER_SUPPLY).stream()
                .filter(l -> !(l.choice() instanceof Choice.None))
                .map(supply -> of(supply, build))
                .toList();
    }

    private Finding of(Line supply, Build build) {
        var peak = SustainedPeak.of(build);
        var lines = Stream.of(build.filled(Slot.PROCESSOR), build.filled(Slot.GRAPHICS_CARD), List.of(supply))
                .flatMap(List::stream)
                .map(Line::id)
                .toList();
        var rating = RATING.from(supply).value();
        if (rating.isEmpty()) {
            return Finding.of(this, Verdict.NOT_KNOWN, lines, "%s", RATING.missing(supply));
        }
        if (!peak.watts().isKnown()) {
            return Finding.of(this, Verdict.NOT_KNOWN, lines, "%s is not known", String.join(", ", peak.missing()));
        }
        var watts = peak.watts().value().orElseThrow();
        var needed = peak.neededRating().value().orElseThrow();
        if (rating.get() * 100 < watts * SustainedPeak.HEADROOM_PERCENT) {
            return Finding.of(
                    this,
                    Verdict.CLASH,
                    lines,
                    "%s W sustained peak wants a %s W supply; this one is %s W",
                    watts,
                    needed,
                    rating.get());
        }
        var recommended = recommended(build);
        return rating.get() < recommended
                ? Finding.of(
                        this,
                        Verdict.CAUTION,
                        lines,
                        "%s W is enough for %s W at the peak, but the card's maker recommends %s W (for a processor it does not name)",
                        rating.get(),
                        watts,
                        recommended)
                : Finding.of(this, Verdict.FITS, lines, "%s W sustained peak; the supply is %s W", watts, rating.get());
    }

    private static int recommended(Build build) {
        return build.filled(Slot.GRAPHICS_CARD).stream()
                .flatMap(l -> l.choice().spec(Spec.GraphicsCard.class).stream())
                .map(Spec.GraphicsCard::recommendedSupply)
                .map(Figure::value)
                .mapToInt(v -> v.orElse(0))
                .max()
                .orElse(0);
    }
}
