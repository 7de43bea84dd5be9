package lowfield.core.edition;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lowfield.core.change.LineChange;
import lowfield.core.check.GivenAnswers;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Band;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.UsualValues;
import lowfield.core.money.Money;
import lowfield.core.offer.Bundle;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PriceList;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.Seller;
import lowfield.core.offer.SellerKind;
import lowfield.core.offer.Stock;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.reason.Reason;
import lowfield.core.total.Adjustment;
import lowfield.core.total.PackagePrice;
import lowfield.core.total.PackagePrices;
import lowfield.core.total.SalesTax;

/** The test kit of evaluated editions: sound builds whose parts cost 100.00 EUR each at one shop, changed by a word or two. */
public final class TestEdition {
    public static final Instant NOW = Instant.parse("2026-12-03T06:00:00Z");
    /** Members' prices count, and what is on back order. */
    private static final PricePolicy COUNTED = new PricePolicy(
            Set.of(Condition.values()), Set.of(Stock.values()), true, 60, Set.of(SellerKind.values()), Set.of(), 0);

    private static final PricePolicy AVAILABLE = new PricePolicy(
            Set.of(Condition.values()), Set.of(Stock.IN_STOCK), false, 60, Set.of(SellerKind.values()), Set.of(), 0);

    private static final Seller SHOP =
            new Seller(UUID.nameUUIDFromBytes("shop".getBytes()), "Shop", "Shop", Optional.empty());

    private final Map<UUID, Optional<Offer>> offers = new HashMap<>();
    private final List<EvaluatedTier> tiers = new ArrayList<>();
    private final List<Bundle> bundles = new ArrayList<>();

    /** How a build's lines are planned; changed before it is added. */
    private UnaryOperator<LinePlan> change = UnaryOperator.identity();

    private List<Adjustment> adjustments = List.of();
    private PackagePrices packages = PackagePrices.NONE;
    private SalesTax tax = SalesTax.NONE;
    private GivenAnswers answers = GivenAnswers.NONE;
    private Optional<PublishedBuild> last = Optional.empty();
    private Function<Kind, List<Part>> forSale = kind -> List.of();

    public static Money eur(long minor) {
        return Money.of(minor, "EUR");
    }

    /** What a part costs today. */
    public TestEdition costs(Part part, long minor) {
        return offered(part, minor, Stock.IN_STOCK, NOW, Condition.NEW);
    }

    public TestEdition offered(Part part, long minor, Stock stock, Instant seen, Condition condition) {
        offers.put(
                part.id(),
                Optional.of(new Offer(
                        UUID.nameUUIDFromBytes(("offer" + part.id()).getBytes()),
                        SHOP,
                        condition,
                        eur(minor),
                        Optional.of(eur(0)),
                        stock,
                        false,
                        seen,
                        "https://shop.example")));
        return this;
    }

    /** What one piece costs at another shop, in stock and new. */
    public TestEdition soldBy(Seller seller, Part part, Money price, Money shipping) {
        var offer = new Offer(
                UUID.nameUUIDFromBytes(("offer" + part.id()).getBytes()),
                seller,
                Condition.NEW,
                price,
                Optional.of(shipping),
                Stock.IN_STOCK,
                false,
                NOW,
                "https://shop.example");
        offers.put(part.id(), Optional.of(offer));
        return this;
    }

    /** Nobody sells it. */
    public TestEdition gone(Part part) {
        offers.put(part.id(), Optional.empty());
        return this;
    }

    /** The lines of the builds added from now on are planned otherwise. */
    public TestEdition planning(UnaryOperator<LinePlan> other) {
        change = other;
        return this;
    }

    public TestEdition answered(String fingerprint) {
        answers = new GivenAnswers(Map.of(fingerprint, "It is meant so."), Map.of());
        return this;
    }

