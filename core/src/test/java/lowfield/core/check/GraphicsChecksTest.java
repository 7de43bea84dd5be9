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

/** One rule, one build, one expectation a line. */
class GraphicsChecksTest {

    @Test
    void length() {
        sound().says("card-length", FITS, "card 242 mm; case takes 310 mm with front fans in");
        sound().with(Slot.GRAPHICS_CARD, "length", 310).says("card-length", FITS, "310");
        sound().with(Slot.GRAPHICS_CARD, "length", 311).says("card-length", CLASH, "card 311 mm; case takes 310 mm");
        sound().without(Slot.GRAPHICS_CARD, "length").says("card-length", NOT_KNOWN, "length of Test graphics card");
        sound().without(Slot.CASE, "cardLength").says("card-length", NOT_KNOWN, "room for a card of Test case");
        sound().choosing(Slot.GRAPHICS_CARD, new Choice.None()).isSilentOn("card-length");
    }

    /** A figure of which nobody says what was in front decides only where that cannot matter. */
    @Test
    void aLengthOfUnknownBasis() {
        sound().without(Slot.CASE, "cardLengthBasis").says("card-length", FITS, "room enough for fans in front");
        sound().without(Slot.CASE, "cardLengthBasis")
                .with(Slot.GRAPHICS_CARD, "length", 300)
                .says("card-length", NOT_KNOWN, "measured with of Test case");
        sound().without(Slot.CASE, "cardLengthBasis")
                .with(Slot.GRAPHICS_CARD, "length", 311)
                .says("card-length", CLASH, "310");
    }

    @Test
    void behindAFrontRadiator() {
        var front = List.of(Map.of("place", "front", "sizes", List.of("240")));
        sound().with(Slot.CASE, "radiators", front)
                .with(Slot.COOLER, "radiator", 240)
                .says("card-length", FITS, "case takes 255 mm behind the front radiator");
        sound().with(Slot.CASE, "radiators", front)
                .with(Slot.COOLER, "radiator", 240)
                .with(Slot.GRAPHICS_CARD, "length", 256)
                .says("card-length", CLASH, "only 255 mm behind the front radiator");
        sound().with(Slot.CASE, "radiators", front)
                .without(Slot.CASE, "cardLengthWithRadiator")
                .with(Slot.COOLER, "radiator", 240)
                .says("card-length", NOT_KNOWN, "behind a front radiator of Test case");
        sound().with(Slot.COOLER, "radiator", 240).says("card-length", FITS, "310 mm with front fans in");
    }

    @Test
    void thicknessAndHeight() {
        sound().says("card-thickness", FITS, "card 45 mm thick");
        sound().with(Slot.GRAPHICS_CARD, "thickness", 61).says("card-thickness", CLASH, "case takes only 60 mm");
        sound().without(Slot.CASE, "cardThickness").says("card-thickness", NOT_KNOWN, "card's thickness of Test case");
        sound().says("card-height", FITS, "and 35 mm for the plug's bend");
        sound().with(Slot.GRAPHICS_CARD, "height", 126).says("card-height", CAUTION, "less than the plug's bend");
        sound().with(Slot.GRAPHICS_CARD, "height", 161).says("card-height", CLASH, "case has only 160 mm");
        sound().without(Slot.GRAPHICS_CARD, "height").says("card-height", NOT_KNOWN, "height of Test graphics card");
    }

    @Test
    void power() {
        sound().says("card-power", FITS, "card wants 1 8-pin plugs; the supply has 2");
        sound().with(Slot.GRAPHICS_CARD, "eightPins", 3).says("card-power", CLASH, "the supply has only 2");
        sound().with(Slot.GRAPHICS_CARD, "eightPins", 0).says("card-power", FITS, "from the slot");
        sound().with(Slot.GRAPHICS_CARD, "sixteenPin", true).says("card-power", FITS, "one of its own");
        var adapter = sound().with(Slot.GRAPHICS_CARD, "sixteenPin", true)
                .with(Slot.POWER_SUPPLY, "sixteenPin", false)
                .with(Slot.GRAPHICS_CARD, "adapter", 2);
        adapter.says("card-power", CAUTION, "takes 2 of its 2 8-pin plugs");
        adapter.with(Slot.GRAPHICS_CARD, "adapter", 3).says("card-power", CLASH, "do not feed an adapter");
        adapter.without(Slot.GRAPHICS_CARD, "adapter").says("card-power", NOT_KNOWN, "adapter in the box");
        sound().without(Slot.POWER_SUPPLY, "eightPins").says("card-power", NOT_KNOWN, "8-pin plugs for cards");
    }

