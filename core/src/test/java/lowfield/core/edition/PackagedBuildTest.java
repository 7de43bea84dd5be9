package lowfield.core.edition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import lowfield.core.check.Finding;
import lowfield.core.check.TestBuild;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Band;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Offer;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Stock;
import lowfield.core.total.Adjustment;
import lowfield.core.total.BandState;
import lowfield.core.total.PackagePrice;
import lowfield.core.total.SalesTax;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Builds around a seller's machine, a bundle, discounts, surcharges and sales tax (model 21). */
class PackagedBuildTest {
    private static final Seller WORKSHOP =
            new Seller(UUID.nameUUIDFromBytes("workshop".getBytes()), "Workshop", "Workshop", Optional.empty());
    private static final Band ANY = new Band.FromTo(eur(1), eur(10_000_000));
    private final TestBuild build = TestBuild.sound();
    private final List<Line> lines = build.build().lines();

    private static Money eur(long minor) {
        return Money.of(minor, "EUR");
    }

    private Line line(Slot slot) {
        return build.build().line(build.line(slot)).orElseThrow();
    }

    private static Offer offer(long price, long shipping) {
        return new Offer(
                WORKSHOP.id(),
                WORKSHOP,
                Condition.NEW,
                eur(price),
                Optional.of(eur(shipping)),
                Stock.IN_STOCK,
                false,
                Instant.parse("2026-12-03T06:00:00Z"),
                "https://workshop.example/machine");
    }

    private static PackagePrice machine(Optional<Offer> offer, PackagePrice.Member... members) {
        return new PackagePrice(
                UUID.nameUUIDFromBytes("machine".getBytes()), "Harbour machine", offer, false, List.of(members));
    }

    private PackagePrice.Member member(Slot slot) {
        return member(slot, Optional.empty());
    }

    private PackagePrice.Member member(Slot slot, Optional<Money> swap) {
        var line = line(slot);
        return new PackagePrice.Member(line.id(), line.choice().key(), line.quantity(), swap);
    }

    private EvaluatedBuild evaluated(TestEdition edition, TestBuild build) {
        var tiers = edition.tier("Mate", ANY, build).edition().tiers();
        return tiers.get(tiers.size() - 1).lead();
    }

    private EvaluatedBuild evaluated(TestEdition edition) {
        return evaluated(edition, build);
    }

    /** All lines cost 100.00 each; the machine with case, PSU and motherboard asks 250.00 and 20.00 for shipping. */
    private TestEdition aroundTheMachine() {
        return new TestEdition()
                .packaged(machine(
                        Optional.of(offer(25_000, 2_000)),
                        member(Slot.CASE),
                        member(Slot.POWER_SUPPLY, Optional.of(eur(4_000))),
                        member(Slot.MOTHERBOARD, Optional.of(eur(-1_500)))));
    }

    private long alone() {
        return evaluated(new TestEdition())
                .total()
                .total()
                .known()
                .orElseThrow()
                .minor();
    }

    @Test
    void aPackageCountsOnceInThePlaceOfItsParts() {
        var whole = evaluated(aroundTheMachine());
        assertThat(whole.total().total()).isEqualTo(Amount.of(eur(alone() - 30_000 + 25_000 + 4_000 - 1_500 + 2_000)));
        assertThat(whole.packages()).hasSize(1);
        assertThat(whole.available().total()).isEqualTo(whole.total().total());
    }

    @Test
    void adjustmentsAreAddedAndTaxIsTakenLast() {
        var named = new TestEdition()
                .adjusted(
                        new Adjustment(UUID.randomUUID(), "Assembly", eur(7_900)),
                        new Adjustment(UUID.randomUUID(), "Friends of the harbour", eur(-5_000)));
        assertThat(evaluated(named).total().total()).isEqualTo(Amount.of(eur(alone() + 2_900)));
        var beside = evaluated(named.taxed(new SalesTax(85, false))).total();
        assertThat(beside.total()).isEqualTo(Amount.of(eur(alone() + 2_900)));
        var withTax = eur(alone() + 2_900).plus(eur(alone() + 2_900).permille(85));
        assertThat(beside.withTax()).contains(Amount.of(withTax));
    }

    @Test
    void aBandCanBeAboutTheTotalWithTax() {
        var total = eur(alone()).plus(eur(alone()).permille(200));
        var tier = new TestEdition()
                .taxed(new SalesTax(200, true))
                .tier("Mate", new Band.FromTo(eur(1), eur(alone())), build)
                .edition()
                .tiers()
                .get(0)
                .lead();
        assertThat(tier.total().total()).isEqualTo(Amount.of(total));
        assertThat(tier.state()).isEqualTo(new BandState.Over(total.minus(eur(alone()))));
    }

