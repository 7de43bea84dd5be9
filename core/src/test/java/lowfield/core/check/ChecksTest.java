package lowfield.core.check;

import static lowfield.core.check.TestBuild.sound;
import static lowfield.core.check.Verdict.CAUTION;
import static lowfield.core.check.Verdict.CLASH;
import static lowfield.core.check.Verdict.FITS;
import static lowfield.core.check.Verdict.NOT_KNOWN;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

class ChecksTest {
    @Test
    void aSoundBuildFitsThroughout() {
        assertThat(Checks.on(sound().build())).isNotEmpty().allMatch(f -> f.verdict() == FITS);
    }

    @Test
    void idsAreUniqueAndRulesAreSentences() {
        assertThat(Checks.all()).extracting(Check::id).doesNotHaveDuplicates();
        assertThat(Checks.all()).allSatisfy(c -> assertThat(c.rule()).hasSizeGreaterThan(15));
    }

    @Test
    void socket() {
        sound().with(Slot.PROCESSOR, "socket", "Fen")
                .says("socket", CLASH, "processor has socket Fen; the board has Moor");
        sound().without(Slot.MOTHERBOARD, "socket")
                .says("socket", NOT_KNOWN, "socket of Test motherboard is not known");
        sound().freeHand(Slot.PROCESSOR).says("socket", NOT_KNOWN, "socket of something is not known");
        sound().choosing(Slot.PROCESSOR, new Choice.Empty()).isSilentOn("socket");
    }

    @Test
    void memoryGeneration() {
        sound().with(Slot.MEMORY, "generation", "DDR4")
                .says("memory-generation", CLASH, "memory is DDR4; the board takes DDR5");
        sound().without(Slot.MEMORY, "generation").says("memory-generation", NOT_KNOWN, "generation of Test memory");
        sound().choosing(Slot.MEMORY, new Choice.Owned("my old kit"))
                .says("memory-generation", NOT_KNOWN, "my old kit, already owned");
    }

    @Test
    void memorySlots() {
        sound().quantity(Slot.MEMORY, 2).says("memory-slots", FITS, "4 memory modules; the board has 4 slots");
        sound().quantity(Slot.MEMORY, 3).says("memory-slots", CLASH, "6 memory modules; the board has 4 slots");
        sound().without(Slot.MEMORY, "modules").says("memory-slots", NOT_KNOWN, "number of modules");
        sound().without(Slot.MOTHERBOARD, "memorySlots").says("memory-slots", NOT_KNOWN, "memory slots");
    }

    @Test
    void boardFormat() {
        sound().with(Slot.MOTHERBOARD, "format", "ATX")
                .says("board-format", CLASH, "board is ATX; case takes only micro-ATX, mini-ITX");
        sound().without(Slot.CASE, "formats").says("board-format", NOT_KNOWN, "board formats");
    }

    @Test
    void coolerPresent() {
        sound().says("cooler-present", FITS, "is chosen");
        sound().choosing(Slot.COOLER, new Choice.InTheBox("")).says("cooler-present", CLASH, "no cooler is in the box");
        sound().choosing(Slot.COOLER, new Choice.Empty()).says("cooler-present", CLASH, "none is chosen");
        sound().with(Slot.PROCESSOR, "coolerInBox", true).says("cooler-present", CAUTION, "say what the extra buys");
        sound().with(Slot.PROCESSOR, "coolerInBox", true)
                .choosing(Slot.COOLER, new Choice.InTheBox(""))
                .says("cooler-present", FITS, "in the processor's box");
        sound().without(Slot.PROCESSOR, "coolerInBox")
                .choosing(Slot.COOLER, new Choice.Empty())
                .says("cooler-present", NOT_KNOWN, "is not known");
        sound().choosing(Slot.COOLER, new Choice.Owned("tower")).says("cooler-present", FITS, "the reader has");
    }

    @Test
    void coolerSocketAndHeight() {
        sound().with(Slot.COOLER, "sockets", List.of("Fen"))
                .says("cooler-socket", CLASH, "socket Moor is not among the cooler's: Fen");
        sound().with(Slot.COOLER, "height", 161)
                .says("cooler-height", CLASH, "cooler 161 mm high; case takes only 160 mm");
        sound().without(Slot.CASE, "coolerHeight").says("cooler-height", NOT_KNOWN, "room for a cooler");
        sound().with(Slot.COOLER, "height", "n/a").isSilentOn("cooler-height");
    }

    @Test
    void slots() {
        sound().choosing(Slot.CASE, new Choice.Empty()).says("slot-empty", CLASH, "Case is empty");
        sound().choosing(Slot.GRAPHICS_CARD, new Choice.None()).says("slot-empty", FITS, "Graphics card is filled");
        sound().twice(Slot.POWER_SUPPLY).says("slot-twice", CLASH, "Power supply is filled with 2 pieces on 2 lines");
        sound().quantity(Slot.CASE, 2).says("slot-twice", CLASH, "Case is filled with 2 pieces on 1 lines");
        sound().quantity(Slot.MEMORY, 2).isSilentOn("slot-twice");
    }

    @Test
    void supplyRating() {
        sound().says("supply-rating", FITS, "W sustained peak; the supply is 550 W");
        sound().with(Slot.POWER_SUPPLY, "rating", 300)
                .says("supply-rating", CLASH, "wants a 400 W supply; this one is 300 W");
        sound().with(Slot.GRAPHICS_CARD, "recommendedSupply", 650).says("supply-rating", CAUTION, "recommends 650 W");
        sound().without(Slot.POWER_SUPPLY, "rating").says("supply-rating", NOT_KNOWN, "rating of Test power supply");
        sound().without(Slot.GRAPHICS_CARD, "boardPower")
                .says("supply-rating", NOT_KNOWN, "board power of Test graphics card");
        sound().without(Slot.PROCESSOR, "limit").says("supply-rating", NOT_KNOWN, "limit at board defaults of Test");
    }

