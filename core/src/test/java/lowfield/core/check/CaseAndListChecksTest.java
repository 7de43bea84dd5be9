package lowfield.core.check;

import static lowfield.core.check.TestBuild.sound;
import static lowfield.core.check.Verdict.CAUTION;
import static lowfield.core.check.Verdict.CLASH;
import static lowfield.core.check.Verdict.FITS;
import static lowfield.core.check.Verdict.NOT_KNOWN;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.part.Release;
import org.junit.jupiter.api.Test;

/** Case, air, lighting, supply and the list as a whole, one expectation a line. */
class CaseAndListChecksTest {

    @Test
    void supply() {
        sound().says("supply-length", FITS, "supply 140 mm long");
        sound().with(Slot.POWER_SUPPLY, "length", 170).says("supply-length", CLASH, "case takes only 160 mm");
        sound().without(Slot.POWER_SUPPLY, "length").says("supply-length", NOT_KNOWN, "length of Test power supply");
        sound().says("supply-format", FITS, "supply is ATX");
        sound().with(Slot.CASE, "supplyFormats", List.of("SFX")).says("supply-format", CLASH, "case takes only SFX");
        sound().without(Slot.CASE, "supplyFormats").says("supply-format", NOT_KNOWN, "supply formats");
        sound().says("supply-quality", FITS, "testers call its quality good");
        sound().with(Slot.POWER_SUPPLY, "quality", "poor").says("supply-quality", CAUTION, "poor");
        sound().without(Slot.POWER_SUPPLY, "quality").says("supply-quality", NOT_KNOWN, "quality of Test");
    }

    /** 165 W at 1.8 x is 132 W over; with 311 W sustained that is 443 W. */
    @Test
    void spikes() {
        sound().says("supply-spikes", FITS, "ATX 3.1 covers");
        var old = sound().with(Slot.POWER_SUPPLY, "standard", "ATX 2.5");
        old.says("supply-spikes", NOT_KNOWN, "trip level of Test power supply");
        old.with(Slot.POWER_SUPPLY, "tripLevel", 443).says("supply-spikes", FITS, "spikes to 443 W");
        old.with(Slot.POWER_SUPPLY, "tripLevel", 442).says("supply-spikes", CLASH, "trips at 442 W");
        old.with(Slot.GRAPHICS_CARD, "spike", 250).says("supply-spikes", FITS, "spikes to 396 W");
    }

    @Test
    void caseAndBoard() {
        sound().says("small-board", FITS, "micro-ATX board");
        sound().with(Slot.MOTHERBOARD, "format", "mini-ITX")
                .with(Slot.CASE, "formats", List.of("ATX", "mini-ITX"))
                .says("small-board", CAUTION, "mini-ITX board in a case for ATX");
        sound().without(Slot.MOTHERBOARD, "format").says("small-board", NOT_KNOWN, "format of Test motherboard");
        sound().says("front-usb", FITS, "has a header");
        sound().with(Slot.MOTHERBOARD, "frontUsbC", false).says("front-usb", CAUTION, "no header for it");
        sound().without(Slot.MOTHERBOARD, "frontUsbC").says("front-usb", NOT_KNOWN, "front USB-C");
        sound().with(Slot.CASE, "frontUsbC", false).isSilentOn("front-usb");
    }

