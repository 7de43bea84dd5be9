package lowfield.server.edition;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.core.offer.PricePolicy;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.guide.OverrideForm;
import org.jspecify.annotations.Nullable;

/**
 * From what a published edition's total of today is worked out, as it was published: so that neither a setting of the guide nor
 * a correction in the making moves what readers see.
 *
 * @param shops where the guide bought
 */
record PublishedBasis(PricePolicy policy, Set<UUID> shops, int salesTaxPermille, List<FrozenBuild> builds) {
    /** A build with what its tier says of prices. */
    record FrozenBuild(
            UUID id,
            boolean countsShipping,
            boolean countsTax,
            @Nullable OverrideForm tierPolicy,
            @Nullable OverrideForm policy,
            @Nullable ExtrasForm extras,
            List<FrozenLine> lines) {
        ExtrasForm beside() {
            return extras == null ? ExtrasForm.NONE : extras;
        }
    }

    /** A line with what it took from the line it followed. */
    record FrozenLine(
            UUID id,
            Slot slot,
            ChoiceState choice,
            int quantity,
            boolean counted,
            @Nullable UUID held,
            @Nullable OverrideForm policy) {
        static FrozenLine of(UUID id, LineState state) {
            return new FrozenLine(
                    id,
                    state.slot(),
                    state.choice(),
                    state.quantity(),
                    state.counted(),
                    state.heldListing(),
                    state.policy());
        }
    }

    static PublishedBasis of(LoadedEdition edition) {
        return new PublishedBasis(
                edition.edition().policy(),
                edition.guide().shops(),
                edition.guide().salesTaxPermille(),
                edition.tiers().stream()
                        .flatMap(tier -> tier.builds().stream().map(build -> {
                            var form = edition.info(tier).form();
                            var info = edition.info(build);
                            return new FrozenBuild(
                                    build.id(),
                                    form.countsShipping(),
                                    form.isWithTax(),
                                    form.policy(),
                                    info.policy(),
                                    info.extras(),
                                    build.lines().stream()
                                            .map(l -> FrozenLine.of(l.id(), edition.state(l)))
                                            .toList());
                        }))
                        .toList());
    }
}