    /** What the last edition showed of the builds added from now on: the same choices, each piece at this price. */
    public TestEdition published(Build build, long minor) {
        last = Optional.of(new PublishedBuild(
                build.filled()
                        .collect(java.util.stream.Collectors.toMap(
                                Line::id,
                                l -> new LineChange.Published(
                                        l.choice().key(), l.choice().label(), Optional.of(eur(minor))))),
                Optional.of(eur(minor * build.filled().count()))));
        return this;
    }

    /** The builds added from now on have these beside their lines. */
    public TestEdition adjusted(Adjustment... others) {
        adjustments = List.of(others);
        return this;
    }

    public TestEdition packaged(PackagePrice... others) {
        packages = new PackagePrices(List.of(others));
        return this;
    }

    public TestEdition taxed(SalesTax other) {
        tax = other;
        return this;
    }

    public TestEdition sellsTogether(Bundle bundle) {
        bundles.add(bundle);
        return this;
    }

    /** What can be bought of a kind, cheapest first, so that what is forced can be mended. */
    public TestEdition selling(Function<Kind, List<Part>> parts) {
        forSale = parts;
        return this;
    }

    /** A build of its own, in a band that holds whatever it costs. */
    public EvaluatedBuild evaluated(Build build) {
        return evaluate("alone", new Band.FromTo(eur(1), eur(10_000_000)), build);
    }

    /** A tier with one build, in a band that holds whatever it costs. */
    public TestEdition tier(String name, TestBuild build) {
        return tier(name, new Band.FromTo(eur(1), eur(10_000_000)), build);
    }

    public TestEdition tier(String name, Band band, TestBuild... builds) {
        var evaluated = new ArrayList<EvaluatedBuild>();
        for (var build : builds) {
            evaluated.add(evaluate(name + " " + evaluated.size(), band, build.build()));
        }
        tiers.add(new EvaluatedTier(UUID.nameUUIDFromBytes(name.getBytes()), name, band, evaluated));
        return this;
    }

    public EvaluatedEdition edition() {
        return new EvaluatedEdition(tiers);
    }

    private EvaluatedBuild evaluate(String name, Band band, Build build) {
        var terms = new TierTerms(band, true, tax, build.wishes(), 2026, eur(0), UsualValues.STANDARD);
        var lines = build.lines().stream().map(l -> change.apply(plan(l))).toList();
        var id = UUID.nameUUIDFromBytes(name.getBytes());
        var prices = new BuildPrices(new LinePrices(list(COUNTED), list(AVAILABLE)), Map.of());
        return EvaluatedBuild.of(
                new BuildPlan(id, name, lines, terms, adjustments, packages, answers, last),
                new Market(prices, () -> List.copyOf(bundles), forSale));
    }

    private PriceList list(PricePolicy policy) {
        return new PriceList(
                part -> offers.getOrDefault(part, sold(part)).stream().toList(), policy, NOW);
    }

    private Optional<Offer> sold(UUID part) {
        return Optional.of(new Offer(
                UUID.nameUUIDFromBytes(("offer" + part).getBytes()),
                SHOP,
                Condition.NEW,
                eur(10_000),
                Optional.of(eur(0)),
                Stock.IN_STOCK,
                false,
                NOW,
                "https://shop.example"));
    }

    private static LinePlan plan(Line line) {
        return new LinePlan(
                line.id(),
                line.slot(),
                line.choice(),
                line.quantity(),
                line.counted(),
                line.place(),
                line.meant(),
                Optional.empty(),
                Reason.of("Because.", line.choice().key()),
                List.of(),
                List.of(),
                Optional.empty());
    }

    /** The part that a build holds in a slot. */
    public static Part part(TestBuild build, Slot slot) {
        return build.build().filled(slot).get(0).choice().part().orElseThrow();
    }

    /** A set of parts of which the first is preferred. */
    public static Choice set(Part... members) {
        return Choice.VettedSet.of(List.of(members), eur(0), p -> Optional.empty());
    }
}