    @Test
    void fans() {
        sound().says("fan-headers", FITS, "1 case fans; the board has 3");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 3)
                .says("fan-headers", CAUTION, "4 case fans; the board has 3 headers");
        sound().without(Slot.MOTHERBOARD, "fanHeaders").says("fan-headers", NOT_KNOWN, "fan headers");
        sound().isSilentOn("fan-places");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 3).says("fan-places", FITS, "120 mm fans");
        sound().adding(Slot.CASE_FANS, "size", 140, "count", 1)
                .says("fan-places", CAUTION, "140 mm fans; the case takes 120 mm");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 4).says("fan-places", CAUTION, "the case has 4 places");
        sound().without(Slot.CASE, "fanPlaces")
                .adding(Slot.CASE_FANS, "size", 120, "count", 1)
                .says("fan-places", NOT_KNOWN, "places for fans");
    }

    @Test
    void air() {
        sound().says("air", FITS, "0 fans blow in, 1 out");
        sound().with(Slot.CASE, "fansIn", 2).with(Slot.CASE, "fansOut", 0).says("air", CAUTION, "none blows out");
        sound().with(Slot.CASE, "fans", 0).says("air", CAUTION, "no fan is in the case");
        sound().with(Slot.CASE, "fans", 0)
                .adding(Slot.CASE_FANS, "size", 120, "count", 2)
                .says("air", FITS, "2 added");
        sound().without(Slot.CASE, "fans").says("air", NOT_KNOWN, "fans included of Test case");
    }

    /** Two plugs that look alike and carry different voltages. */
    @Test
    void lighting() {
        sound().isSilentOn("lighting-plugs");
        sound().adding(Slot.LIGHTING, "lightingPlug", "3-pin 5 V").says("lighting-plugs", FITS, "3-pin 5 V");
        sound().adding(Slot.LIGHTING, "lightingPlug", "4-pin 12 V")
                .says("lighting-plugs", CLASH, "the wrong voltage destroys it");
        sound().with(Slot.MOTHERBOARD, "lightingHeaders", List.of())
                .adding(Slot.LIGHTING, "lightingPlug", "4-pin 12 V")
                .says("lighting-plugs", CAUTION, "no lighting header");
        sound().without(Slot.MOTHERBOARD, "lightingHeaders")
                .adding(Slot.CASE_FANS, "lightingPlug", "3-pin 5 V")
                .says("lighting-plugs", NOT_KNOWN, "lighting headers");
        sound().adding(Slot.LIGHTING, "lightingPlug", "4-pin 12 V", "controller", true)
                .isSilentOn("lighting-plugs");
    }

    @Test
    void wifiAndSystem() {
        sound().isSilentOn("wifi-once");
        sound().adding(Slot.WIFI).says("wifi-once", FITS, "brings it");
        sound().with(Slot.MOTHERBOARD, "radio", true).adding(Slot.WIFI).says("wifi-once", CAUTION, "is a second");
        sound().adding(Slot.WIFI, new Choice.OnTheBoard("")).says("wifi-once", CAUTION, "the board has none");
        sound().with(Slot.MOTHERBOARD, "radio", true)
                .adding(Slot.WIFI, new Choice.OnTheBoard(""))
                .says("wifi-once", FITS, "the board has Wi-Fi");
        sound().without(Slot.MOTHERBOARD, "radio").adding(Slot.WIFI).says("wifi-once", NOT_KNOWN, "radio on board");
        sound().choosing(Slot.OPERATING_SYSTEM, new Choice.Empty())
                .says("operating-system", CAUTION, "say whether the reader has one");
        sound().choosing(Slot.OPERATING_SYSTEM, new Choice.Owned("")).says("operating-system", FITS, "already owned");
    }

    @Test
    void releaseAndAvoid() {
        sound().says("release", FITS, "is on sale");
        for (var state : Map.of(Release.GONE, "is gone", Release.ENDING, "is ending", Release.ANNOUNCED, "is announced")
                .entrySet()) {
            var part = TestBuild.part(Slot.CASE, Map.of(), state.getKey(), Optional.empty());
            sound().choosing(Slot.CASE, new Choice.Chosen(part)).says("release", CAUTION, state.getValue());
        }
        var bad = TestBuild.part(Slot.CASE, Map.of(), Release.ON_SALE, Optional.of("its feet come off"));
        sound().isSilentOn("avoid");
        sound().choosing(Slot.CASE, new Choice.Chosen(bad)).says("avoid", CAUTION, "avoid list: its feet come off");
    }
}
