package lowfield.core.proofreading;

import static lowfield.core.edition.TestEdition.eur;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Band;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;
import lowfield.core.proofreading.guard.FigureGuard;
import lowfield.core.proofreading.names.NameIndex;
import lowfield.core.proofreading.sources.LineProof;
import lowfield.core.proofreading.sources.TextProof;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Texts of an edition, a tier and a build, held against totals, bands, changes and draw. */
class TextProofTest {
    private static final Part CARD = TestBuild.like(Slot.GRAPHICS_CARD, "memory", 8);
    private static final Part LARGE = TestBuild.like(Slot.GRAPHICS_CARD, "memory", 16);

    /** Mate: 1,050.00 in a band from 1,000 to 1,100, last 1,000.00; Skipper: 1,230.00 at 1,250. */
    private static EvaluatedEdition edition() {
        var mate = TestBuild.sound().choosing(Slot.GRAPHICS_CARD, new Choice.Chosen(CARD));
        var skipper = TestBuild.sound().choosing(Slot.GRAPHICS_CARD, new Choice.Chosen(LARGE));
        var others = (mate.build().filled().count() - 1) * 10_000;
        return new TestEdition()
                .costs(CARD, 105_000 - others)
                .costs(LARGE, 123_000 - others)
                .published(mate.build(), 100_000 / mate.build().filled().count())
                .tier("Mate", new Band.FromTo(eur(100_000), eur(110_000)), mate)
                .tier("Skipper", new Band.Point(eur(125_000), 20), skipper)
                .edition();
    }

    private static List<Slip> slips(String text, Locale locale, List<EvaluatedBuild> builds) {
        var edition = edition();
        var ground = new LineProof.Ground(
                locale, Currency.getInstance("EUR"), new NameIndex(List.of(CARD)), id -> Optional.empty());
        return new FigureGuard(TextProof.of(edition, builds, text, ground)).slips(text);
    }

    private static List<String> ofEdition(String text) {
        return slips(text, Locale.forLanguageTag("en-IE"), List.of()).stream()
                .map(s -> s.written() + " -> " + s.right().orElse("?"))
                .toList();
    }

