package lowfield.core.option;

import static lowfield.core.edition.TestEdition.eur;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.Motive;
import lowfield.core.edition.Option;
import lowfield.core.edition.TestEdition;
import lowfield.core.edition.TestLines;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Least;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.part.Part;
import lowfield.core.total.LinePrice;
import org.junit.jupiter.api.Test;

/** Options follow the build: what is offered is proposed, and told when it no longer holds. */
class OptionsTest extends OptionCase {
    private static List<String> problems(TestEdition edition) {
        var at = card(edition.edition());
        return problems(at.build(), at.line());
    }

    @Test
    void anAlternativeThatIsNoLongerCheaperIsTold() {
        var cheaper =
                offering(new TestEdition(), alternative(EIGHT, Motive.CHEAPER)).costs(SIX, 20_000);
        assertThat(problems(cheaper.costs(EIGHT, 19_000).tier("Mate", with(SIX))))
                .isEmpty();
        assertThat(problems(offering(new TestEdition(), alternative(EIGHT, Motive.CHEAPER))
                        .costs(SIX, 20_000)
                        .costs(EIGHT, 21_000)
                        .tier("Mate", with(SIX))))
                .singleElement()
                .asString()
                .contains("cheaper for the same", "no longer so");
    }

    @Test
    void whatIsTheChoiceItselfOrClashesIsTold() {
        assertThat(problems(offering(new TestEdition(), upgrade(SIX)).tier("Mate", with(SIX))))
                .containsExactly("is the choice itself now");
        var tooLong = card("length", 900);
        assertThat(problems(offering(new TestEdition(), upgrade(tooLong)).tier("Mate", with(SIX))))
                .anySatisfy(p -> assertThat(p).contains("900 mm"));
    }

    /** Either of two must be of nearly one price, and sound with nothing else changed. */
    @Test
    void eitherOfTwoIsToldWhenItIsNoLongerThat() {
        var either = new Option(Option.Purpose.EITHER, EIGHT, "The quieter for the bedroom.");
        assertThat(problems(offering(new TestEdition(), either)
                        .costs(SIX, 20_000)
                        .costs(EIGHT, 21_900)
                        .tier("Mate", with(SIX))))
                .isEmpty();
        assertThat(problems(offering(new TestEdition(), either)
                        .costs(SIX, 20_000)
                        .costs(EIGHT, 22_100)
                        .tier("Mate", with(SIX))))
                .containsExactly("is offered as either of the two, but costs 21.00 EUR more");
        var tooLong = new Option(Option.Purpose.EITHER, card("length", 900), "");
        assertThat(problems(offering(new TestEdition(), tooLong).tier("Mate", with(SIX))))
                .isNotEmpty();
    }

    /** Where both parts are gone there is nothing to compare, and no page claims that there is. */
    @Test
    void ofTwoThatAreGoneNothingIsClaimed() {
        var either = new Option(Option.Purpose.EITHER, EIGHT, "");
        assertThat(problems(offering(new TestEdition(), either)
                        .gone(SIX)
                        .gone(EIGHT)
                        .tier("Mate", with(SIX))))
                .isEmpty();
    }

    @Test
    void motivesAreHeldAgainstTheFigures() {
        assertThat(holds(Motive.QUIETER, TWELVE)).contains(true);
        assertThat(holds(Motive.QUIETER, EIGHT)).contains(false);
        assertThat(holds(Motive.SAVING, EIGHT)).contains(false);
        assertThat(holds(Motive.SMALLER, card("length", 100))).contains(true);
        assertThat(holds(Motive.OTHER_MAKER, EIGHT)).contains(false);
        assertThat(holds(Motive.REFURBISHED, EIGHT)).contains(false);
        assertThat(holds(Motive.OTHER_COLOUR, EIGHT)).isEmpty();
        assertThat(holds(Motive.IN_STOCK, EIGHT)).contains(false);
    }

    private static Optional<Boolean> holds(Motive motive, Part other) {
        var at = card(new TestEdition().tier("Mate", with(SIX)).edition());
        var price = at.line().price();
        return motive.holds(new Motive.Sides(SIX, price, other, dearer(price, other)));
    }

    private static LinePrice dearer(LinePrice like, Part other) {
        var at = card(
                new TestEdition().costs(other, 11_000).tier("Mate", with(other)).edition());
        return at.line().price();
    }

