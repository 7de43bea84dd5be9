package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import org.junit.jupiter.api.Test;

/** Memory, one expectation a line. */
class MemoryChecksTest {
    @Test
    void generationAndType() {
        sound().says("memory-generation", "same", "both DDR5");
        sound().with(Slot.MEMORY, "generation", "DDR4")
                .says("memory-generation", "other", "is DDR4; the motherboard takes DDR5");
        sound().choosing(Slot.MEMORY, new Choice.Owned("my old kit")).lacks("memory-generation", "my old kit");
        sound().says("memory-kind", "takes");
        sound().with(Slot.MEMORY, "kind", "registered").says("memory-kind", "other");
        sound().with(Slot.MEMORY, "kind", "clocked unbuffered").says("memory-kind", "clocked");
        sound().without(Slot.MOTHERBOARD, "memoryKinds").lacks("memory-kind", "memory types");
    }

    /** What is owned or unlisted is checked by the figures of a part that has the same, and told where that lacks one. */
    @Test
    void whatIsOwnedOrUnlistedHasFiguresWhenItIsLikeAPart() {
        var old = Optional.of(TestBuild.like(Slot.MEMORY, "generation", "DDR4"));
        sound().choosing(Slot.MEMORY, new Choice.Owned("my old kit", old))
                .says("memory-generation", "other", "is DDR4");
        var bare = new Choice.FreeHand("a kit from the attic", Money.of(0, "EUR"), false, old, Optional.empty());
        sound().choosing(Slot.MEMORY, bare).says("memory-generation", "other", "is DDR4");
        assertThat(new Choice.Owned("", old).label()).isEqualTo("Test memory, already owned");
        assertThat(new Choice.Owned("", old).part()).isEmpty();
    }

    @Test
    void slots() {
        sound().quantity(Slot.MEMORY, 2).says("memory-slots", "enough", "4 memory modules");
        sound().quantity(Slot.MEMORY, 3).says("memory-slots", "too-many", "6 memory modules");
        sound().without(Slot.MEMORY, "modules").lacks("memory-slots", "modules");
        sound().without(Slot.MOTHERBOARD, "memorySlots").lacks("memory-slots", "memory slots");
    }

    /** What is known already is too much, whatever a second kit holds. */
    @Test
    void theKnownPartOfASumDecides() {
        sound().with(Slot.MEMORY, "modules", 5)
                .adding(Slot.MEMORY, new Choice.Owned("another"))
                .says("memory-slots", "too-many", "5 memory modules");
        sound().with(Slot.MEMORY, "moduleSize", 128)
                .adding(Slot.MEMORY, new Choice.Owned("another"))
                .says("memory-capacity", "too-much", "256 GB");
    }

    @Test
    void capacity() {
        sound().says("memory-capacity", "takes", "16 GB of memory");
        sound().with(Slot.MEMORY, "moduleSize", 64).says("memory-capacity", "module", "up to 48 GB");
        sound().with(Slot.MEMORY, "moduleSize", 48).says("memory-capacity", "update", "BIOS version 1.40");
        sound().with(Slot.MEMORY, "moduleSize", 24)
                .with(Slot.MOTHERBOARD, "oddModules", "any")
                .says("memory-capacity", "takes");
        sound().with(Slot.PROCESSOR, "memoryMost", 8).says("memory-capacity", "too-much", "take only 8 GB");
        sound().without(Slot.MOTHERBOARD, "memoryMost").lacks("memory-capacity", "maximum memory");
        sound().with(Slot.MEMORY, "moduleSize", 24)
                .without(Slot.MOTHERBOARD, "oddModules")
                .lacks("memory-capacity", "24 and 48 GB modules");
    }

    /** Four modules run slower than two; within the family's ceiling an overclock is only worth a note. */
    @Test
    void speed() {
        sound().says("memory-speed", "official");
        sound().with(Slot.MEMORY, "speed", 6000).says("memory-speed", "overclock", "official 5600 MT/s");
        sound().with(Slot.MEMORY, "speed", 6000)
                .with(Slot.PROCESSOR, "memoryCeiling", 5800)
                .says("memory-speed", "beyond");
        sound().with(Slot.MEMORY, "speed", 6000)
                .with(Slot.MEMORY, "kit", "FL-6000")
                .says("memory-speed", "tested");
        sound().with(Slot.MEMORY, "speed", 7200).says("memory-speed", "board", "at most 6400 MT/s");
        sound().quantity(Slot.MEMORY, 2).says("memory-speed", "beyond", "3600 MT/s with four modules");
        sound().without(Slot.PROCESSOR, "memorySpeed").lacks("memory-speed", "official memory speed of Test");
        sound().quantity(Slot.MEMORY, 2)
                .without(Slot.PROCESSOR, "memorySpeedFour")
                .lacks("memory-speed", "four modules");
    }

    /** Ranks by figure, else by what a module of the size usually has, else not known: never the best case. */
    @Test
    void ranks() {
        var two = sound().with(Slot.MEMORY, "ranks", 2);
        two.lacks("memory-speed", "official memory speed with dual-rank modules");
        two.with(Slot.PROCESSOR, "memorySpeedTwoRanks", 5600)
                .says("memory-speed", "official", "5600 MT/s with two ranks");
        two.with(Slot.PROCESSOR, "memorySpeedTwoRanks", 5200)
                .says("memory-speed", "overclock", "5200 MT/s with two ranks");
        two.quantity(Slot.MEMORY, 2)
                .with(Slot.PROCESSOR, "memorySpeedFourTwoRanks", 3600)
                .says("memory-speed", "beyond", "3600 MT/s with four modules of two ranks");
        sound().with(Slot.MEMORY, "moduleSize", 32)
                .lacks("memory-speed", "official memory speed with dual-rank modules");
        sound().with(Slot.MEMORY, "moduleSize", 26).lacks("memory-speed", "ranks per module");
    }

    @Test
    void pairsAndMixes() {
        sound().says("memory-pair", "pairs");
        sound().with(Slot.MEMORY, "modules", 1).says("memory-pair", "single");
        sound().with(Slot.MEMORY, "modules", 1).tellsReadersNothing("memory-pair");
        sound().with(Slot.MEMORY, "modules", 1)
                .choosing(Slot.GRAPHICS_CARD, new Choice.None())
                .says("memory-pair", "single-integrated");
        sound().with(Slot.MEMORY, "modules", 3).says("memory-pair", "odd");
        sound().says("memory-mixed", "one");
        sound().adding(Slot.MEMORY, "speed", 6000).says("memory-mixed", "mixed", "2 different memory kits");
        sound().twice(Slot.MEMORY).says("memory-mixed", "same-twice", "2 times");
        sound().quantity(Slot.MEMORY, 2).says("memory-mixed", "same-twice");
        sound().twice(Slot.MEMORY).isSilentOn("slot-twice");
    }

    @Test
    void nothingIsSaidOfMemoryLeftOut() {
        for (var check : List.of("memory-slots", "memory-capacity", "memory-pair", "memory-kind")) {
            sound().choosing(Slot.MEMORY, new Choice.None()).isSilentOn(check);
        }
        sound().choosing(Slot.MEMORY, new Choice.None()).says("deliberately-none", "left-out", "No memory on purpose");
    }
}
