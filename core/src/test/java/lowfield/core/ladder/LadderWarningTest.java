package lowfield.core.ladder;

import static lowfield.core.edition.TestEdition.eur;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Band;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** What steps between tiers buy, and where they say too little. */
class LadderWarningTest {
    private static final Band BAND = new Band.FromTo(eur(1), eur(10_000_000));

    private static TestBuild card(String chip, int memory) {
        return TestBuild.sound().with(Slot.GRAPHICS_CARD, "chip", chip).with(Slot.GRAPHICS_CARD, "memory", memory);
    }

    private static Part cardOf(TestBuild build) {
        return TestEdition.part(build, Slot.GRAPHICS_CARD);
    }

    private static List<LadderWarning.Kind> kinds(TestEdition edition) {
        return LadderWarning.of(edition.edition()).stream()
                .map(LadderWarning::kind)
                .toList();
    }

    @Test
    void aStepIsSaidInWhatItCostsAndBuys() {
        var small = card("Vane Five", 8);
        var large = card("Vane Six", 12);
        var edition = new TestEdition()
                .costs(cardOf(small), 20_000)
                .costs(cardOf(large), 60_000)
                .tier("Bosun", small)
                .tier("Mate", large)
                .edition();
        var step = LadderWarning.steps(edition).get(0);
        assertThat(step.by()).contains(eur(40_000));
        assertThat(step.lines() - step.shared()).isEqualTo(1);
        assertThat(step.changes())
                .singleElement()
                .satisfies(c -> assertThat(c.gains()).contains("12 GB instead of 8 GB"));
        assertThat(step.said())
                .startsWith("Mate costs 400.00 EUR more than Bosun and shares")
                .contains("12 GB instead of 8 GB (graphics card)");
    }

    @Test
    void ofTwoTiersThatCostTheSameAndAreTheSameNothingIsBought() {
        var edition = new TestEdition()
                .tier("Bosun", TestBuild.sound())
                .tier("Mate", TestBuild.sound())
                .edition();
        assertThat(LadderWarning.steps(edition).get(0).said())
                .contains("costs as much as Bosun", "no figure that makes a part what it is gets better");
    }

    @Test
    void tiersThatHaveGrownTogetherAreTold() {
        var small = card("Vane Five", 8);
        var large = card("Vane Six", 12);
        assertThat(kinds(new TestEdition()
                        .costs(cardOf(small), 20_000)
                        .costs(cardOf(large), 21_000)
                        .tier("Bosun", small)
                        .tier("Mate", large)))
                .containsExactly(LadderWarning.Kind.GROWN_TOGETHER);
        assertThat(kinds(new TestEdition()
                        .costs(cardOf(small), 20_000)
                        .costs(cardOf(large), 60_000)
                        .tier("Bosun", small)
                        .tier("Mate", large)))
                .isEmpty();
    }

    @Test
    void aDearerCardOfTheSameChipThatIsNowhereBetterIsTold() {
        var small = card("Vane Five", 8);
        var same = card("Vane Five", 8).with(Slot.GRAPHICS_CARD, "length", 201);
        var other = card("Vane Six", 8).with(Slot.GRAPHICS_CARD, "length", 202);
        assertThat(kinds(new TestEdition()
                        .costs(cardOf(small), 20_000)
                        .costs(cardOf(same), 60_000)
                        .tier("Bosun", small)
                        .tier("Mate", same)))
                .containsExactly(LadderWarning.Kind.DEARER_NOWHERE_BETTER);
        assertThat(kinds(new TestEdition()
                        .costs(cardOf(small), 20_000)
                        .costs(cardOf(other), 60_000)
                        .tier("Bosun", small)
                        .tier("Mate", other)))
                .as("across chips nothing is said")
                .isEmpty();
    }

    @Test
    void onePartInEveryTierIsToldFromThreeTiersOn() {
        var edition = new TestEdition().tier("A", TestBuild.sound()).tier("B", TestBuild.sound());
        assertThat(kinds(edition)).doesNotContain(LadderWarning.Kind.ONE_PART_EVERYWHERE);
        assertThat(kinds(edition.tier("C", TestBuild.sound())))
                .filteredOn(LadderWarning.Kind.ONE_PART_EVERYWHERE::equals)
                .hasSize(2);
    }

    @Test
    void aVariantThatBeatsItsMainBuildIsTold() {
        var main = card("Vane Five", 8);
        var better = card("Vane Five", 12);
        assertThat(kinds(new TestEdition()
                        .costs(cardOf(main), 30_000)
                        .costs(cardOf(better), 29_000)
                        .tier("Bosun", BAND, main, better)))
                .containsExactly(LadderWarning.Kind.VARIANT_BEATS);
        assertThat(kinds(new TestEdition()
                        .costs(cardOf(main), 30_000)
                        .costs(cardOf(better), 31_000)
                        .tier("Bosun", BAND, main, better)))
                .isEmpty();
    }

    @Test
    void withoutAPriceNothingIsSaidOfPrices() {
        var small = card("Vane Five", 8);
        var large = card("Vane Six", 12);
        var edition = new TestEdition().gone(cardOf(large)).tier("Bosun", small).tier("Mate", large);
        assertThat(kinds(edition)).isEmpty();
        assertThat(LadderWarning.steps(edition.edition()).get(0).said()).startsWith("Mate stands above Bosun");
    }
}