    @Test
    void lanes() {
        sound().says("card-lanes", FITS, "card gets its 8 lanes of PCIe 4.0");
        sound().with(Slot.GRAPHICS_CARD, "lanes", 16)
                .with(Slot.PROCESSOR, "cardLanes", 8)
                .says("card-lanes", CAUTION, "card has 16 lanes and gets 8 of PCIe 4.0");
        sound().with(Slot.PROCESSOR, "generation", 3)
                .says("card-lanes", CAUTION, "gets them at PCIe 3.0, not 4.0: the lows suffer first");
        sound().with(Slot.GRAPHICS_CARD, "lanes", 16)
                .adding(Slot.SECOND_DRIVE, "shape", "M.2 2280", "protocol", "NVMe", "generation", 3)
                .says("card-lanes", CAUTION, "gets 8 of PCIe 4.0; a drive takes 8 of the slot's");
        sound().with(Slot.MOTHERBOARD, "cardSlots", List.of()).says("card-lanes", CAUTION, "no slot for a card");
        sound().without(Slot.MOTHERBOARD, "cardSlots").says("card-lanes", NOT_KNOWN, "expansion slots");
    }

    @Test
    void ofSlotsAsWideTheCardGoesIntoTheFirst() {
        var quick = Map.of("name", "first", "lanes", 16, "generation", 4);
        var slow = Map.of("name", "second", "lanes", 16, "generation", 3);
        sound().with(Slot.MOTHERBOARD, "cardSlots", List.of(quick, slow))
                .says("card-lanes", FITS, "card gets its 8 lanes of PCIe 4.0");
        sound().with(Slot.MOTHERBOARD, "cardSlots", List.of(slow, quick))
                .says("card-lanes", CAUTION, "gets them at PCIe 3.0");
    }

    @Test
    void screenAndRefresh() {
        sound().adding(Slot.SCREEN, "link", 32, "adaptive", List.of("open"))
                .with(Slot.GRAPHICS_CARD, "adaptive", List.of("open", "own"))
                .says("adaptive-refresh", FITS, "both know open");
        sound().adding(Slot.SCREEN, "link", 32).says("card-screen", FITS, "screen needs 32 Gbit/s");
        sound().adding(Slot.SCREEN, "link", 48).says("card-screen", CAUTION, "carries only 32");
        sound().adding(Slot.SCREEN).says("card-screen", NOT_KNOWN, "link it needs");
        sound().adding(Slot.SCREEN, "adaptive", List.of("own"))
                .with(Slot.GRAPHICS_CARD, "adaptive", List.of("open"))
                .says("adaptive-refresh", CAUTION, "card knows open; the screen own");
        sound().adding(Slot.SCREEN, "adaptive", List.of("own"))
                .says("adaptive-refresh", NOT_KNOWN, "adaptive refresh of Test graphics card");
    }

    @Test
    void bracket() {
        sound().says("card-bracket", FITS, "hold without a bracket");
        sound().with(Slot.GRAPHICS_CARD, "weight", 1800)
                .with(Slot.GRAPHICS_CARD, "bracket", true)
                .says("card-bracket", FITS, "in the card's box");
        sound().with(Slot.GRAPHICS_CARD, "weight", 1800)
                .with(Slot.GRAPHICS_CARD, "bracket", false)
                .says("card-bracket", CAUTION, "none is in the box");
        sound().with(Slot.GRAPHICS_CARD, "weight", 1800).says("card-bracket", NOT_KNOWN, "bracket in the box");
    }
}
