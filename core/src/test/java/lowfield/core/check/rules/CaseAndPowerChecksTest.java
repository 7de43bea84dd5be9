package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lowfield.core.check.Finding;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** PSU, storage, case, fans and lighting, one expectation a line. */
class CaseAndPowerChecksTest {
    /** 88 W and 165 W, 38 W for the motherboard, 8 for memory, 7 for the SSD, 3 for the fan: 309 W, and 371 W with a fifth. */
    @Test
    void rating() {
        sound().says("supply-rating", "enough", "Sustained peak: 309 W");
        sound().with(Slot.POWER_SUPPLY, "rating", 371)
                .with(Slot.POWER_SUPPLY, "rating12V", 371)
                .with(Slot.GRAPHICS_CARD, "recommendedSupply", 371)
                .says("supply-rating", "enough");
        sound().with(Slot.POWER_SUPPLY, "rating", 370).says("supply-rating", "headroom", "asks for 371 W");
        sound().with(Slot.POWER_SUPPLY, "rating", 300).says("supply-rating", "headroom");
        sound().with(Slot.POWER_SUPPLY, "rating", 252).says("supply-rating", "over", "choose one of 400 W");
        sound().with(Slot.GRAPHICS_CARD, "recommendedSupply", 650)
                .says("supply-rating", "recommended", "recommends 650 W");
        sound().with(Slot.POWER_SUPPLY, "rating12V", 360).says("supply-rating", "headroom", "rated 360 W");
        sound().without(Slot.POWER_SUPPLY, "rating").lacks("supply-rating", "rated power");
        sound().without(Slot.GRAPHICS_CARD, "boardPower").lacks("supply-rating", "board power of Test graphics card");
        sound().without(Slot.PROCESSOR, "limit").lacks("supply-rating", "maximum power");
        sound().without(Slot.PROCESSOR, "limit")
                .with(Slot.POWER_SUPPLY, "rating", 150)
                .says("supply-rating", "over");
    }

    /** 165 W spike by 150 to 200%; with 309 W that is 391 to 474 W. A PSU usually trips at 110 to 150% of its rating. */
    @Test
    void spikes() {
        sound().says("supply-spikes", "standard");
        var old = sound().with(Slot.POWER_SUPPLY, "standard", "ATX 2.5");
        old.says("supply-spikes", "below");
        assertThat(old.of("supply-spikes")).allMatch(Finding::onUsualValue);
        old.with(Slot.POWER_SUPPLY, "rating", 400).lacks("supply-spikes", "overcurrent limit");
        old.with(Slot.POWER_SUPPLY, "tripLevel", 474).says("supply-spikes", "below");
        old.with(Slot.POWER_SUPPLY, "tripLevel", 390).says("supply-spikes", "trips");
        old.with(Slot.GRAPHICS_CARD, "spike", 246)
                .with(Slot.POWER_SUPPLY, "tripLevel", 390)
                .says("supply-spikes", "below", "reach 390 W");
    }

    @Test
    void sizeOfThePsu() {
        sound().says("supply-length", "room");
        sound().with(Slot.POWER_SUPPLY, "length", 156).says("supply-length", "tight");
        sound().with(Slot.POWER_SUPPLY, "length", 161).says("supply-length", "too-long");
        sound().isSilentOn("supply-plug-room");
        var modular = sound().with(Slot.POWER_SUPPLY, "cables", "modular");
        modular.lacks("supply-plug-room", "PSU limit includes its cables");
        modular.with(Slot.CASE, "supplyLengthWithCables", true).isSilentOn("supply-plug-room");
        modular.with(Slot.CASE, "supplyLengthWithCables", false).says("supply-plug-room", "tight");
        modular.with(Slot.CASE, "supplyLength", 200).says("supply-plug-room", "room");
        sound().says("supply-format", "takes");
        sound().with(Slot.CASE, "supplyFormats", List.of("SFX")).says("supply-format", "too-large");
        var small = sound().with(Slot.POWER_SUPPLY, "format", "SFX").with(Slot.CASE, "supplyFormats", List.of("ATX"));
        small.lacks("supply-format", "bracket for a smaller PSU");
        small.with(Slot.CASE, "supplyBracket", true).says("supply-format", "bracket");
        small.with(Slot.CASE, "supplyBracket", false).says("supply-format", "no-bracket");
    }

