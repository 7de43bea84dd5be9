package lowfield.core.proofreading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lowfield.core.part.Kind;
import lowfield.core.proofreading.guard.FigureGuard;
import lowfield.core.proofreading.names.NameIndex;
import lowfield.core.reason.ReasonBasis;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What of a text is held against the parts that it is about, and what is let stand. */
class FigureGuardTest extends ProofCase {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It has 16 GB of memory. | 16 GB -> 12 GB",
                "With sixteen gigabytes it lasts. | sixteen gigabytes -> 12 GB",
                "It costs 402.90 EUR. | 402.90 EUR -> 412.90 EUR",
                "It costs four hundred and two euros ninety. | four hundred and two euros ninety -> 412.90 EUR",
                "It draws 240 W. | 240 W -> 220 W",
                "The Basalt Five draws 220 W. | 220 W -> 175 W",
                "The Basalt has 10 GB. | 10 GB -> 8 GB",
                "At 349 mm long it fits. | 349 mm -> 304 mm",
                "It is 34 cm long. | 34 cm -> 30.4 cm",
                "In Skipper the Vane Seven has 24 GB. | 24 GB -> 16 GB",
                "The power supply gives 850 W. | 850 W -> 750 W",
                "The Vane Seven costs 87 EUR more. | 87 EUR -> 77.00 EUR",
                "It was 419 EUR in the last edition. | 419 EUR -> 429.00 EUR",
                "It has a warranty of five years. | five years -> 3 years",
                "Hartle gives three years of warranty on theirs. | three years -> 2 years",
                "The Basalt Five is cheaper. It draws 220 W. | 220 W -> 175 W",
                "Ours draws 265 W. | 265 W -> 220 W",
                "With the Vane Seven you gain six gigabytes. | six gigabytes -> 4 GB",
                "It has three years of warranty; the Basalt Five has four. | four -> 2 years",
                "With the Basalt Five you get 12 GB for 349 EUR. | 12 GB -> 8 GB",
                "Readers with small cases should know that it is 242 mm long. | 242 mm -> 304 mm",
                "The shop asks 449 EUR for it. | 449 EUR -> 412.90 EUR",
                "At its back I count 10 GB. | 10 GB -> 12 GB",
                "You could go up to the Vane Seven. Its memory is 12 GB. | 12 GB -> 16 GB",
                "The gap to the Basalt Five is 83.90 EUR. | 83.90 EUR -> 63.90 EUR",
                "You get 14 GB with the Vane Seven. | 14 GB -> 16 GB",
                "Mind the length: it is 314 mm. | 314 mm -> 304 mm",
                "At 429 EUR it is fair. | 429 EUR -> 412.90 EUR",
                "It costs 429 EUR. | 429 EUR -> 412.90 EUR",
                "It has 24 GB of memory. | 24 GB -> 12 GB",
                "It draws two hundred and forty watts. | two hundred and forty watts -> 220 W",
            })
    void aWrongFigureIsFoundWithTheRightOne(String text, String slip) {
        assertThat(slips(text)).containsExactly(slip);
    }

    /** What is offered is what the words mean; where the data does not hold that, nothing is offered. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Its MSRP is 449 EUR.",
                "The whole build comes to 700 EUR.",
                "The build has a sustained peak of 275 W.",
            })
    void nothingElseIsOfferedForWhatIsNotHeld(String text) {
        assertThat(read(text).slips()).allSatisfy(s -> {
            assertThat(s.right()).isEmpty();
            assertThat(s.isSure()).isFalse();
        });
    }

    /** A difference, a sum and a count times a size follow from the figures beside them. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "It costs 412.90 EUR, the Basalt Five 349 EUR: that is 63.90 EUR for four gigabytes.",
                "Last month it was 429 EUR, now it is 412.90 EUR; together with the Basalt that makes 841.90 EUR.",
                "It has 12 GB and the Basalt Five 8 GB, 20 GB between them.",
            })
    void whatFollowsFromTheSentenceIsTrue(String text) {
        assertThat(slips(text)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "It has 12 GB, draws 220 W and costs 412.90 EUR.",
                "About 413 EUR, and some 30 cm long.",
                "It was 429 EUR in the last edition; now 412.90 EUR, 16.10 EUR less.",
                "The Basalt Five is 63.90 EUR cheaper and stops at 8 GB.",
                "Twelve gigabytes are enough; the Vane Seven has sixteen.",
                "The Mast Middle gives 750 W for ten years.",
                "Its limit is two hundred and twenty watts.",
                "The Vane Seven costs more: four gigabytes are what you gain.",
                "8 GB against 12 GB: the Basalt Five is full before ours.",
                "Twelve gigabytes last longer than 8 GB.",
                "In November you paid 429 EUR for it.",
                "From 8 GB to 12 GB is a step that you see.",
                "It fell from 429 EUR to 412.90 EUR.",
            })
    void whatIsRightIsLetStand(String text) {
        assertThat(slips(text)).isEmpty();
    }

    /** Figures that are about something we hold no data of. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "   ",
                "I paid 230 EUR for my last one.",
                "Published on 12.03.2026, page 4 of 16.",
                "1. Unpack it\n2. Seat it\n3. Two screws",
                "> The box says 16 GB.\n\nWe measured otherwise.",
                "It costs {{price}} and has {{spec.memory}}.",
                "A reader told us: \"mine has 16 GB\".",
                "It costs 402.90 USD over there.",
                "`16 GB` is what the tool prints.",
                "See https://shop.example/16GB/402-EUR for more.",
                "An 850 W heater draws more.",
                "For games alone the 16 GB part is as fast.",
                "It takes three M.2 drives less.",
                "You hear the street at 40 dB.",
                "My old one drew 290 W.",
                "A year ago this was 520 EUR.",
                "Cards like it start at 380 EUR.",
                "From 40 cm away nobody hears it.",
                "With a machine of 2,000 EUR I would think again.",
                "You would sit 80 cm away.",
                "You get twelve gigabytes here, four more than with the Basalt Five.",
                "Ten gigabytes are not enough today.",
                "It stands on my desk, which is 72 cm high.",
                "If you want 16 GB, the Vane Seven has them.",
                "Some shops want 450 EUR.",
                "The shop round the corner asks 30 EUR more.",
                "That is for a card that draws 250 W.",
            })
    void whatIsNoneOfItsBusinessIsLetStand(String text) {
        assertThat(slips(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It is cheaper than the Basalt Five. | cheaper than the Basalt Five -> dearer than the Basalt Five",
                "It is longer than the Vane Seven. | longer than the Vane Seven -> shorter than the Vane Seven",
                "Twice the memory of the Basalt Five. | Twice the memory of the Basalt Five -> ?",
                "It has less memory than the Basalt Five. | less memory than the Basalt Five -> more memory than the Basalt Five",
                "It draws more than the Vane Seven. | draws more than the Vane Seven -> draws less than the Vane Seven",
                "It is twice as expensive as the Basalt Five. | twice as expensive as the Basalt Five -> ?",
                "It has the same price as last month. | the same price as last month -> ?",
                "It costs as much as the Vane Seven. | costs as much as the Vane Seven -> ?",
                "It takes half of the budget. | half -> 33.3%",
            })
    void aRelationThatTheDataTurnsIsFound(String text, String slip) {
        assertThat(slips(text)).containsExactly(slip);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "It is dearer than the Basalt Five and cheaper than the Vane Seven.",
                "It has more memory than the Basalt Five.",
                "It draws less than the Vane Seven.",
                "The Vane Seven has twice the memory of the Basalt Five.",
                "The Vane Seven has the same warranty, and the same price as nothing.",
            })
    void aRelationThatHoldsIsLetStand(String text) {
        assertThat(slips(text)).isEmpty();
    }

    /** Where nothing else can be meant a slip is sure; where the figure is another part's, it only may be one. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It costs 402.90 EUR. | true",
                "The Basalt Five draws 180 W. | true",
                "The Basalt Five is cheaper. It draws 220 W. | false",
            })
    void whatMayBeMeantOtherwiseIsNotSure(String text, boolean isSure) {
        assertThat(read(text).slips()).allSatisfy(s -> assertThat(s.isSure()).isEqualTo(isSure));
        assertThat(read(text).slips()).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The Mica Seven would do. | Mica Seven -> Mica Six",
                "Take the Basalt Six instead. | Basalt Six -> Basalt Five",
            })
    void aNameThatNoPartHasIsFound(String text, String slip) {
        assertThat(slips(text)).containsExactly(slip);
    }

    @Test
    void whoseFigureItIsIsToldWhereItIsAnothers() {
        assertThat(read("The Basalt Five draws 185 W.").slips())
                .singleElement()
                .satisfies(s ->
                        assertThat(s.sentence()).isEqualTo("185 W: the board power of Hartle Basalt Five is 175 W."));
    }

    /** What a reason relies on is told by whose it is and of when, so that it can be asked for again. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "It costs 412.90 EUR. | price",
                "The Basalt Five costs 349 EUR. | price of Hartle Basalt Five",
                "It was 429 EUR in the last edition. | price in the last edition",
                "The Basalt Five is 63.90 EUR cheaper. | price against Hartle Basalt Five",
            })
    void whatIsSaidRightlyIsToldByWhatItIs(String text, String about) {
        var reading = read(text);
        assertThat(reading.claims())
                .filteredOn(ReasonBasis.Claim::isFigure)
                .extracting(ReasonBasis.Claim::about)
                .containsExactly(about);
        assertThat(reading.today(about)).isPresent();
    }

    @Test
    void whatWasSoIsToldAsPast() {
        assertThat(read("It was 419 EUR in the last edition.").slips())
                .singleElement()
                .satisfies(s ->
                        assertThat(s.sentence()).isEqualTo("419 EUR: the price in the last edition was 429.00 EUR."));
    }

    @Test
    void aDifferenceFromLastTimeIsToldAsOne() {
        assertThat(read("It is 12.10 EUR cheaper than last month.").slips())
                .singleElement()
                .satisfies(s -> assertThat(s.sentence())
                        .isEqualTo("12.10 EUR: the price against the last edition is 16.10 EUR."));
    }

    @Test
    void namesOnFileAndHeadingsAreNoSlips() {
        assertThat(slips("The Mica Six beats the Vane Seven. Mica Cards are quiet."))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\u202b\u05db\u05e8\u05d8\u05d9\u05e1\u202c has 16 GB.",
                "\u26f5\ud83d\udee0\ufe0f It has 16 GB.",
                "E\u0301toile: it has 16 GB.",
                "It has 16\u00a0GB.",
                "**It has 16 GB.**",
            })
    void otherScriptsAndMarksShiftNothing(String text) {
        var slip = read(text).slips().get(0);
        assertThat(text.substring(slip.start(), slip.end())).isEqualTo(slip.written());
        assertThat(slip.written()).matches("16.GB");
    }

    /** "M.2" is what a part can be called, and what can be counted; it is no length of metres. */
    @Test
    void aSlotIsCountedThoughAPartIsCalledSo() {
        var board = part(Kind.MOTHERBOARD, "Ostrand Quay Grand", Map.of("driveSlots", List.of(Map.of(), Map.of())));
        var drive = part(Kind.DRIVE, "Drumlin Beck M.2", Map.of("capacity", 1000));
        var parts = new ProofContext.Parts()
                .add(Subject.Role.CHOICE, board, eur(10_000))
                .add(Subject.Role.ELSEWHERE, drive, eur(5_000));
        var context = new ProofContext(
                Locale.ENGLISH, EURO, parts.all(), List.of(), List.of(), new NameIndex(List.of(board, drive)));
        assertThat(new FigureGuard(context).slips("It has four M.2 slots and Wi-Fi."))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.written()).isEqualTo("four M.2 slots");
                    assertThat(s.sentence()).isEqualTo("four M.2 slots: the data says 2 M.2 slots.");
                });
    }

    @Test
    void inAnotherLanguageDigitsAreRead() {
        var german = new FigureGuard(context(eur(141_290), Locale.GERMAN, EURO));
        assertThat(german.slips("Sie kostet 1.402,90 EUR."))
                .singleElement()
                .satisfies(s -> assertThat(s.written()).isEqualTo("1.402,90 EUR"));
        assertThat(german.slips("Sie kostet 1.412,90 EUR.")).isEmpty();
        assertThat(german.slips("Die Mica Six ist 31,4 cm lang."))
                .singleElement()
                .satisfies(s -> assertThat(s.right()).contains("30,4 cm"));
    }

    @Test
    void aForeignCurrencyIsNotHeldAgainstOurs() {
        var crowns = new FigureGuard(context(eur(41_290), Locale.ENGLISH, Currency.getInstance("NOK")));
        assertThat(crowns.slips("It costs 402.90 EUR.")).isEmpty();
    }

    @Test
    void withoutAPriceNoPriceIsSaidToBeRight() {
        var unknown = new FigureGuard(context(java.util.Optional.empty()));
        assertThat(unknown.slips("It costs 402.90 EUR."))
                .allSatisfy(s -> assertThat(s.right()).isNotEqualTo(java.util.Optional.of("412.90 EUR")));
    }

    /** What a text says rightly it seldom means once more by another figure. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "It costs 412.90 EUR now, and that is a fair price. At 380 EUR it would be a good one.",
                "It draws 220 W. With 180 W it was as fast.",
                "It is 304 mm long. Cards of 320 mm are harder to fit."
            })
    void whatIsSaidAlreadyIsSeldomMeantByAnotherFigure(String text) {
        assertThat(slips(text)).isEmpty();
    }

    @Test
    void whatIsPlainlySaidTwiceAndOnceOtherwiseIsAsked() {
        assertThat(read("It has 12 GB and draws 220 W. It has 13 GB.").slips())
                .singleElement()
                .satisfies(s -> assertThat(s.sentence()).isEqualTo("13 GB may be wrong: the memory is 12 GB."));
    }

    /** What another paragraph says is far away. */
    @Test
    void aParagraphIsReadForItself() {
        assertThat(slips("It draws 220 W.\n\nWith 180 W it was as fast."))
                .isEqualTo(slips("With 180 W it was as fast."))
                .isNotEqualTo(slips("It draws 220 W. With 180 W it was as fast."));
    }

    /** A case has room for many things; in the reason of a card its room for cards is meant. */
    @Test
    void whatACaseTakesIsItsRoomForTheChoice() {
        var parts = new ProofContext.Parts();
        parts.add(Subject.Role.CHOICE, MICA, eur(41_290));
        parts.add(
                Subject.Role.ELSEWHERE,
                part(
                        Kind.CASE,
                        "Hollowell Barn",
                        Map.of("cardLength", 360, "supplyLength", 180, "coolerHeight", 165, "height", 460)),
                eur(7_990));
        var guard = new FigureGuard(new ProofContext(
                Locale.ENGLISH, EURO, parts.all(), List.of(), List.of(), new NameIndex(List.of(MICA))));
        assertThat(guard.slips("It is 304 mm long, and the case takes 320 mm."))
                .singleElement()
                .satisfies(s -> assertThat(s.right()).contains("360 mm"));
        assertThat(guard.slips("It is 304 mm long, and the case takes 360 mm.")).isEmpty();
    }

    @Test
    void aLongTextIsReadWhole() {
        var text = "It has 12 GB and draws 220 W. ".repeat(140) + "It is good. ".repeat(2_900) + "It has 13 GB.";
        assertThat(slips(text)).containsExactly("13 GB -> 12 GB");
    }

    /** Nobody ends the sentence; what is far from a figure is not read for it, or this would take hours. */
    @Test
    void aSentenceWithoutAnEndIsReadWhole() {
        var text = "The Mica Six has 12 GB and draws 220 W, and ".repeat(140) + "the Basalt Five has 10 GB.";
        assertThat(slips(text)).containsExactly("10 GB -> 8 GB");
    }

    @Test
    void whatIsMeantSoIsBoundToThatFigure() {
        var reading = read("It has 16 GB and draws 240 W.");
        var meant = List.of(reading.slips().get(0).key());
        assertThat(reading.without(meant).slips())
                .singleElement()
                .satisfies(s -> assertThat(s.written()).isEqualTo("240 W"));
        assertThat(read("It has 18 GB.").without(meant).slips()).hasSize(1);
    }

    @Test
    void theFactThatWouldSayItIsNamed() {
        assertThat(read("It has 16 GB.").slips().get(0).fact()).contains("spec.memory");
        assertThat(read("It costs 402.90 EUR.").slips().get(0).fact()).contains("price");
        assertThat(read("The Basalt Five has 10 GB.").slips().get(0).fact()).isEmpty();
    }

    /** What the choice has and costs is a fact of the line; what is rounded, in words or of another part is not. */
    @Test
    void rightFiguresCanBecomeFacts() {
        var text =
                "It has 12 GB and costs 412.90 EUR, about 413 EUR; twelve gigabytes, where the Basalt Five has 8 GB.";
        assertThat(read(text).facts())
                .extracting(f -> text.substring(f.start(), f.end()) + " " + f.path())
                .containsExactly("12 GB spec.memory", "412.90 price");
    }
}