    /** Whatever figures are missing: nothing that was not decided is said to fit, and nothing is lost from view. */
    @Test
    void aMissingFigureNeverPassesInSilence() {
        var random = new Random(5);
        var figures = List.of(
                List.of(Slot.GRAPHICS_CARD, "length", "card-length"),
                List.of(Slot.CASE, "cardLength", "card-length"),
                List.of(Slot.PROCESSOR, "socket", "socket"),
                List.of(Slot.MOTHERBOARD, "format", "board-format"),
                List.of(Slot.MEMORY, "generation", "memory-generation"),
                List.of(Slot.POWER_SUPPLY, "rating", "supply-rating"));
        for (int i = 0; i < 60; i++) {
            var gone = figures.get(random.nextInt(figures.size()));
            sound().without((Slot) gone.get(0), (String) gone.get(1))
                    .says((String) gone.get(2), NOT_KNOWN, "not known");
        }
    }

    @Test
    void fingerprintsChangeWithTheFigures() {
        var before = Checks.on(sound().with(Slot.GRAPHICS_CARD, "length", 311).build());
        var same = Checks.on(sound().with(Slot.GRAPHICS_CARD, "length", 311).build());
        var after = Checks.on(sound().with(Slot.GRAPHICS_CARD, "length", 320).build());
        assertThat(fingerprint(before)).isEqualTo(fingerprint(same)).isNotEqualTo(fingerprint(after));
    }

    private static String fingerprint(List<Finding> findings) {
        return findings.stream()
                .filter(f -> f.check().id().equals("card-length"))
                .findFirst()
                .orElseThrow()
                .fingerprint();
    }

    @Test
    void anEffectTellsWhatTakingAPartBringsAlong() {
        var kit = sound();
        var before = Checks.on(kit.build());
        var long337 = TestBuild.like(Slot.GRAPHICS_CARD, "boardPower", 450, "length", 337, "bracket", true);
        var effect = Effect.ofTaking(kit.build(), before, kit.line(Slot.GRAPHICS_CARD), long337);
        assertThat(effect.trouble())
                .extracting(f -> f.check().id())
                .containsExactlyInAnyOrder("card-length", "supply-rating");
        assertThat(effect.worst()).isEqualTo(CLASH);
        var harmless = TestBuild.like(Slot.GRAPHICS_CARD, "boardPower", 120, "length", 200);
        assertThat(Effect.ofTaking(kit.build(), before, kit.line(Slot.GRAPHICS_CARD), harmless)
                        .worst())
                .isEqualTo(FITS);
    }

    @Test
    void troubleElsewhereThatWasThereBeforeIsNotTheCandidatesFault() {
        var kit = sound().with(Slot.COOLER, "height", 170);
        var card = TestBuild.like(Slot.GRAPHICS_CARD, "boardPower", 120, "length", 200);
        assertThat(Effect.ofTaking(kit.build(), Checks.on(kit.build()), kit.line(Slot.GRAPHICS_CARD), card)
                        .trouble())
                .isEmpty();
    }

    /** Only the checks that concern a slot are run for a change there; that must lose nothing. */
    @Test
    void aChangeInOneSlotMovesOnlyChecksThatConcernIt() {
        for (var slot : Slot.values()) {
            for (var change : new Choice[] {
                new Choice.Empty(), new Choice.None(), new Choice.FreeHand("x", lowfield.core.money.Money.of(1, "EUR"))
            }) {
                var kit = sound().adding(Slot.WIFI, "bus", "PCIe x1").adding(Slot.SCREEN, "link", 20);
                var before = Checks.on(kit.build());
                var after = Checks.on(kit.choosing(slot, change).build());
                for (var check : Checks.all()) {
                    if (!check.slots().contains(slot)) {
                        assertThat(of(after, check))
                                .as(check.id() + " on " + slot)
                                .isEqualTo(of(before, check));
                    }
                }
            }
        }
    }

    private static List<String> of(List<Finding> findings, Check check) {
        return findings.stream()
                .filter(f -> f.check() == check)
                .map(Finding::fingerprint)
                .toList();
    }

    @Test
    void aMissingFigureIsNamedSoThatItCanBeFilledIn() {
        var gaps = Checks.on(sound().without(Slot.CASE, "coolerHeight").build()).stream()
                .flatMap(f -> f.gap().stream())
                .toList();
        assertThat(gaps).extracting(Gap::field).containsOnly("coolerHeight");
        assertThat(Checks.on(sound().freeHand(Slot.CASE).build()))
                .allMatch(f -> f.gap().isEmpty());
    }

    @Test
    void whatGoesTogetherIsSaidToo() {
        sound().says("socket", Verdict.FITS, "Moor");
        sound().says("cooler-socket", Verdict.FITS, "Moor is among the cooler's");
        sound().says("cooler-height", Verdict.FITS, "cooler 154 mm high; case takes 160 mm");
        sound().says("memory-generation", Verdict.FITS, "both DDR5");
        sound().says("board-format", Verdict.FITS, "board is micro-ATX");
        sound().without(Slot.COOLER, "sockets").says("cooler-socket", Verdict.NOT_KNOWN, "sockets of Test");
        sound().without(Slot.SYSTEM_DRIVE, "heatsink").says("drive-cover", Verdict.NOT_KNOWN, "heatsink on it");
    }
}