    @Test
    void theCatalogueOffersTheNearestForEachMotiveAndUpgrades() {
        var edition = new TestEdition()
                .costs(SIX, 20_000)
                .costs(EIGHT, 19_000)
                .costs(TWELVE, 26_000)
                .tier("Mate", with(SIX))
                .edition();
        var at = card(edition);
        var priced = List.of(priced(EIGHT, 19_000), priced(TWELVE, 26_000));
        var found = OptionSuggestion.of(at.build(), at.line(), priced);
        assertThat(found)
                .anySatisfy(s -> {
                    assertThat(s.motive()).contains(Motive.CHEAPER);
                    assertThat(s.impact().part()).isEqualTo(EIGHT);
                })
                .anySatisfy(s -> {
                    assertThat(s.purpose()).isEqualTo(Option.Purpose.UPGRADE);
                    assertThat(s.impact().part()).isEqualTo(TWELVE);
                    assertThat(s.exchange().gains()).contains("12 GB instead of 6 GB");
                });
    }

    /** Of two cards with the same gain only the cheaper is an upgrade worth naming. */
    @Test
    void aSiblingThatBringsTheSameForMoreIsNotProposed() {
        var sibling = card("memory", 12, "noise", 31);
        var at = card(new TestEdition()
                .costs(SIX, 20_000)
                .costs(TWELVE, 26_000)
                .costs(sibling, 27_000)
                .tier("Mate", with(SIX))
                .edition());
        assertThat(OptionSuggestion.of(at.build(), at.line(), List.of(priced(sibling, 27_000), priced(TWELVE, 26_000))))
                .filteredOn(s -> s.purpose() == Option.Purpose.UPGRADE)
                .extracting(s -> s.impact().part())
                .containsExactly(TWELVE);
    }

    private static OptionSuggestion.Priced priced(Part part, long minor) {
        var at = card(
                new TestEdition().costs(part, minor).tier("Mate", with(part)).edition());
        return new OptionSuggestion.Priced(part, at.line().price());
    }

    @Test
    void whatIsOfferedAlreadyOrAdvisedAgainstIsNotProposed() {
        var avoided = TestBuild.part(
                Slot.GRAPHICS_CARD, TestBuild.figuresOf(Slot.GRAPHICS_CARD), SIX.release(), Optional.of("It whines."));
        var at = card(offering(new TestEdition(), upgrade(TWELVE))
                .tier("Mate", with(SIX))
                .edition());
        assertThat(OptionSuggestion.of(at.build(), at.line(), List.of(priced(TWELVE, 11_000), priced(avoided, 9_000))))
                .isEmpty();
    }

    @Test
    void anUpgradeThatCostsAsMuchAsTheNextTierSaysSo() {
        var edition = offering(new TestEdition(), upgrade(EIGHT))
                .costs(SIX, 10_000)
                .costs(EIGHT, 60_000)
                .costs(TWELVE, 55_000)
                .tier("Mate", with(SIX))
                .tier("Skipper", with(TWELVE))
                .edition();
        var at = card(edition);
        var said = NextTier.of(
                        edition, at, at.build().options(at.line().id()).get(0).impact())
                .map(NextTier::said);
        assertThat(said)
                .hasValueSatisfying(
                        s -> assertThat(s)
                                .startsWith(
                                        "Skipper, the next tier, costs 50.00 EUR less and has 12 GB instead of 8 GB (graphics card)"));
    }

    @Test
    void withoutANextTierOrClearlyBelowItNothingIsSaid() {
        var edition = offering(new TestEdition(), upgrade(EIGHT))
                .costs(SIX, 10_000)
                .costs(EIGHT, 12_000)
                .costs(TWELVE, 90_000)
                .tier("Mate", with(SIX))
                .tier("Skipper", with(TWELVE))
                .edition();
        var at = card(edition);
        assertThat(NextTier.of(
                        edition, at, at.build().options(at.line().id()).get(0).impact()))
                .isEmpty();
        var last = edition.places()
                .filter(p -> p.tier().name().equals("Skipper") && p.line().slot() == Slot.GRAPHICS_CARD)
                .findFirst()
                .orElseThrow();
        assertThat(NextTier.of(
                        edition, last, at.build().options(at.line().id()).get(0).impact()))
                .isEmpty();
    }

