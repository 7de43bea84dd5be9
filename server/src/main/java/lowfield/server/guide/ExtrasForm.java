package lowfield.server.guide;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.util.Currency;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.total.Adjustment;
import lowfield.core.total.PackagePrice;
import org.jspecify.annotations.Nullable;

/** What stands beside the lines of a build: discounts, surcharges and services, and package prices. Sums are minor units of the guide's currency. */
public record ExtrasForm(List<AdjustmentForm> adjustments, List<PackageForm> packages) {
    public static final ExtrasForm NONE = new ExtrasForm(List.of(), List.of());

    /** A discount below zero; a surcharge, service or allowance above. */
    public record AdjustmentForm(UUID id, String name, long minor) {}

    /**
     * A price for several lines. Either its words and price are the author's, at a shop or at none; or it is a shop's bundle,
     * whose price is what that seller asks now.
     */
    public record PackageForm(
            UUID id,
            String name,
            List<MemberForm> members,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            UUID bundleOf,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            UUID shop,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Long priceMinor,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Long shippingMinor,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            String link,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Instant seenAt) {
        public PackageForm {
            members = List.copyOf(members);
        }

        /** The same, seen at a moment. */
        public PackageForm seen(Instant at) {
            return new PackageForm(id, name, members, bundleOf, shop, priceMinor, shippingMinor, link, at);
        }

        public List<PackagePrice.Member> members(Currency home) {
            return members.stream()
                    .map(m -> new PackagePrice.Member(
                            m.line(),
                            Optional.ofNullable(m.key()).orElse(""),
                            Optional.ofNullable(m.quantity()).orElse(1),
                            Optional.ofNullable(m.swapMinor()).map(s -> new Money(s, home))))
                    .toList();
        }
    }

    /** A line of a package; without a key, it is for what stands there now. */
    public record MemberForm(
            UUID line,
            @Nullable String key,
            @Nullable Integer quantity,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Long swapMinor) {}

    public ExtrasForm {
        adjustments = List.copyOf(adjustments);
        packages = List.copyOf(packages);
    }

    /** What is stored: nothing where there is nothing. */
    public static @Nullable ExtrasForm stored(@Nullable ExtrasForm extras) {
        return extras == null || extras.equals(NONE) ? null : extras;
    }

    /** Refuses what cannot stand in a guide of a currency, with a sentence. */
    public void check(Currency home) {
        RuleBroken.unless(
                adjustments.size() <= Adjustment.MOST,
                "A build has at most %d discounts, surcharges and services.",
                Adjustment.MOST);
        RuleBroken.unless(
                packages.size() <= PackagePrice.MOST, "A build has at most %d package prices.", PackagePrice.MOST);
        adjustments(home);
        var lines = new HashSet<UUID>();
        for (var each : packages) {
            new PackagePrice(each.id(), each.name(), Optional.empty(), each.bundleOf() != null, each.members(home));
            RuleBroken.unless(
                    each.bundleOf() != null
                            || Optional.ofNullable(each.priceMinor()).orElse(0L) > 0,
                    "%s: type what all of it costs, more than nothing.",
                    each.name());
            Optional.ofNullable(each.priceMinor()).ifPresent(p -> Money.typed(p, home));
            RuleBroken.unless(
                    Optional.ofNullable(each.shippingMinor()).orElse(0L) >= 0, "Shipping is nothing or more.");
            checkLink(each);
            for (var member : each.members()) {
                RuleBroken.unless(lines.add(member.line()), "%s: one of its lines is in another package.", each.name());
                Optional.ofNullable(member.swapMinor()).ifPresent(s -> Money.typed(Math.abs(s), home));
            }
        }
    }

    /** A link stands on readers' pages: nothing but the address of a page may. */
    private static void checkLink(PackageForm of) {
        var link = Optional.ofNullable(of.link()).orElse("");
        RuleBroken.unless(
                link.isEmpty()
                        || link.length() <= 500
                                && link.matches("https://[a-z0-9.-]+(:[0-9]{1,5})?(/[^\\s\"'<>\\\\]*)?"),
                "%s: a link is the address of a page and begins with https://.",
                of.name());
    }

    public List<Adjustment> adjustments(Currency home) {
        return adjustments.stream()
                .map(a -> new Adjustment(a.id(), a.name(), Money.typed(a.minor(), home)))
                .toList();
    }

    /** The same for other lines, where each has one; a package of which a line has none is left out. */
    public ExtrasForm onto(UnaryOperator<@Nullable UUID> lines) {
        return new ExtrasForm(
                adjustments,
                packages.stream()
                        .filter(p -> p.members().stream().allMatch(m -> lines.apply(m.line()) != null))
                        .map(p -> new PackageForm(
                                UUID.randomUUID(),
                                p.name(),
                                p.members().stream()
                                        .map(m -> new MemberForm(
                                                lines.apply(m.line()), m.key(), m.quantity(), m.swapMinor()))
                                        .toList(),
                                p.bundleOf(),
                                p.shop(),
                                p.priceMinor(),
                                p.shippingMinor(),
                                p.link(),
                                p.seenAt()))
                        .toList());
    }

    /** Which parts, and how many of each, a package is for; what names no part is left out. */
    public static SortedMap<UUID, Integer> parts(PackageForm of) {
        var parts = new TreeMap<UUID, Integer>();
        for (var member : of.members()) {
            var key = Optional.ofNullable(member.key()).orElse("");
            if (key.startsWith("part:")) {
                parts.merge(
                        UUID.fromString(key.substring("part:".length())),
                        Optional.ofNullable(member.quantity()).orElse(1),
                        Integer::sum);
            }
        }
        return parts;
    }
}
