package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.core.check.Finding;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Condition;
import org.junit.jupiter.api.Test;

/** Cooling, one expectation a line. */
class CoolingChecksTest {
    @Test
    void present() {
        sound().says("cooler-present", "chosen");
        sound().choosing(Slot.COOLER, new Choice.InTheBox("")).says("cooler-present", "none");
        sound().with(Slot.PROCESSOR, "coolerInBox", true).says("cooler-present", "extra");
        sound().with(Slot.PROCESSOR, "coolerInBox", true).tellsReadersNothing("cooler-present");
        var boxed = sound().with(Slot.PROCESSOR, "coolerInBox", true).choosing(Slot.COOLER, new Choice.InTheBox(""));
        boxed.says("cooler-present", "boxed");
        boxed.bought(Slot.PROCESSOR, Condition.USED).says("cooler-present", "used", "without its boxed cooler");
        sound().without(Slot.PROCESSOR, "coolerInBox")
                .choosing(Slot.COOLER, new Choice.Empty())
                .lacks("cooler-present", "boxed cooler");
        sound().choosing(Slot.COOLER, new Choice.Owned("tower")).says("cooler-present", "owned");
    }

    /** What an offer says of the boxed cooler goes before what its condition lets expect. */
    @Test
    void anOfferWithAndWithoutItsCooler() {
        var boxed = sound().with(Slot.PROCESSOR, "coolerInBox", true).choosing(Slot.COOLER, new Choice.InTheBox(""));
        boxed.sold(Slot.PROCESSOR, Condition.NEW, false)
                .says("cooler-present", "without", "is sold without its boxed cooler");
        boxed.isSilentOn("cooler-capacity");
        boxed.sold(Slot.PROCESSOR, Condition.USED, true).says("cooler-present", "boxed");
        boxed.says("cooler-capacity", "carries", "carries 95 W");
        boxed.sold(Slot.PROCESSOR, Condition.USED, false).says("cooler-present", "used");
        var tower = sound().with(Slot.PROCESSOR, "coolerInBox", true);
        tower.sold(Slot.PROCESSOR, Condition.NEW, false).says("cooler-present", "chosen");
        tower.sold(Slot.PROCESSOR, Condition.NEW, true).says("cooler-present", "extra");
    }

    @Test
    void bracket() {
        sound().says("cooler-socket", "bracket");
        sound().with(Slot.COOLER, "sockets", List.of("Fen")).says("cooler-socket", "none", "it fits Fen");
        sound().with(Slot.COOLER, "sockets", List.of("Fen"))
                .with(Slot.COOLER, "bracketSeparate", List.of("Moor"))
                .says("cooler-socket", "separate");
    }

    /** Above 65% of the limit a lower power limit does; the boxed cooler is held to the same. */
    @Test
    void capacity() {
        sound().says("cooler-capacity", "carries", "carries 160 W");
        sound().with(Slot.PROCESSOR, "limit", 220).says("cooler-capacity", "limit", "set that power limit");
        sound().with(Slot.PROCESSOR, "limit", 247).says("cooler-capacity", "too-weak");
        sound().without(Slot.COOLER, "capacity").lacks("cooler-capacity", "cooling capacity");
        var boxed = sound().with(Slot.PROCESSOR, "coolerInBox", true).choosing(Slot.COOLER, new Choice.InTheBox(""));
        boxed.says("cooler-capacity", "carries", "carries 95 W");
        boxed.bought(Slot.PROCESSOR, Condition.USED).isSilentOn("cooler-capacity");
        sound().with(Slot.PROCESSOR, "coolerInBox", true)
                .bought(Slot.PROCESSOR, Condition.USED)
                .says("cooler-present", "chosen");
        boxed.with(Slot.PROCESSOR, "boxedCooler", 65).says("cooler-capacity", "limit", "65 W");
        boxed.without(Slot.PROCESSOR, "boxedCooler").lacks("cooler-capacity", "boxed cooler");
        sound().with(Slot.PROCESSOR, "coolerInBox", true)
                .choosing(Slot.COOLER, new Choice.Empty())
                .says("cooler-capacity", "carries", "95 W");
    }