    @Test
    void withMoreMoneyTheBestOfWhatIsOfferedIsTaken() {
        var edition = offering(new TestEdition(), upgrade(EIGHT), upgrade(TWELVE))
                .costs(SIX, 10_000)
                .costs(EIGHT, 14_000)
                .costs(TWELVE, 19_000)
                .tier("Mate", with(SIX))
                .edition();
        var advice = MoneyAdvice.of(edition.tiers().get(0).lead());
        assertThat(advice)
                .extracting(a -> a.limit() + " " + a.difference())
                .containsExactly("50.00 EUR 40.00 EUR", "100.00 EUR 90.00 EUR");
        assertThat(advice.get(0).gains()).containsExactly("8 GB instead of 6 GB");
        assertThat(advice.get(0).losses()).isEmpty();
    }

    /** The tier asks for 2 TB: a larger drive comes before a card with more gains. */
    @Test
    void withMoreMoneyWhatTheTierAsksForComesFirst() {
        var small = TestBuild.like(Slot.SYSTEM_DRIVE, "capacity", 1_000);
        var large = TestBuild.like(Slot.SYSTEM_DRIVE, "capacity", 2_000);
        var better = card("memory", 12, "noise", 20);
        var asked = new Least(Optional.empty(), Optional.of(2_000), Optional.empty());
        var edition = new TestEdition()
                .planning(l -> switch (l.slot()) {
                    case GRAPHICS_CARD -> TestLines.offering(l, upgrade(better));
                    case SYSTEM_DRIVE -> TestLines.offering(l, upgrade(large));
                    default -> l;
                })
                .costs(SIX, 10_000)
                .costs(better, 14_500)
                .costs(small, 6_000)
                .costs(large, 10_000)
                .tier(
                        "Mate",
                        with(SIX)
                                .choosing(Slot.SYSTEM_DRIVE, new Choice.Chosen(small))
                                .asked(storage(asked)))
                .edition();
        assertThat(MoneyAdvice.of(edition.tiers().get(0).lead()).get(0).difference())
                .isEqualTo(eur(4_000));
    }

    private static Wishes storage(Least least) {
        return new Wishes(
                Set.of(),
                Wishes.Lit.EITHER,
                false,
                false,
                false,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                least);
    }

    /** More cores and threads at a lower boost: what more money gives up is told beside what it brings. */
    @Test
    void whatMoreMoneyGivesUpIsToldToo() {
        var quick = TestBuild.like(Slot.PROCESSOR, "cores", 6, "threads", 12, "boost", 5_000);
        var wide = TestBuild.like(Slot.PROCESSOR, "cores", 12, "threads", 24, "boost", 4_000);
        var edition = new TestEdition()
                .planning(l -> l.slot() == Slot.PROCESSOR ? TestLines.offering(l, upgrade(wide)) : l)
                .costs(quick, 20_000)
                .costs(wide, 24_000)
                .tier("Mate", TestBuild.sound().choosing(Slot.PROCESSOR, new Choice.Chosen(quick)))
                .edition();
        assertThat(MoneyAdvice.of(edition.tiers().get(0).lead()))
                .singleElement()
                .satisfies(a -> {
                    assertThat(a.gains()).containsExactly("12 cores instead of 6", "24 threads instead of 12");
                    assertThat(a.losses()).containsExactly("4000 MHz instead of 5000 MHz");
                });
    }

    @Test
    void toSaveTheLeastIsGivenUp() {
        var edition = offering(new TestEdition(), alternative(SIX, Motive.SAVING))
                .costs(TWELVE, 30_000)
                .costs(SIX, 20_000)
                .tier("Mate", with(TWELVE))
                .edition();
        assertThat(MoneyAdvice.of(edition.tiers().get(0).lead()))
                .singleElement()
                .satisfies(a -> {
                    assertThat(a.limit()).isEqualTo(eur(-5_000));
                    assertThat(a.difference()).isEqualTo(eur(-10_000));
                    assertThat(a.gains()).isEmpty();
                    assertThat(a.losses()).containsExactly("6 GB instead of 12 GB");
                });
    }

    @Test
    void aBuildWithoutATotalIsGivenNoAdvice() {
        var edition = offering(new TestEdition(), upgrade(TWELVE))
                .gone(SIX)
                .tier("Mate", with(SIX))
                .edition();
        assertThat(MoneyAdvice.of(edition.tiers().get(0).lead())).isEmpty();
    }
}
