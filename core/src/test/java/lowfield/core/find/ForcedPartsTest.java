package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lowfield.core.check.TestBuild;
import lowfield.core.find.CandidateImpact.Group;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Least;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;

/** What a candidate forces elsewhere in the build. */
class ForcedPartsTest extends CandidateCase {
    private static final Wishes BLACK = new Wishes(
            Set.of("black"),
            Wishes.Lit.EITHER,
            false,
            false,
            false,
            Optional.empty(),
            Set.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Least.NONE);

    /** 450 W for the card: 594 W at the peak ask for 713 W, so 750 W; the cheaper 700 W will not do, the 850 W is dearer. */
    @Test
    void aStrongCardForcesTheCheapestSupplyThatDoes() {
        supply(60, "rating", 700);
        supply(90, "rating", 750);
        supply(80, "rating", 760, "length", 200);
        supply(120, "rating", 850);
        var strong = taking(sound(), Slot.GRAPHICS_CARD, at(150, card("boardPower", 450)));
        assertThat(strong.forced()).singleElement().satisfies(f -> {
            assertThat(euro.get(f.part().id())).isEqualTo(90);
            assertThat(f.why()).contains("asks for 713 W");
        });
        // 50 more for the card, 10 less for the supply.
        assertThat(strong.trueDifference()).isEqualTo(Amount.of(Money.of(4000, "EUR")));
        assertThat(strong.group()).isEqualTo(Group.FORCES);
        assertThat(strong.effect().clashes()).isEmpty();
    }

    @Test
    void withoutASupplyThatDoesItDoesNotGoTogether() {
        supply(60, "rating", 700);
        var strong = taking(sound(), Slot.GRAPHICS_CARD, at(150, card("boardPower", 620)));
        assertThat(strong.forced()).isEmpty();
        assertThat(strong.group()).isEqualTo(Group.CLASHES);
    }

    @Test
    void aSupplyOfUnknownFiguresIsNeverForced() {
        supply(60, "rating", 850);
        supplies.set(0, at(60, TestBuild.part(Slot.POWER_SUPPLY, Map.of("rating", 850, "standard", "ATX 3.1"))));
        assertThat(taking(sound(), Slot.GRAPHICS_CARD, at(150, card("boardPower", 450)))
                        .forced())
                .isEmpty();
    }

    @Test
    void aProcessorOfAnotherBracketForcesACooler() {
        coolers.add(at(40, TestBuild.like(Slot.COOLER, "sockets", List.of("Moor", "Heath"))));
        var kit = sound().with(Slot.COOLER, "sockets", List.of("Fen")).with(Slot.PROCESSOR, "socket", "Moor");
        var taken = taking(kit, Slot.PROCESSOR, at(100, TestBuild.like(Slot.PROCESSOR, "cores", 6)));
        assertThat(taken.forced())
                .singleElement()
                .satisfies(f -> assertThat(f.slot()).isEqualTo(Slot.COOLER));
    }

    @Test
    void withoutALineForACoolerOneIsAdded() {
        coolers.add(at(40, TestBuild.like(Slot.COOLER)));
        var kit = sound().with(Slot.PROCESSOR, "coolerInBox", true).choosing(Slot.COOLER, new Choice.Empty());
        var taken = taking(kit, Slot.PROCESSOR, at(100, TestBuild.like(Slot.PROCESSOR, "cores", 6)));
        assertThat(taken.forced()).extracting(CandidateImpact.Forced::slot).containsExactly(Slot.COOLER);
        assertThat(taken.trueDifference()).isEqualTo(Amount.of(Money.of(4000, "EUR")));
    }

    @Test
    void aWrongSocketIsNotMended() {
        coolers.add(at(40, TestBuild.like(Slot.COOLER)));
        supply(60, "rating", 850);
        assertThat(taking(sound(), Slot.PROCESSOR, at(90, TestBuild.like(Slot.PROCESSOR, "socket", "Delta")))
                        .group())
                .isEqualTo(Group.CLASHES);
    }

    /** That nobody knows whether it fits is no reason to buy anything; it stands beside the candidate. */
    @Test
    void whatIsUnknownForcesNothing() {
        supply(60, "rating", 850);
        var unknown =
                taking(sound().without(Slot.CASE, "cardLength"), Slot.GRAPHICS_CARD, at(150, card("length", 200)));
        assertThat(unknown.forced()).isEmpty();
        assertThat(unknown.forcesTooMuch()).isFalse();
        assertThat(unknown.effect().undecided()).isNotEmpty();
        assertThat(unknown.group()).isEqualTo(Group.CANNOT_BE_TOLD);
    }

    /** A cheaper case in a colour that the tier does not have is none that the card could need. */
    @Test
    void aForcedPartKeepsTheTiersWishes() {
        supplies.add(at(60, TestBuild.like(Slot.CASE, "cardLength", 400, "colour", "white")));
        supplies.add(at(95, TestBuild.like(Slot.CASE, "cardLength", 400, "colour", "black")));
        var wished = sound().with(Slot.CASE, "colour", "black").asked(BLACK);
        assertThat(taking(wished, Slot.GRAPHICS_CARD, at(150, card("length", 380)))
                        .forced())
                .singleElement()
                .satisfies(f -> assertThat(euro.get(f.part().id())).isEqualTo(95));
    }
}