    private static List<String> ofMate(String text) {
        return slips(
                        text,
                        Locale.forLanguageTag("en-IE"),
                        List.of(edition().tiers().get(0).lead()))
                .stream()
                .map(s -> s.written() + " -> " + s.right().orElse("?"))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Mate comes to 1,080 EUR this month. | 1,080 EUR -> 1,050.00 EUR",
                "The total of Skipper is 1,290 EUR. | 1,290 EUR -> 1,230.00 EUR",
                "Skipper costs 1,250.50 EUR in all. | 1,250.50 EUR -> 1,230.00 EUR",
                "Mate is 80 EUR dearer than last month. | 80 EUR -> 50.01 EUR",
                "We keep Mate in a band from 1,000 EUR to 1,150 EUR. | 1,150 EUR -> 1,100.00 EUR",
                "Skipper leaves 40 EUR to spare. | 40 EUR -> 45.00 EUR",
                "All our builds go from 1,050 EUR to 1,300 EUR. | 1,300 EUR -> 1,230.00 EUR",
                "Mate draws 310 W at its peak. | 310 W -> 309 W",
                "Mate comes to 1,005 EUR this month, 45 over its band. | 1,005 EUR -> 1,050.00 EUR",
                "Skipper rose by 10 EUR; Mate comes to 999 EUR. | 999 EUR -> 1,050.00 EUR",
            })
    void aWrongSumOfANamedTierIsFound(String text, String slip) {
        assertThat(ofEdition(text)).contains(slip);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The whole build comes to 1,230 EUR. | 1,230 EUR -> 1,050.00 EUR",
                "Since November the whole build is 45 EUR dearer. | 45 EUR -> 50.01 EUR",
                "At the end 80 EUR are left under the band. | 80 EUR -> 50.00 EUR",
            })
    void aWrongSumOfTheTextsOwnBuildIsFound(String text, String slip) {
        assertThat(ofMate(text)).containsExactly(slip);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Mate comes to 1,050 EUR this month.",
                "The total of Skipper is 1,230 EUR.",
                "Mate is 50 EUR dearer than last month.",
                "Last month Mate was 1,000 EUR.",
                "Mate stays between 1,000 EUR and 1,100 EUR.",
                "Skipper is our list at 1,250 EUR.",
                "Skipper leaves 20 EUR to spare.",
                "Skipper leaves 45 EUR to spare.",
                "The memory, 32 GB in all, is 100 EUR.",
                "All our builds go from 1,050 EUR to 1,230 EUR.",
                "From Mate to Skipper it is 180 EUR more.",
                "Put 200 EUR aside for a monitor.",
                "A year ago this money bought half as much: 600 EUR were a lot.",
                "Readers tell us they spend 900 EUR on average.",
                "Memory fell by 15 EUR over the month.",
                "A used card for 90 EUR would do as well.",
                "Shipping is 4.90 EUR at most shops.",
                "The next edition comes out when prices have moved by 30 EUR or more.",
                "Mate costs about 1,050 EUR, Skipper 1,230 EUR.",
                "For 1,050 EUR Mate plays everything.",
                "Skipper draws more than Mate, and a 650 W supply is enough for both.",
                "We drove 120 km to try it; the coffee was 3.50 EUR.",
            })
    void whatIsTrueIsNotMarked(String text) {
        assertThat(ofEdition(text)).isEmpty();
    }

    /** In a text of one build that names none, a sum is a slip only where it plainly says which. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Put 200 EUR aside for a monitor.",
                "Spend 30 EUR more on a quieter fan.",
                "A desk for 90 EUR would do as well.",
                "Readers tell us they spend 900 EUR on average.",
                "Shipping is 4.90 EUR at most shops.",
            })
    void whatIsAboutSomethingElseIsNotMarkedInATiersText(String text) {
        assertThat(ofMate(text)).isEmpty();
    }

    /** A price of the build's own is no wrong total, and what may be about another thing gets no total proposed. */
    @ParameterizedTest
    @ValueSource(strings = {"The memory, 32 GB in all, is 100 EUR.", "The whole build is 45 EUR dearer now."})
    void aPriceOrAChangeIsNoWrongTotal(String text) {
        assertThat(ofMate(text)).isEmpty();
    }

    /** A band of one figure reaches as far as its tolerance; what a total is over it begins there. */
    @Test
    void theEndOfABandOfOneFigure() {
        assertThat(ofEdition("Skipper has 46 EUR left.")).containsExactly("46 EUR -> 45.00 EUR");
    }

    /** Words are known in English alone; a figure that nothing tells is let stand. */
    @Test
    void anotherLanguageIsLetStand() {
        assertThat(slips("Mate kostet 1.080 EUR im Ganzen.", Locale.GERMAN, List.of()))
                .isEmpty();
    }

    @Test
    void bothEndsOfARangeAreSums() {
        assertThat(ofEdition("Mate stays in its band from 950 to 1,100 EUR.")).containsExactly("950 to 1,100 EUR -> ?");
        assertThat(ofEdition("Our lists run from 1,050 to 1,300 EUR.")).containsExactly("1,050 to 1,300 EUR -> ?");
        assertThat(ofEdition("Mate stays in its band from 1,000 to 1,100 EUR.")).isEmpty();
        assertThat(ofEdition("Our lists run from 1,050 to 1,230 EUR.")).isEmpty();
        assertThat(ofEdition("A monitor costs 200 to 300 EUR more.")).isEmpty();
        assertThat(ofEdition("Skipper leaves 50 EUR of its band.")).containsExactly("50 EUR -> 45.00 EUR");
    }
}
