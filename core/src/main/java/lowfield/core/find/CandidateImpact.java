package lowfield.core.find;

import java.util.List;
import java.util.Optional;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.part.Part;
import lowfield.core.total.BandState;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;

/**
 * What it would be like to take a part on a line: its price, what else it forces, the build's total with that, and the
 * trouble that is left. {@code alone} is the change and nothing else, {@code effect} the same with what it forces;
 * {@code forcesTooMuch} when more than four further changes would be needed, so that no cost is given. {@code trueDifference} is what the counted total would move by, forced parts included.
 */
public record CandidateImpact(
        Part part,
        LinePrice price,
        List<Forced> forced,
        CountedTotal total,
        BandState state,
        Amount trueDifference,
        Impact alone,
        Impact effect,
        boolean forcesTooMuch,
        Group group) {

    /** A further part that the candidate needs: the cheapest of its slot with which everything goes together. */
    public record Forced(Slot slot, Part part, LinePrice price, String why) {}

    /** The finder's groups, best first. */
    public enum Group {
        /** The total stays in the band, or in a list that still has empty slots under it, and nothing else is needed. */
        STAYS,
        /** It leaves the band, or needs another part. */
        FORCES,
        /** A figure or a price is missing that would decide it. */
        CANNOT_BE_TOLD,
        /** It does not go together with the rest. */
        CLASHES;

        static Group of(
                boolean clashes,
                boolean undecided,
                boolean forces,
                Amount total,
                BandState state,
                boolean isUnfinished) {
            if (clashes) {
                return CLASHES;
            }
            if (undecided || total.range().isEmpty()) {
                return CANNOT_BE_TOLD;
            }
            var inside = state instanceof BandState.Inside
                    || state instanceof BandState.NoBand
                    || isUnfinished && state instanceof BandState.Under;
            return inside && !forces ? STAYS : FORCES;
        }
    }

    /** The first figure or price that is missing. */
    public Optional<String> whyNotTold() {
        return effect.undecided().stream()
                .map(f -> f.evidence())
                .findFirst()
                .or(() -> total.total().blame().stream().findFirst());
    }

    /** The premium over the maker's suggested price in thousandths; absent without a price, and as {@link Offer#premium} says. */
    public Optional<Integer> premium() {
        return price.offer().flatMap(o -> o.premium(part.suggestedPrice()));
    }
}