    @Test
    void anotherPartEndsThePackageAndThatIsSaid() {
        var other = TestBuild.like(Slot.POWER_SUPPLY, "warranty", 7);
        var changed = evaluated(aroundTheMachine(), build.choosing(Slot.POWER_SUPPLY, new Choice.Chosen(other)));
        assertThat(changed.total().total()).isEqualTo(Amount.of(eur(alone())));
        assertThat(changed.packages()).isEmpty();
        assertThat(ended(changed.findings())).singleElement().satisfies(f -> {
            assertThat(f.touches(line(Slot.POWER_SUPPLY).id())).isTrue();
            assertThat(f.evidence()).contains("Harbour machine");
            assertThat(f.verdict()).isEqualTo(Verdict.CAUTION);
            assertThat(f.forReaders()).isEmpty();
        });
    }

    @Test
    void aPackageThatNobodySellsEnds() {
        var whole = evaluated(
                new TestEdition().packaged(machine(Optional.empty(), member(Slot.CASE), member(Slot.POWER_SUPPLY))));
        assertThat(whole.total().total()).isEqualTo(Amount.of(eur(alone())));
        assertThat(ended(whole.findings()))
                .singleElement()
                .satisfies(f -> assertThat(f.evidence()).contains("no shop has it any more"));
    }

    private static List<Finding> ended(List<Finding> findings) {
        return findings.stream()
                .filter(f -> f.check().id().equals("package-price"))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"MOTHERBOARD", "POWER_SUPPLY", "GRAPHICS_CARD", "MEMORY"})
    void whatTheFinderSaysIsWhatTheBuildThenSays(Slot slot) {
        var before = evaluated(aroundTheMachine());
        var other = TestBuild.like(slot, "warranty", 7);
        var present = line(slot).choice().part().orElseThrow();
        assertThat(before.impacts(line(slot).id()).of(present).total().total())
                .isEqualTo(before.total().total());
        var said = before.impacts(line(slot).id()).of(other);
        var after = evaluated(aroundTheMachine(), build.choosing(slot, new Choice.Chosen(other)));
        assertThat(said.total().total()).isEqualTo(after.total().total());
        assertThat(ended(said.effect().findings()).stream().map(Finding::evidence))
                .containsExactlyElementsOf(
                        ended(after.findings()).stream().map(Finding::evidence).toList());
        assertThat(after.packages()).hasSize(slot == Slot.MOTHERBOARD || slot == Slot.POWER_SUPPLY ? 0 : 1);
    }

    @Test
    void sharesComeToThePriceToTheLastMinorUnit() {
        var random = new Random(21);
        for (int round = 0; round < 500; round++) {
            var price = random.nextLong(1, 500_000);
            var edition = new TestEdition();
            lines.forEach(l -> edition.costs(l.choice().part().orElseThrow(), random.nextLong(1, 90_000)));
            var members = lines.stream()
                    .limit(2 + random.nextInt(4))
                    .map(l -> new PackagePrice.Member(
                            l.id(), l.choice().key(), l.quantity(), Optional.of(eur(random.nextLong(-500, 500)))))
                    .toArray(PackagePrice.Member[]::new);
            var whole = evaluated(edition.packaged(machine(Optional.of(offer(price, 0)), members)));
            var shares = whole.prices().stream()
                    .filter(p -> p.in().isPresent())
                    .mapToLong(p -> p.goods().known().orElseThrow().minor())
                    .sum();
            var swaps = Arrays.stream(members)
                    .mapToLong(m -> m.swap().orElseThrow().minor())
                    .sum();
            assertThat(shares).isEqualTo(price + swaps);
        }
    }

    @Test
    void aPartWithoutAPriceOfItsOwnCanBeIncluded() {
        var whole = evaluated(
                aroundTheMachine().gone(line(Slot.CASE).choice().part().orElseThrow()));
        assertThat(whole.total().total().known()).isPresent();
    }

    @Test
    void ofTwoPackagesThatShareALineTheFirstCounts() {
        var second = new PackagePrice(
                UUID.randomUUID(),
                "Second",
                Optional.of(offer(1, 0)),
                false,
                List.of(member(Slot.CASE), member(Slot.MEMORY)));
        var first = machine(Optional.of(offer(25_000, 0)), member(Slot.CASE), member(Slot.POWER_SUPPLY));
        var whole = evaluated(new TestEdition().packaged(first, second));
        assertThat(whole.packages()).containsExactly(first);
    }

    @Test
    void whatCannotBeAPackageIsRefused() {
        assertThatThrownBy(() -> machine(Optional.empty(), member(Slot.CASE)))
                .hasMessageContaining("two parts or more");
        assertThatThrownBy(() -> machine(Optional.empty(), member(Slot.CASE), member(Slot.CASE)))
                .hasMessageContaining("once");
        assertThatThrownBy(() -> new Adjustment(UUID.randomUUID(), "Nothing", eur(0)))
                .hasMessageContaining("not zero");
        assertThatThrownBy(() -> new Adjustment(UUID.randomUUID(), " ", eur(1))).hasMessageContaining("1 to 80");
    }
}
