package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;

import java.util.Map;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

class CardPowerChecksTest {
    private static Map<String, Object> slot(int position, int lanes) {
        return Map.of("name", "slot " + position, "lanes", lanes, "generation", 4, "position", position);
    }

    @Test
    void support() {
        sound().says("card-bracket", "light");
        sound().with(Slot.GRAPHICS_CARD, "weight", 1800).says("card-bracket", "light");
        var heavy = sound().with(Slot.GRAPHICS_CARD, "weight", 1800).with(Slot.GRAPHICS_CARD, "length", 301);
        heavy.lacks("card-bracket", "bracket in the box");
        heavy.with(Slot.GRAPHICS_CARD, "bracket", true).says("card-bracket", "held");
        heavy.with(Slot.GRAPHICS_CARD, "bracket", false).says("card-bracket", "sags");
        heavy.adding(Slot.OTHER, "holdsCard", true).says("card-bracket", "held");
    }

    @Test
    void upright() {
        sound().isSilentOn("card-upright");
        var upright = sound().at(Slot.GRAPHICS_CARD, "upright")
                .with(Slot.CASE, "uprightThickness", 50)
                .with(Slot.CASE, "riserGeneration", 4);
        upright.isSilentOn("card-thickness");
        upright.lacks("card-upright", "room from an upright card");
        upright.with(Slot.CASE, "uprightRoom", 65).says("card-upright", "stands");
        upright.with(Slot.CASE, "uprightRoom", 64).says("card-upright", "little-air", "19 mm of air");
        upright.with(Slot.CASE, "uprightRoom", 80)
                .with(Slot.CASE, "riserGeneration", 3)
                .says("card-upright", "slow-riser");
        upright.with(Slot.GRAPHICS_CARD, "thickness", 51).says("card-upright", "too-thick");
    }

    @Test
    void fedByTheMotherboard() {
        var fed = sound().with(Slot.GRAPHICS_CARD, "boardFed", true);
        fed.lacks("card-board-power", "edge connector");
        fed.with(Slot.MOTHERBOARD, "cardPowerEdge", true).says("card-board-power", "there");
        fed.with(Slot.MOTHERBOARD, "cardPowerEdge", false).says("card-board-power", "none");
        fed.says("card-power", "board");
    }

    @Test
    void power() {
        sound().says("card-power", "plugs", "asks for 1 8-pin PCIe plugs; the PSU has 2");
        sound().with(Slot.GRAPHICS_CARD, "eightPins", 3).says("card-power", "too-few");
        sound().with(Slot.GRAPHICS_CARD, "eightPins", 0).says("card-power", "slot");
        sound().without(Slot.POWER_SUPPLY, "eightPins").lacks("card-power", "8-pin PCIe plugs");
    }

    /** A card with a 12V-2x6 plug is checked though 8-pin plugs do not apply to it. */
    @Test
    void sixteenPinPlug() {
        var card = sound().with(Slot.GRAPHICS_CARD, "sixteenPin", true).with(Slot.GRAPHICS_CARD, "eightPins", "n/a");
        card.says("card-power", "native", "165 W; the PSU has its own cable for 600 W");
        card.without(Slot.POWER_SUPPLY, "sixteenPinWatts").lacks("card-power", "12V-2x6 cable power");
        card.with(Slot.POWER_SUPPLY, "sixteenPinWatts", 300)
                .with(Slot.GRAPHICS_CARD, "boardPower", 375)
                .says("card-power", "watts-short");
        card.with(Slot.GRAPHICS_CARD, "boardPower", 376).says("card-power", "watts");
        var adapter = sound().with(Slot.GRAPHICS_CARD, "sixteenPin", true)
                .with(Slot.POWER_SUPPLY, "sixteenPin", false)
                .with(Slot.GRAPHICS_CARD, "adapter", 2);
        adapter.says("card-power", "adapter", "2 of its 2 8-pin PCIe plugs");
        adapter.with(Slot.GRAPHICS_CARD, "adapter", 3).says("card-power", "no-plug");
        adapter.with(Slot.GRAPHICS_CARD, "adapter", "n/a").says("card-power", "no-plug");
        adapter.without(Slot.GRAPHICS_CARD, "adapter").lacks("card-power", "8-pin plugs of the included adapter");
    }

    @Test
    void sharedCables() {
        sound().isSilentOn("card-cables");
        var two = sound().with(Slot.GRAPHICS_CARD, "eightPins", 2).with(Slot.GRAPHICS_CARD, "boardPower", 300);
        two.says("card-cables", "own");
        two.with(Slot.POWER_SUPPLY, "pcieCables", 1).says("card-cables", "shared", "up to 225 W");
        two.with(Slot.GRAPHICS_CARD, "boardPower", 301).says("card-cables", "overloaded", "226 W");
        two.without(Slot.POWER_SUPPLY, "pcieCables").lacks("card-cables", "separate PCIe cables");
    }
}
