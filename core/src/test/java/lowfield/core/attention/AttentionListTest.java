package lowfield.core.attention;

import static lowfield.core.edition.TestEdition.eur;
import static lowfield.core.edition.TestEdition.part;
import static lowfield.core.edition.TestLines.because;
import static lowfield.core.edition.TestLines.following;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import lowfield.core.check.TestBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.Option;
import lowfield.core.edition.TestEdition;
import lowfield.core.edition.TestLines;
import lowfield.core.guide.Band;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.part.Part;
import lowfield.core.reason.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AttentionListTest extends AttentionCase {
    @Test
    void aGoodEditionWantsNothingAndPassesEveryCheck() {
        var list = of(new TestEdition().tier("Mate", sound()));
        assertThat(list.queue()).isEmpty();
        assertThat(CheckResult.of(list)).hasSize(PublishCheck.values().length).allMatch(CheckResult::passes);
    }

    @Test
    void aCautionThatBuildsShareIsOneItemThatNamesThem() {
        var list = of(new TestEdition().tier("Mate", cautioned()).tier("Bosun", cautioned()));
        assertThat(list.at(PublishCheck.CAUTIONS))
                .singleElement()
                .satisfies(i -> assertThat(i.sentence()).matches("Mate, Bosun: .* is ending; .*"))
                .satisfies(i -> assertThat(i.where()).isEqualTo("Mate and Bosun"));
        assertThat(list.queue()).hasSize(1);
    }

    @Test
    void anEmptyBuildIsOneItemAndSaysNothingOfItsBand() {
        var empty = sound();
        Arrays.stream(Slot.values()).forEach(s -> empty.choosing(s, new Choice.Empty()));
        var queue = of(new TestEdition().tier("Mate", new Band.FromTo(eur(1000), eur(2000)), empty))
                .queue();
        assertThat(queue).singleElement().satisfies(i -> {
            assertThat(i.matter()).isEqualTo(Matter.EMPTY_SLOT);
            assertThat(i.what()).matches("\\d+ parts not chosen");
        });
    }

    @Test
    void oneEmptySlotSaysItsState() {
        assertThat(of(new TestEdition().tier("Mate", sound().choosing(Slot.GRAPHICS_CARD, new Choice.Empty())))
                        .queue())
                .extracting(Item::what)
                .containsExactly("No graphics card chosen.");
    }

    @Test
    void whatCostsMostToLeaveComesFirst() {
        var build = cautioned().with(Slot.PROCESSOR, "socket", "Heath").without(Slot.GRAPHICS_CARD, "length");
        var edition = new TestEdition()
                .gone(part(build, Slot.SYSTEM_DRIVE))
                .planning(l -> l.slot() == Slot.MEMORY ? because(l, Reason.none()) : l)
                .tier("Mate", build)
                .tier("Bosun", new Band.FromTo(eur(1), eur(2)), sound().freeHand(Slot.SYSTEM_DRIVE));
        assertThat(of(edition, List.of(doubt(1, part(build, Slot.CASE).id())), Map.of())
                        .queue())
                .extracting(Item::matter)
                .containsSubsequence(
                        Matter.NO_PRICE,
                        Matter.CLASH,
                        Matter.OVER_BAND,
                        Matter.NO_REASON,
                        Matter.CAUTION,
                        Matter.FIGURE,
                        Matter.SUSPICIOUS_PRICE);
    }

    @Test
    void noMatterOutweighsOneAboveIt() {
        var ranked = Arrays.stream(Matter.values()).toList();
        IntStream.range(1, ranked.size())
                .filter(i -> ranked.get(i).weighing(0) < ranked.get(i - 1).weighing(0))
                .forEach(i -> assertThat(ranked.get(i).weighing(Long.MAX_VALUE))
                        .as("%s against %s", ranked.get(i), ranked.get(i - 1))
                        .isLessThan(ranked.get(i - 1).weighing(Long.MIN_VALUE)));
    }

    @Test
    void whatALineTakesFromAnotherIsDecidedThere() {
        var lead = sound().build().filled(Slot.MOTHERBOARD).get(0).id();
        var edition = new TestEdition()
                .planning(l -> l.slot() == Slot.MOTHERBOARD ? because(following(l, lead), Reason.none()) : l)
                .tier("Mate", sound());
        assertThat(of(edition).queue()).isEmpty();
        assertThat(of(edition).at(PublishCheck.REASONS)).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"InTheBox", "OnTheBoard", "Owned", "None"})
    void onlyWhatIsBoughtNeedsAReason(String choice) {
        Choice one = switch (choice) {
            case "InTheBox" -> new Choice.InTheBox("");
            case "OnTheBoard" -> new Choice.OnTheBoard("");
            case "Owned" -> new Choice.Owned("");
            default -> new Choice.None();
        };
        var edition = new TestEdition()
                .planning(l -> because(l, Reason.none()))
                .tier("Mate", sound().choosing(Slot.COOLER, one));
        assertThat(of(edition).at(PublishCheck.REASONS)).noneMatch(i -> i.what().startsWith(Slot.COOLER.label()));
    }

    @Test
    void aVettedSetNeedsAReasonToo() {
        var set =
                TestEdition.set(part(sound(), Slot.SYSTEM_DRIVE), TestBuild.like(Slot.SYSTEM_DRIVE, "capacity", 2000));
        var edition = new TestEdition()
                .planning(l -> because(l, Reason.none()))
                .tier("Mate", sound().choosing(Slot.SYSTEM_DRIVE, set));
        assertThat(of(edition).queue()).anyMatch(i -> i.what().equals(Slot.SYSTEM_DRIVE.label() + " has no reason"));
    }

    @Test
    void aPartThatIsGoneFromSeveralTiersIsOneThingOfTheRound() {
        var board = part(sound(), Slot.MOTHERBOARD);
        var list = of(new TestEdition().gone(board).tier("Mate", sound()).tier("Bosun", sound()));
        assertThat(list.at(PublishCheck.PRICES)).hasSize(2);
        assertThat(list.round()).singleElement().satisfies(i -> {
            assertThat(i.key()).isEqualTo("part:" + board.id());
            assertThat(i.state()).isEqualTo("GONE");
            assertThat(i.places()).hasSize(2);
        });
    }

    @Test
    void movesOfOneKindAndSmallOnesAreGathered() {
        var was = sound().build();
        var edition = new TestEdition().published(was, 10_000);
        edition.costs(part(sound(), Slot.MEMORY), 12_000);
        edition.costs(part(sound(), Slot.CASE), 10_050);
        edition.costs(part(sound(), Slot.POWER_SUPPLY), 9_950);
        var alone = of(edition.tier("Mate", sound())).round();
        assertThat(alone).extracting(Item::matter).containsExactly(Matter.MOVED, Matter.SMALL_MOVES);
        assertThat(alone.get(0).prices().permille()).hasValue(200);
        assertThat(alone.get(1).inside()).hasSize(2);
    }

    @Test
    void manyDoubtsAboutOneShopAreOneQuestion() {
        var board = part(sound(), Slot.MOTHERBOARD).id();
        var doubts = IntStream.range(0, 5).mapToObj(i -> doubt(i, board)).toList();
        var edition = new TestEdition().tier("Mate", sound());
        assertThat(of(edition, doubts.subList(0, 4), Map.of()).queue())
                .extracting(Item::matter)
                .containsOnly(Matter.SUSPICIOUS_PRICE)
                .hasSize(4);
        assertThat(of(edition, doubts, Map.of()).queue())
                .singleElement()
                .satisfies(i -> assertThat(i.matter()).isEqualTo(Matter.SUSPICIOUS_SHOP))
                .satisfies(i -> assertThat(i.detail()).contains("chosen in this edition"));
    }

    /** Shops sell much that this edition names nowhere; the round looks at it, the queue speaks of its own parts. */
    @Test
    void aDoubtAboutAPartThatIsNamedNowhereIsNotInTheQueue() {
        var doubts = List.of(doubt(1, UUID.randomUUID()));
        var list = of(new TestEdition().tier("Mate", sound()), doubts, Map.of());
        assertThat(list.queue()).isEmpty();
        assertThat(list.round()).extracting(Item::matter).containsExactly(Matter.SUSPICIOUS_PRICE);
    }

    @Test
    void aDoubtAboutAnOptionIsInTheQueueAtItsLine() {
        var chosen = part(sound(), Slot.CASE);
        var other = new Part(
                UUID.randomUUID(),
                chosen.product(),
                chosen.kind(),
                chosen.maker(),
                "Another case",
                "",
                chosen.release(),
                Optional.empty(),
                Optional.empty(),
                chosen.added(),
                chosen.spec());
        var option = new Option(Option.Purpose.ALTERNATIVE, other, "");
        var edition = new TestEdition()
                .planning(l -> l.slot() == Slot.CASE ? TestLines.offering(l, option) : l)
                .tier("Mate", sound());
        assertThat(of(edition, List.of(doubt(1, other.id())), Map.of()).queue())
                .filteredOn(i -> i.matter() == Matter.SUSPICIOUS_PRICE)
                .singleElement()
                .satisfies(i -> assertThat(i.where()).isEqualTo("Mate"));
    }

    @Test
    void whatHasLeftItsBandSinceItCameOutIsTold() {
        var gone = new TestEdition()
                .gone(part(sound(), Slot.CASE))
                .tier("Mate", sound())
                .tier("Bosun", new Band.FromTo(eur(1), eur(2)), sound().freeHand(Slot.CASE))
                .edition();
        assertThat(AttentionList.ofPublished(gone).items())
                .extracting(Item::where)
                .containsExactlyInAnyOrder("Mate", "Bosun");
        EvaluatedEdition good = new TestEdition().tier("Mate", sound()).edition();
        assertThat(AttentionList.ofPublished(good).items()).isEmpty();
    }

    private static Doubt doubt(int id, UUID part) {
        return new Doubt(
                id,
                UUID.nameUUIDFromBytes(new byte[] {(byte) id}),
                part,
                "Test part",
                "Shop",
                new UUID(0, 1),
                "Shop",
                eur(1),
                Optional.of(eur(100)),
                "it is 99% below the last price");
    }
}