    @Test
    void qualityAndCables() {
        sound().says("supply-quality", "tested");
        sound().with(Slot.POWER_SUPPLY, "quality", "poor").says("supply-quality", "poor");
        sound().isSilentOn("kept-cables");
        var kept = sound().with(Slot.POWER_SUPPLY, "cables", "modular")
                .adding(Slot.CABLES, new Choice.Owned("Kelder 450 Clay"));
        kept.lacks("kept-cables", "PSUs whose cables fit");
        kept.with(Slot.POWER_SUPPLY, "cablesOf", List.of("Kelder 450 Clay")).says("kept-cables", "listed");
        kept.with(Slot.POWER_SUPPLY, "cablesOf", List.of("Kelder 650 Clay")).says("kept-cables", "not-listed");
        var reach = sound().with(Slot.POWER_SUPPLY, "epsLength", 650).with(Slot.CASE, "innerHeight", 440);
        reach.says("cable-reach", "reach");
        reach.with(Slot.POWER_SUPPLY, "epsLength", 430).says("cable-reach", "short", "EPS");
        reach.with(Slot.POWER_SUPPLY, "epsLength", 650)
                .with(Slot.POWER_SUPPLY, "mainLength", 200)
                .says("cable-reach", "short", "main");
        sound().isSilentOn("sata-power");
        sound().adding(Slot.SECOND_DRIVE, DISK).says("sata-power", "enough");
        sound().with(Slot.POWER_SUPPLY, "sataPlugs", 1)
                .with(Slot.COOLER, "sataPlugs", 1)
                .adding(Slot.SECOND_DRIVE, DISK)
                .says("sata-power", "short", "2 SATA power plugs are needed");
        sound().with(Slot.POWER_SUPPLY, "sataPlugs", 1)
                .adding(Slot.OTHER, "sataPlugs", 2)
                .says("sata-power", "short", "2 SATA power plugs are needed");
    }

    private static final Object[] DISK = {"type", "hard disk", "shape", "3.5 inch", "protocol", "SATA"};

    @Test
    void motherboardInTheCase() {
        sound().says("board-format", "takes");
        sound().with(Slot.MOTHERBOARD, "format", "ATX").says("board-format", "other");
        var wide = sound().with(Slot.MOTHERBOARD, "format", "E-ATX").with(Slot.CASE, "formats", List.of("E-ATX"));
        wide.lacks("board-format", "width of Test motherboard");
        wide.with(Slot.MOTHERBOARD, "width", 272).lacks("board-format", "widest motherboard");
        wide.with(Slot.CASE, "boardWidth", 272).says("board-format", "width");
        wide.with(Slot.CASE, "boardWidth", 271).says("board-format", "too-wide");
        sound().with(Slot.MOTHERBOARD, "format", "mini-ITX")
                .with(Slot.CASE, "formats", List.of("ATX", "mini-ITX"))
                .says("small-board", "large");
        var rear = sound().with(Slot.MOTHERBOARD, "rearConnectors", true);
        rear.lacks("rear-connectors", "cut-outs");
        rear.with(Slot.CASE, "rearConnectors", true).says("rear-connectors", "cut-outs");
        rear.with(Slot.CASE, "rearConnectors", false).says("rear-connectors", "none");
    }

    @Test
    void frontPortsAndHeaders() {
        sound().says("front-usb", "header");
        sound().with(Slot.MOTHERBOARD, "frontUsbC", false).says("front-usb", "none");
        sound().with(Slot.CASE, "frontUsbC", false).isSilentOn("front-usb");
        sound().with(Slot.CASE, "frontUsbCSpeed", 20)
                .with(Slot.MOTHERBOARD, "frontUsbCSpeed", 10)
                .says("front-usb", "slower");
        sound().with(Slot.CASE, "frontUsbA", 2).says("front-usb-a", "enough");
        sound().with(Slot.CASE, "frontUsbA", 4).says("front-usb-a", "short");
        sound().isSilentOn("usb-2-headers");
        sound().with(Slot.COOLER, "usb2Headers", 2).says("usb-2-headers", "enough");
        sound().with(Slot.COOLER, "usb2Headers", 3).says("usb-2-headers", "short");
        sound().with(Slot.CASE, "cableRoom", 20).says("cable-room", "room");
        sound().with(Slot.CASE, "cableRoom", 14).says("cable-room", "tight");
    }

    @Test
    void wifiModulesAndAntennas() {
        var module = sound().adding(Slot.WIFI, "needsChipset", true);
        module.lacks("radio-module", "slot for a chipset Wi-Fi module");
        module.with(Slot.MOTHERBOARD, "radioModuleSlot", true).says("radio-module", "there");
        module.with(Slot.MOTHERBOARD, "radioModuleSlot", false).says("radio-module", "none");
        var radio = sound().with(Slot.MOTHERBOARD, "radio", true);
        radio.with(Slot.MOTHERBOARD, "antennas", true).says("antennas", "there");
        radio.with(Slot.MOTHERBOARD, "antennas", false).says("antennas", "none");
        sound().with(Slot.MOTHERBOARD, "radio", false)
                .adding(Slot.WIFI, "bus", "PCIe x1", "antennas", true)
                .says("antennas", "card-there");
        sound().with(Slot.MOTHERBOARD, "radio", false)
                .adding(Slot.WIFI, "bus", "PCIe x1", "antennas", false)
                .says("antennas", "card-none", "Add a set");
        sound().with(Slot.MOTHERBOARD, "radio", false)
                .adding(Slot.WIFI, "bus", "PCIe x1")
                .lacks("antennas", "antennas in the box");
        sound().with(Slot.MOTHERBOARD, "radio", false)
                .adding(Slot.WIFI, "bus", "USB")
                .isSilentOn("antennas");
    }

