package lowfield.core.check;

import static lowfield.core.check.TestBuild.sound;
import static lowfield.core.check.Verdict.CAUTION;
import static lowfield.core.check.Verdict.CLASH;
import static lowfield.core.check.Verdict.FITS;
import static lowfield.core.check.Verdict.NOT_KNOWN;

import java.util.List;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** Memory, one expectation a line. */
class MemoryChecksTest {

    @Test
    void kind() {
        sound().says("memory-kind", FITS, "memory is unbuffered");
        sound().with(Slot.MEMORY, "kind", "registered").says("memory-kind", CLASH, "the board takes only unbuffered");
        sound().without(Slot.MOTHERBOARD, "memoryKinds").says("memory-kind", NOT_KNOWN, "memory kinds");
    }

    @Test
    void capacity() {
        sound().says("memory-capacity", FITS, "16 GB in all; board and processor take 192 GB");
        sound().with(Slot.MEMORY, "moduleSize", 128).says("memory-capacity", CLASH, "256 GB in all");
        sound().with(Slot.MEMORY, "moduleSize", 64)
                .says("memory-capacity", CLASH, "modules of 64 GB; the board takes modules of 48 GB");
        sound().with(Slot.MEMORY, "moduleSize", 48)
                .says("memory-capacity", CAUTION, "modules of 48 GB need firmware 1.40");
        sound().with(Slot.MEMORY, "moduleSize", 24)
                .with(Slot.MOTHERBOARD, "oddModules", "any")
                .says("memory-capacity", FITS, "any firmware");
        sound().with(Slot.PROCESSOR, "memoryMost", 8).says("memory-capacity", CLASH, "take 8 GB");
        sound().without(Slot.MOTHERBOARD, "memoryMost")
                .says("memory-capacity", NOT_KNOWN, "most memory of Test motherboard");
        sound().with(Slot.MEMORY, "moduleSize", 24)
                .without(Slot.MOTHERBOARD, "oddModules")
                .says("memory-capacity", NOT_KNOWN, "24 and 48 GB modules");
    }

    /** Four modules run slower than two; what is over the official speed is an overclock unless the maker tested it. */
    @Test
    void speed() {
        sound().says("memory-speed", FITS, "memory 5600 MT/s; the processor is promised 5600");
        sound().with(Slot.MEMORY, "speed", 6000)
                .says("memory-speed", CAUTION, "over the processor's official 5600: an overclock");
        sound().with(Slot.MEMORY, "speed", 6000)
                .with(Slot.MEMORY, "kit", "FL-6000")
                .says("memory-speed", FITS, "on the board's tested list");
        sound().with(Slot.MEMORY, "speed", 7200).says("memory-speed", CAUTION, "the board runs at most 6400");
        sound().quantity(Slot.MEMORY, 2).says("memory-speed", CAUTION, "official 3600 with four modules");
        sound().without(Slot.PROCESSOR, "memorySpeed").says("memory-speed", NOT_KNOWN, "official memory speed of Test");
        sound().quantity(Slot.MEMORY, 2)
                .without(Slot.PROCESSOR, "memorySpeedFour")
                .says("memory-speed", NOT_KNOWN, "with four modules of Test processor");
    }

    @Test
    void pairsAndMixes() {
        sound().says("memory-pair", FITS, "2 modules, in pairs");
        sound().with(Slot.MEMORY, "modules", 1).says("memory-pair", CAUTION, "a pair was probably meant");
        sound().with(Slot.MEMORY, "modules", 3).says("memory-pair", CAUTION, "3 modules are an odd number");
        sound().without(Slot.MEMORY, "modules").says("memory-pair", NOT_KNOWN, "number of modules");
        sound().adding(Slot.MEMORY, "speed", 6000).says("memory-mixed", CAUTION, "2 different kits are mixed");
        sound().twice(Slot.MEMORY).isSilentOn("memory-mixed");
    }

    @Test
    void owned() {
        sound().choosing(Slot.MEMORY, new Choice.Owned("my kit")).says("memory-slots", NOT_KNOWN, "my kit");
        assertSilentWhenNone(List.of("memory-slots", "memory-capacity", "memory-pair", "memory-kind"));
    }

    private static void assertSilentWhenNone(List<String> checks) {
        checks.forEach(check -> sound().choosing(Slot.MEMORY, new Choice.None()).isSilentOn(check));
    }

    @Test
    void wrongSticks() {
        sound().with(Slot.MEMORY, "generation", "DDR4").says("memory-generation", CLASH, "DDR4");
    }
}
