package lowfield.core.press;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.fit.FitDrawing;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.total.PackagePrice;
import lowfield.core.total.PlatformCost;
import lowfield.core.total.ReaderRegion;
import lowfield.core.total.Till;

/** Makes what the document says of a build: its sums, from prices as they may be told, and what readers must know. */
final class BuildMaker {
    private final PressMaterial material;

    BuildMaker(PressMaterial material) {
        this.material = material;
    }

    Publication.Build make(EvaluatedEdition edition, EvaluatedTier tier, EvaluatedBuild build) {
        var terms = build.plan().terms();
        var prices = PublicPrices.of(build.prices(), build.plan().counting());
        var lines = new LineMaker(edition, tier, build, prices, material);
        return new Publication.Build(
                build.id(),
                build.name(),
                Cell.of(prices.total().total(), prices.hides()),
                Cell.of(prices.total().goods(), prices.hides()),
                Cell.of(prices.total().uncounted(), prices.hides()),
                Cell.of(prices.total().withOptional(), prices.hides()),
                change(build, prices),
                TodayTotal.of(build.availablePrices(), build.plan().counting()),
                regions(prices, terms.zero()),
                charges(prices),
                build.plan().adjustments().stream()
                        .map(a -> new Publication.Adjustment(a.name(), a.sum()))
                        .toList(),
                packages(build),
                tax(prices),
                build.peak().watts().value(),
                build.lines().stream()
                        .filter(l -> !l.line().isEmpty())
                        .map(lines::make)
                        .toList(),
                together(build, prices),
                caveats(build),
                firstStart(build),
                material.pictures().ofBuild().apply(build.id()),
                material.texts().ofBuild().apply(build.id()),
                FitDrawing.of(build.build(), build.findings()),
                prices.hides() ? List.of() : ShareMaker.shares(build.prices(), build.total()),
                prices.hides() ? Optional.empty() : PlatformCost.of(build.prices(), terms.zero()),
                material.yearly().apply(build),
                own(build));
    }

    /** What the author has to do with the build, and with the shops where its parts are bought. */
    private PublishedOwn own(EvaluatedBuild build) {
        var shops = build.lines().stream()
                .filter(l -> !l.price().isWithheld())
                .flatMap(l -> l.price().offer().stream())
                .map(o -> o.seller().shop())
                .filter(shop -> !shop.isEmpty())
                .distinct()
                .sorted()
                .toList();
        return material.own()
                .ofBuild()
                .apply(build.id())
                .with(material.own().ofShops().apply(shops));
    }

    private static List<Publication.PackagePrice> packages(EvaluatedBuild build) {
        return build.packages().stream()
                .map(p -> new Publication.PackagePrice(
                        p.name(),
                        p.offer().filter(o -> !o.seller().terms().mayStand()).isPresent()
                                ? new Cell.Withheld()
                                : Cell.of(Amount.of(p.price().orElseThrow())),
                        Optional.of(
                                p.offer()
                                                .filter(o -> !o.seller().terms().mayStand())
                                                .isPresent()
                                        ? new Cell.Withheld()
                                        : Cell.of(Amount.of(
                                                p.offer().orElseThrow().price()))),
                        p.members().stream().map(PackagePrice.Member::line).toList(),
                        LineMaker.source(p.offer().orElseThrow())))
                .toList();
    }

    private static Optional<Publication.Tax> tax(PublicPrices prices) {
        var total = prices.total();
        var tax = total.counting().tax();
        return total.tax()
                .map(sum -> new Publication.Tax(
                        tax.permille(),
                        Cell.of(sum, prices.hides()),
                        Cell.of(total.withTax().orElseThrow(), prices.hides()),
                        tax.isInBand()));
    }

    private Cell change(EvaluatedBuild build, PublicPrices prices) {
        var before = material.last().stream()
                .flatMap(p -> p.tiers().stream())
                .flatMap(t -> t.builds().stream())
                .filter(b -> b.id().equals(build.id()))
                .findFirst()
                .map(Publication.Build::total);
        var now = prices.total().total();
        return before.map(b -> Cell.of(now.minus(b.amount()), prices.hides() || b.isRounded()))
                .orElseGet(Cell.NotKnown::new);
    }

    private List<Publication.RegionTotal> regions(PublicPrices prices, Money zero) {
        if (prices.total().total().known().isEmpty()) {
            return List.of();
        }
        var till = Till.of(prices.lines(), prices.total(), material.regions().taxes(), zero);
        return material.regions().all().stream()
                .flatMap(r -> region(r, till).stream())
                .toList();
    }

    private Optional<Publication.RegionTotal> region(ReaderRegion region, Till till) {
        return material.regions()
                .rates()
                .apply(region.money())
                .map(rate -> new Publication.RegionTotal(
                        region.name(), region.currency(), till.in(region, rate).minor(), rate.said()));
    }

    /** What a seller of a hidden price takes would tell on which side of a threshold the price lies. */
    private static List<Publication.Charge> charges(PublicPrices prices) {
        return prices.total().charges().stream()
                .map(c -> new Publication.Charge(
                        c.seller().printed(),
                        prices.hidingSellers().contains(c.seller().id()) ? new Cell.Withheld() : Cell.of(c.amount())))
                .toList();
    }

    private static List<Publication.SoldTogether> together(EvaluatedBuild build, PublicPrices prices) {
        return build.together().stream()
                .filter(t -> t.bundle().seller().terms().mayStand())
                .filter(t -> !prices.tells(build.prices().stream()
                        .filter(p -> t.lines().contains(p.line().id()))))
                .map(t -> new Publication.SoldTogether(
                        t.bundle().seller().printed(),
                        build.labels(t.lines()),
                        t.bundle().price(),
                        t.saves(),
                        t.bundle().seenAt(),
                        t.bundle().link()))
                .toList();
    }

    /** What a reader must know, clashes first, then cautions and notes, and why the author publishes all the same. */
    private List<String> caveats(EvaluatedBuild build) {
        var findings = build.findings().stream()
                .filter(f -> f.verdict() != Verdict.FITS && !f.outcome().firstStart())
                .sorted(Comparator.comparing(Finding::verdict, Verdict.WORST_FIRST))
                .flatMap(f -> f.forReaders().map(s -> s + answered(build, f)).stream());
        var excepted = material.exceptions().stream()
                .filter(w -> w.builds().contains(build.id()))
                .map(w -> "The author says: " + w.reason());
        return Stream.concat(findings, excepted).distinct().toList();
    }

    /** What the author answered to it, behind it. */
    private static String answered(EvaluatedBuild build, Finding finding) {
        return build.answer(finding).map(a -> " " + a.words()).orElse("");
    }

    private static List<String> firstStart(EvaluatedBuild build) {
        return build.findings().stream()
                .filter(f -> f.outcome().firstStart())
                .flatMap(f -> f.forReaders().stream())
                .distinct()
                .toList();
    }
}