    @Test
    void height() {
        sound().says("cooler-height", "room");
        sound().with(Slot.COOLER, "height", 158).says("cooler-height", "tight");
        sound().with(Slot.COOLER, "height", 161).says("cooler-height", "too-high", "takes only 160 mm");
        sound().with(Slot.CASE, "sideFanDepth", 25).says("cooler-height", "too-high", "takes only 135 mm");
        sound().without(Slot.CASE, "coolerHeight").lacks("cooler-height", "CPU cooler clearance");
        sound().with(Slot.COOLER, "height", "n/a").isSilentOn("cooler-height");
    }

    /** The front fan goes up over tall memory, and then the side panel is in its way. */
    @Test
    void overTallMemory() {
        sound().says("cooler-memory", "clears");
        var tall = sound().with(Slot.MEMORY, "height", 44).with(Slot.COOLER, "fanRises", false);
        tall.says("cooler-memory", "collides");
        tall.without(Slot.COOLER, "fanRises").lacks("cooler-memory", "front fan can be raised");
        tall.with(Slot.COOLER, "fanRises", true).says("cooler-memory", "raised", "up 4 mm over the memory, to 158 mm");
        tall.with(Slot.CASE, "sideFanDepth", 25).says("cooler-memory", "side-panel", "takes only 135 mm");
        tall.without(Slot.CASE, "sideFanDepth");
        tall.with(Slot.MEMORY, "height", 50).says("cooler-memory", "side-panel", "stands at 164 mm");
        sound().without(Slot.MEMORY, "height").lacks("cooler-memory", "height of Test memory");
    }

    @Test
    void firstSlot() {
        sound().with(Slot.COOLER, "overFirstSlot", false).says("cooler-first-slot", "free");
        sound().with(Slot.COOLER, "overFirstSlot", true).says("cooler-first-slot", "covered");
        sound().with(Slot.COOLER, "overFirstSlot", true)
                .choosing(Slot.GRAPHICS_CARD, new Choice.None())
                .isSilentOn("cooler-first-slot");
    }

