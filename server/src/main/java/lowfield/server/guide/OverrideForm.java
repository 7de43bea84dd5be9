package lowfield.server.guide;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Optional;
import java.util.Set;
import lowfield.core.offer.Condition;
import lowfield.core.offer.PolicyOverride;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.SellerKind;
import lowfield.core.offer.Stock;
import org.jspecify.annotations.Nullable;

/** What a tier, a build or a line says of offers beside the guide's price policy: the fields that differ, and why. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record OverrideForm(
        @Nullable Set<Condition> conditions,
        @Nullable Set<Stock> stock,
        @Nullable Boolean membersOnly,
        @Nullable Integer greatestAgeDays,
        @Nullable Set<SellerKind> sellers,
        @Nullable Set<String> regions,
        @Nullable Integer usedReturnDays,
        @Nullable String why) {
    public OverrideForm {
        why = why == null ? "" : why.strip();
        over(conditions, stock, membersOnly, greatestAgeDays, sellers, regions, usedReturnDays, why)
                .over(PricePolicy.usual());
    }

    /** What is stored: nothing, where nothing differs. */
    public static @Nullable OverrideForm stored(@Nullable OverrideForm form) {
        return form == null || form.override().isNone() ? null : form;
    }

    public static PolicyOverride of(@Nullable OverrideForm form) {
        return form == null ? PolicyOverride.NONE : form.override();
    }

    /** Another way round; nothing where nothing differs. */
    public static @Nullable OverrideForm from(PolicyOverride override) {
        return override.isNone()
                ? null
                : new OverrideForm(
                        override.conditions().orElse(null),
                        override.stock().orElse(null),
                        override.membersOnly().orElse(null),
                        override.greatestAgeDays().orElse(null),
                        override.sellers().orElse(null),
                        override.regions().orElse(null),
                        override.usedReturnDays().orElse(null),
                        override.why());
    }

    @JsonIgnore
    private PolicyOverride override() {
        return over(
                conditions,
                stock,
                membersOnly,
                greatestAgeDays,
                sellers,
                regions,
                usedReturnDays,
                Optional.ofNullable(why).orElse(""));
    }

    private static PolicyOverride over(
            @Nullable Set<Condition> conditions,
            @Nullable Set<Stock> stock,
            @Nullable Boolean membersOnly,
            @Nullable Integer greatestAgeDays,
            @Nullable Set<SellerKind> sellers,
            @Nullable Set<String> regions,
            @Nullable Integer usedReturnDays,
            String why) {
        return new PolicyOverride(
                Optional.ofNullable(conditions),
                Optional.ofNullable(stock),
                Optional.ofNullable(membersOnly),
                Optional.ofNullable(greatestAgeDays),
                Optional.ofNullable(sellers),
                Optional.ofNullable(regions),
                Optional.ofNullable(usedReturnDays),
                why);
    }
}
