package lowfield.core.check;

import static lowfield.core.check.TestBuild.sound;
import static lowfield.core.check.Verdict.CAUTION;
import static lowfield.core.check.Verdict.CLASH;
import static lowfield.core.check.Verdict.FITS;
import static lowfield.core.check.Verdict.NOT_KNOWN;

import java.util.List;
import java.util.Map;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** Cooling, one expectation a line. */
class CoolingChecksTest {

    @Test
    void capacity() {
        sound().says("cooler-capacity", FITS, "processor takes 88 W; the cooler carries 160 W");
        sound().with(Slot.PROCESSOR, "limit", 220).says("cooler-capacity", CAUTION, "carries only 160 W");
        sound().without(Slot.COOLER, "capacity").says("cooler-capacity", NOT_KNOWN, "cools of Test cooler");
    }

    /** The front fan goes up over tall memory, and then the side panel is in its way. */
    @Test
    void overTallMemory() {
        sound().says("cooler-memory", FITS, "memory 34 mm high; the cooler leaves 40 mm");
        var tall = sound().with(Slot.MEMORY, "height", 44);
        tall.says("cooler-memory", CLASH, "leaves only 40 mm");
        tall.with(Slot.COOLER, "fanRises", true)
                .says("cooler-memory", CAUTION, "must go up 4 mm over the memory: 158 mm");
        tall.with(Slot.MEMORY, "height", 50).says("cooler-memory", CLASH, "stands at 164 mm; case takes only 160 mm");
        sound().without(Slot.MEMORY, "height").says("cooler-memory", NOT_KNOWN, "height of Test memory");
    }

    @Test
    void radiator() {
        sound().isSilentOn("radiator");
        var liquid = sound().with(Slot.COOLER, "radiator", 240);
        liquid.says("radiator", FITS, "a 240 mm radiator goes top");
        liquid.with(Slot.MEMORY, "height", 44).says("radiator", FITS, "goes front");
        liquid.with(Slot.COOLER, "tube", 200).says("radiator", FITS, "goes front");
        liquid.with(Slot.COOLER, "radiatorThickness", 70).says("radiator", CLASH, "of 70 mm with its fans");
        sound().with(Slot.COOLER, "radiator", 360).says("radiator", CLASH, "no place of the case takes a 360 mm");
        sound().with(Slot.COOLER, "radiator", 240)
                .without(Slot.CASE, "radiators")
                .says("radiator", NOT_KNOWN, "radiator places of Test case");
        sound().with(Slot.COOLER, "radiator", 240)
                .with(Slot.CASE, "radiators", List.of(Map.of("place", "top")))
                .says("radiator", NOT_KNOWN, "which radiators each place");
    }

    @Test
    void paste() {
        sound().says("paste", FITS, "in the cooler's box");
        sound().adding(Slot.PASTE).says("paste", CAUTION, "is one more");
        var dry = sound().with(Slot.COOLER, "paste", false);
        dry.says("paste", CAUTION, "none is chosen");
        dry.adding(Slot.PASTE).says("paste", FITS, "Test thermal paste is chosen");
        sound().without(Slot.COOLER, "paste").says("paste", NOT_KNOWN, "paste in the box of Test cooler");
        sound().without(Slot.COOLER, "paste")
                .adding(Slot.PASTE, new Choice.Owned(""))
                .says("paste", FITS, "the reader has paste");
    }

    @Test
    void whatIsInTheBoxHasNoFiguresToAskFor() {
        var boxed = sound().with(Slot.PROCESSOR, "coolerInBox", true).choosing(Slot.COOLER, new Choice.InTheBox(""));
        boxed.isSilentOn("cooler-height");
        boxed.isSilentOn("cooler-socket");
    }
}