    @Test
    void radiator() {
        sound().isSilentOn("radiator");
        var liquid = sound().with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52)
                .with(Slot.COOLER, "tube", 400);
        liquid.says("radiator", "place", "240 mm radiator goes at the top");
        liquid.with(Slot.MEMORY, "height", 44).says("radiator", "place", "at the front");
        liquid.with(Slot.COOLER, "tube", 200).says("radiator", "place", "at the front");
        liquid.with(Slot.COOLER, "radiatorThickness", 70).says("radiator", "none", "of 70 mm with its fans");
        sound().with(Slot.COOLER, "radiator", 360).says("radiator", "none", "takes a 360 mm");
        sound().with(Slot.COOLER, "radiator", 240)
                .without(Slot.CASE, "radiators")
                .lacks("radiator", "radiator mounts");
    }

    /** Unknown figures are never the best case: a usual thickness with its spread, and no place of unknown room. */
    @Test
    void radiatorOfUnknownFigures() {
        var liquid = sound().with(Slot.COOLER, "radiator", 240).with(Slot.COOLER, "tube", 400);
        liquid.with(Slot.CASE, "radiators", place(58)).says("radiator", "place");
        assertThat(liquid.of("radiator")).allMatch(Finding::onUsualValue);
        liquid.with(Slot.CASE, "radiators", place(55)).lacks("radiator", "radiator thickness with fans");
        liquid.with(Slot.CASE, "radiators", place(51)).says("radiator", "usual", "only usual");
        liquid.with(Slot.COOLER, "radiatorThickness", 52).says("radiator", "none");
        liquid.without(Slot.COOLER, "radiatorThickness");
        liquid.with(Slot.CASE, "radiators", List.of(Map.of("place", "top", "sizes", List.of("240"))))
                .lacks("radiator", "radiator mounts");
        sound().with(Slot.COOLER, "radiator", 240)
                .with(
                        Slot.CASE,
                        "radiators",
                        List.of(Map.of("place", "top", "sizes", List.of("240"), "thickness", 60, "tube", 300)))
                .lacks("radiator", "tube length");
    }

    /** Front fans are in the way of a radiator that may go there: not silence, and not where its author puts it elsewhere. */
    @Test
    void frontFansBesideARadiatorOfUnknownThickness() {
        var front = List.of(Map.of("place", "front", "sizes", List.of("240"), "thickness", 51));
        var fans = sound().with(Slot.COOLER, "radiator", 240)
                .with(Slot.CASE, "radiators", front)
                .adding(Slot.CASE_FANS, "size", 120, "count", 1)
                .at(Slot.CASE_FANS, "front");
        fans.lacks("fan-places", "radiator thickness with fans");
        fans.at(Slot.COOLER, "top").says("fan-places", "place");
    }

    private static List<Map<String, Object>> place(int thickness) {
        return List.of(Map.of("place", "top", "sizes", List.of("240"), "thickness", thickness));
    }

    @Test
    void radiatorWhereTheAuthorPutsIt() {
        var liquid = sound().with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52)
                .with(Slot.COOLER, "tube", 400);
        liquid.at(Slot.COOLER, "front").says("radiator", "place", "at the front");
        liquid.at(Slot.COOLER, "side").says("radiator", "chosen-place", "the side, does not take it");
    }

    @Test
    void driveCageAndEpsPlugs() {
        var liquid = sound().with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52)
                .with(Slot.COOLER, "pumpBelowRadiator", true);
        liquid.with(
                Slot.CASE,
                "radiators",
                List.of(Map.of(
                        "place",
                        "front",
                        "sizes",
                        List.of("240"),
                        "thickness",
                        60,
                        "takesCage",
                        true,
                        "overEps",
                        true)));
        liquid.lacks("radiator", "drive cage of Test case");
        liquid.with(Slot.CASE, "driveCage", "removable").says("radiator", "cage-out");
        liquid.with(Slot.CASE, "driveCage", "fixed").says("radiator", "cage");
        liquid.with(Slot.CASE, "driveCage", "none").says("radiator", "place");
        liquid.says("radiator-place", "eps");
        liquid.with(Slot.COOLER, "pumpBelowRadiator", false).says("radiator-place", "pump");
    }

    @Test
    void heatsinksUnderATopRadiator() {
        var places = List.of(Map.of("place", "top", "sizes", List.of("240"), "thickness", 60, "heatsinkHeight", 30));
        var liquid = sound().with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52)
                .with(Slot.CASE, "radiators", places);
        liquid.lacks("radiator", "heatsink height");
        liquid.with(Slot.MOTHERBOARD, "heatsinkHeight", 30).says("radiator", "place");
        liquid.with(Slot.MOTHERBOARD, "heatsinkHeight", 31).says("radiator", "none");
    }

    @Test
    void paste() {
        sound().says("paste", "boxed");
        sound().adding(Slot.PASTE).says("paste", "extra");
        var dry = sound().with(Slot.COOLER, "paste", false);
        dry.says("paste", "none");
        dry.adding(Slot.PASTE).says("paste", "chosen");
        sound().without(Slot.COOLER, "paste").lacks("paste", "paste in the box");
        sound().without(Slot.COOLER, "paste")
                .adding(Slot.PASTE, new Choice.Owned(""))
                .says("paste", "owned");
    }

    @Test
    void whatIsInTheBoxHasNoFiguresToAskFor() {
        var boxed = sound().with(Slot.PROCESSOR, "coolerInBox", true).choosing(Slot.COOLER, new Choice.InTheBox(""));
        boxed.isSilentOn("cooler-height");
        boxed.isSilentOn("cooler-socket");
    }
}
