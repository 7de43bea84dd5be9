package lowfield.core.check;

import static lowfield.core.check.TestBuild.sound;
import static lowfield.core.check.Verdict.CAUTION;
import static lowfield.core.check.Verdict.CLASH;
import static lowfield.core.check.Verdict.FITS;
import static lowfield.core.check.Verdict.NOT_KNOWN;

import java.util.Map;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** Processor and board, one expectation a line. */
class ProcessorChecksTest {

    @Test
    void supported() {
        sound().says("processor-supported", FITS, "with any firmware");
        sound().with(Slot.MOTHERBOARD, "firmware", Map.of("Tansy", "1.0"))
                .says("processor-supported", CLASH, "names Tansy and not Fennel");
        var newer = sound().with(Slot.MOTHERBOARD, "firmware", Map.of("Fennel", "1.20"));
        newer.says("processor-supported", CAUTION, "firmware 1.20 on; an older board can be flashed");
        newer.with(Slot.MOTHERBOARD, "flashes", false).says("processor-supported", CAUTION, "is not knowable");
        sound().without(Slot.MOTHERBOARD, "firmware")
                .says("processor-supported", NOT_KNOWN, "each processor family runs");
        sound().without(Slot.PROCESSOR, "family").says("processor-supported", NOT_KNOWN, "family of Test processor");
    }

    @Test
    void unlocked() {
        sound().says("unlocked", FITS, "locked, on a board for locked ones");
        sound().with(Slot.PROCESSOR, "unlocked", true).says("unlocked", CAUTION, "does not let it run free");
        sound().with(Slot.MOTHERBOARD, "overclocks", true).says("unlocked", CAUTION, "this one is locked");
        sound().without(Slot.PROCESSOR, "unlocked").says("unlocked", NOT_KNOWN, "unlocked of Test processor");
    }

    @Test
    void powerDeliveryAndPlugs() {
        sound().says("power-delivery", FITS, "the board delivers 120 W");
        sound().with(Slot.PROCESSOR, "limit", 180).says("power-delivery", CAUTION, "only 120 W for long");
        sound().without(Slot.MOTHERBOARD, "powerDelivery").says("power-delivery", NOT_KNOWN, "power delivery of Test");
        sound().says("processor-plugs", FITS, "the supply has 1");
        sound().with(Slot.MOTHERBOARD, "processorPlugs", 2).says("processor-plugs", CAUTION, "fills only 1 of them");
        sound().with(Slot.POWER_SUPPLY, "processorPlugs", 0).says("processor-plugs", CLASH, "the supply has none");
        sound().without(Slot.POWER_SUPPLY, "processorPlugs").says("processor-plugs", NOT_KNOWN, "(EPS)");
    }

    @Test
    void picture() {
        sound().says("picture", FITS, "Test graphics card draws it");
        var none = sound().choosing(Slot.GRAPHICS_CARD, new Choice.None());
        none.says("picture", FITS, "own graphics draw it");
        none.with(Slot.PROCESSOR, "graphics", false).says("picture", CLASH, "has no graphics");
        none.without(Slot.PROCESSOR, "graphics").says("picture", NOT_KNOWN, "graphics of Test processor");
        sound().with(Slot.PROCESSOR, "graphics", false)
                .choosing(Slot.GRAPHICS_CARD, new Choice.Empty())
                .says("picture", CLASH, "no card");
    }

    @Test
    void socketLife() {
        sound().says("socket-life", FITS, "until 2029");
        sound().without(Slot.PROCESSOR, "socketUntil").says("socket-life", NOT_KNOWN, "last year of new processors");
    }
}