    @Test
    void fans() {
        sound().says("fan-headers", "each");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 3, "current", 200)
                .says("fan-headers", "splitters", "4 case fans on 3 headers");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 20, "current", 400).says("fan-headers", "overloaded");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 11, "current", 400)
                .lacks("fan-headers", "current of a fan header");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 6, "hub", 6).says("fan-headers", "hub");
        sound().without(Slot.MOTHERBOARD, "fanHeaders").lacks("fan-headers", "fan headers");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 3).says("fan-places", "place");
        sound().adding(Slot.CASE_FANS, "size", 140, "count", 1).says("fan-places", "size");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 4).says("fan-places", "too-many");
        sound().with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52)
                .at(Slot.COOLER, "front")
                .adding(Slot.CASE_FANS, "size", 120, "count", 1)
                .at(Slot.CASE_FANS, "front")
                .says("fan-places", "radiator");
        sound().adding(Slot.CASE_FANS, "size", 120, "count", 1, "pins", 3).lacks("fan-control", "3-pin fans");
        sound().with(Slot.MOTHERBOARD, "fanVoltageControl", false)
                .adding(Slot.CASE_FANS, "count", 1, "pins", 3)
                .says("fan-control", "full-speed");
        sound().adding(Slot.CASE_FANS, "count", 1, "pins", 4).says("fan-control", "controlled");
        var pump = sound().with(Slot.COOLER, "radiator", 240);
        pump.with(Slot.MOTHERBOARD, "pumpHeaders", 1).says("pump-header", "there");
        pump.with(Slot.MOTHERBOARD, "pumpHeaders", 0).says("pump-header", "fan-header");
    }

    /** Added fans do not make air flow by themselves: all of them can blow the same way. */
    @Test
    void air() {
        sound().says("air", "moves", "0 fans blow in, 1 out");
        var inward = sound().with(Slot.CASE, "fansIn", 2).with(Slot.CASE, "fansOut", 0);
        inward.says("air", "intake-only");
        inward.with(Slot.CASE, "vented", false).says("air", "one-way");
        inward.without(Slot.CASE, "vented").lacks("air", "mesh front");
        sound().with(Slot.CASE, "fans", 0).says("air", "none", "253 W");
        sound().with(Slot.CASE, "fans", 0)
                .with(Slot.GRAPHICS_CARD, "boardPower", 60)
                .says("air", "little-heat");
        var outward = sound().with(Slot.CASE, "vented", false)
                .adding(Slot.CASE_FANS, "count", 2)
                .at(Slot.CASE_FANS, "top");
        outward.says("air", "one-way", "0 blow in, 3 out");
        outward.at(Slot.CASE_FANS, "front").says("air", "moves", "2 fans blow in, 1 out");
        sound().without(Slot.CASE, "fans").lacks("air", "fans included");
        sound().adding(Slot.CASE_FANS, "count", 2).says("air", "placed", "2 fans blow in, 1 out");
        var one = sound().with(Slot.CASE, "fans", 0).with(Slot.CASE, "vented", false);
        one.adding(Slot.CASE_FANS, "count", 1).says("air", "one-way", "1 blow in, 0 out");
        one.adding(Slot.CASE_FANS, "count", 1).says("air", "placed", "1 fans blow in, 1 out");
    }

    /** Two keyed plugs that carry different voltages. */
    @Test
    void lightingPlugs() {
        sound().isSilentOn("lighting-plugs");
        sound().adding(Slot.LIGHTING, "lightingPlug", "3-pin 5 V").says("lighting-plugs", "header");
        var wrong = sound().adding(Slot.LIGHTING, "lightingPlug", "4-pin 12 V");
        wrong.says("lighting-plugs", "voltage", "the wrong voltage destroys it");
        wrong.with(Slot.MOTHERBOARD, "lightingHeaders", List.of()).says("lighting-plugs", "no-header");
        sound().without(Slot.MOTHERBOARD, "lightingHeaders")
                .adding(Slot.CASE_FANS, "lightingPlug", "3-pin 5 V")
                .lacks("lighting-plugs", "RGB headers");
        sound().adding(Slot.LIGHTING, "lightingPlug", "4-pin 12 V", "controller", true)
                .says("lighting-plugs", "controller");
        sound().with(Slot.CASE, "lightingController", true)
                .adding(Slot.LIGHTING, "lightingPlug", "4-pin 12 V")
                .says("lighting-plugs", "controller");
    }
}
