package lowfield.core.attention;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.money.Money;
import lowfield.core.total.BandState;

/** Builds that are not where they belong, and tiers that have left their name since they were published. */
final class OfBands {
    private OfBands() {}

    static Stream<Item> of(EvaluatedEdition edition) {
        return edition.tiers().stream()
                .flatMap(t ->
                        t.builds().stream().flatMap(b -> Stream.concat(of(t, b).stream(), discounts(t, b).stream())));
    }

    private static Optional<Item> of(EvaluatedTier tier, EvaluatedBuild build) {
        var state = build.state();
        if (state instanceof BandState.Over over) {
            return Optional.of(outside(Matter.OVER_BAND, tier, build, over.by(), "over"));
        }
        if (state instanceof BandState.Under under) {
            return Optional.of(outside(Matter.UNDER_BAND, tier, build, under.by(), "under"));
        }
        if (state instanceof BandState.Ranging ranging) {
            return Optional.of(whole(
                    Matter.MAY_LEAVE_BAND,
                    tier,
                    build,
                    "ranging",
                    "may leave its band",
                    "the total is an estimate, " + ranging.said()));
        }
        return state instanceof BandState.NotKnown
                ? Optional.of(whole(
                        Matter.TOTAL_NOT_KNOWN,
                        tier,
                        build,
                        "not known",
                        "the total is not known",
                        String.join("; ", build.total().total().blame())))
                : Optional.empty();
    }

    /** Kept as they were typed, since a price may still be missing; nothing goes to press at less than nothing. */
    private static Optional<Item> discounts(EvaluatedTier tier, EvaluatedBuild build) {
        var zero = build.plan().terms().zero();
        var off = build.plan().counting().adjusted();
        var known = build.prices().stream()
                .filter(p -> p.line().counted())
                .flatMap(p -> p.goods().known().stream())
                .reduce(zero, Money::plus);
        return known.plus(off).isNegative()
                ? Optional.of(whole(
                        Matter.DISCOUNT_TOO_LARGE,
                        tier,
                        build,
                        "discounts " + off,
                        "Discounts exceed the known prices",
                        "%s off, %s in known prices".formatted(zero.minus(off), known)))
                : Optional.empty();
    }

    private static Item outside(Matter matter, EvaluatedTier tier, EvaluatedBuild build, Money by, String side) {
        var total = build.total().total().known().orElseThrow();
        var place = dearest(build)
                .map(l -> At.line(new EvaluatedEdition.Place(tier, build, l)))
                .orElseGet(() -> At.build(tier, build));
        return Item.of(
                        matter,
                        "build:" + build.id(),
                        side + " " + by,
                        by + " " + side + " its band",
                        "the total is " + total,
                        by.minor(),
                        List.of(place))
                .with(new Item.Prices(Optional.empty(), Optional.of(total), Optional.empty()));
    }

    private static Item whole(
            Matter matter, EvaluatedTier tier, EvaluatedBuild build, String state, String what, String detail) {
        return Item.of(matter, "build:" + build.id(), state, what, detail, 0, List.of(At.build(tier, build)));
    }

    /** The line of its own that has become dearest since the last edition: there one looks first. */
    private static Optional<EvaluatedLine> dearest(EvaluatedBuild build) {
        return build.lines().stream()
                .filter(l -> l.plan().isOwn() && l.choice().part().isPresent())
                .max(Comparator.comparing(
                        l -> l.change().difference().map(Money::minor).orElse(0L)));
    }

    /** Of each tier's lead, at what anyone can buy today. */
    static Stream<Item> sincePublished(EvaluatedEdition edition) {
        return edition.tiers().stream().flatMap(t -> sincePublished(t).stream());
    }

    private static Optional<Item> sincePublished(EvaluatedTier tier) {
        var today = tier.lead().available().total();
        var state = BandState.of(today, tier.band());
        if (state instanceof BandState.Over over) {
            return Optional.of(left(tier, over.by() + " over its band by now"));
        }
        if (state instanceof BandState.Under under) {
            return Optional.of(left(tier, under.by() + " under its band by now"));
        }
        return state instanceof BandState.NotKnown
                ? today.blame().stream().findFirst().map(b -> left(tier, "not all of it can be bought any more: " + b))
                : Optional.empty();
    }

    private static Item left(EvaluatedTier tier, String what) {
        return whole(Matter.LEFT_BAND, tier, tier.lead(), "left", what, "readers see the list as it was published");
    }
}
