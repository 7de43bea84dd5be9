package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.offer.Condition;
import lowfield.core.part.Release;
import org.junit.jupiter.api.Test;

/** The list as a whole, and what a tier asks for, one expectation a line. */
class ListAndBriefChecksTest extends BriefCase {
    @Test
    void slots() {
        sound().choosing(Slot.CASE, new Choice.Empty()).says("slot-empty", "empty", "No case chosen");
        sound().choosing(Slot.PROCESSOR, new Choice.Empty()).says("slot-empty", "empty", "No CPU chosen");
        sound().twice(Slot.POWER_SUPPLY).says("slot-twice", "twice", "2 pieces on 2 lines");
        sound().quantity(Slot.CASE, 2).says("slot-twice", "twice", "2 pieces on 1 lines");
        sound().quantity(Slot.MEMORY, 2).isSilentOn("slot-twice");
        sound().adding(Slot.CASE_FANS, "count", 1)
                .adding(Slot.CASE_FANS, "count", 1)
                .isSilentOn("slot-twice");
    }

    @Test
    void deliberatelyNone() {
        sound().isSilentOn("deliberately-none");
        sound().choosing(Slot.CASE, new Choice.None()).says("deliberately-none", "left-out", "No case on purpose");
        sound().choosing(Slot.CASE, new Choice.None()).tellsReaders("deliberately-none", "comes without a case");
        sound().choosing(Slot.GRAPHICS_CARD, new Choice.None()).isSilentOn("deliberately-none");
    }

    @Test
    void releaseAndAvoid() {
        sound().says("release", "on-sale");
        for (var state : Map.of(Release.GONE, "gone", Release.ENDING, "ending", Release.ANNOUNCED, "announced")
                .entrySet()) {
            var part = TestBuild.part(Slot.CASE, Map.of(), state.getKey(), Optional.empty());
            sound().choosing(Slot.CASE, new Choice.Chosen(part)).says("release", state.getValue());
        }
        var bad = TestBuild.part(Slot.CASE, Map.of(), Release.ON_SALE, Optional.of("its feet come off"));
        sound().isSilentOn("avoid");
        sound().choosing(Slot.CASE, new Choice.Chosen(bad)).says("avoid", "advised-against", "its feet come off");
        sound().choosing(Slot.CASE, new Choice.Chosen(bad)).tellsReadersNothing("avoid");
        sound().isSilentOn("used-part");
        sound().bought(Slot.GRAPHICS_CARD, Condition.REFURBISHED).says("used-part", "used", "bought refurbished");
        var onlyNew = sound().bought(Slot.GRAPHICS_CARD, Condition.REFURBISHED)
                .asked(Wishes.NONE.admitting(Set.of(Condition.NEW)));
        onlyNew.says("used-part", "not-admitted", "the tier's policy excludes that");
        onlyNew.asked(Wishes.NONE.admitting(Set.of(Condition.NEW, Condition.REFURBISHED)))
                .says("used-part", "used");
    }

    @Test
    void wifiNetworkAndSystem() {
        sound().isSilentOn("wifi-once");
        sound().adding(Slot.WIFI).says("wifi-once", "card");
        sound().with(Slot.MOTHERBOARD, "radio", true).adding(Slot.WIFI).says("wifi-once", "second");
        sound().adding(Slot.WIFI, new Choice.OnTheBoard("")).says("wifi-once", "missing");
        sound().with(Slot.MOTHERBOARD, "radio", true)
                .adding(Slot.WIFI, new Choice.OnTheBoard(""))
                .says("wifi-once", "board");
        sound().without(Slot.MOTHERBOARD, "radio").adding(Slot.WIFI).lacks("wifi-once", "Wi-Fi");
        sound().says("network", "there");
        var off = sound().with(Slot.MOTHERBOARD, "rearPorts", List.of("USB-A"));
        off.says("network", "none");
        off.adding(Slot.WIFI).says("network", "there");
        sound().without(Slot.MOTHERBOARD, "rearPorts").lacks("network", "rear ports");
        sound().choosing(Slot.OPERATING_SYSTEM, new Choice.Empty()).says("operating-system", "not-said");
        sound().choosing(Slot.OPERATING_SYSTEM, new Choice.Owned("")).says("operating-system", "said");
    }

    @Test
    void nothingIsSaidOfWhatNobodyAsksFor() {
        for (var check : List.of(
                "theme",
                "noise",
                "error-correction",
                "rear-ports",
                "radio-asked",
                "supply-floor",
                "supply-warranty",
                "secure-boot",
                "counted")) {
            sound().isSilentOn(check);
        }
    }

    /** A clash that is published all the same is no secret, but what only the tier asked for is. */
    @Test
    void clashesAreToldToReaders() {
        sound().with(Slot.GRAPHICS_CARD, "length", 311).tellsReaders("card-length", "takes only 310 mm");
        var floor = more(null, Set.of(), "good", null, null);
        sound().with(Slot.POWER_SUPPLY, "quality", "fair").asked(floor).tellsReadersNothing("supply-floor");
    }

    @Test
    void counted() {
        var asked = more(null, Set.of(), null, Set.of(Slot.SCREEN), null);
        sound().asked(asked).says("counted", "as-said");
        sound().adding(Slot.SCREEN).asked(asked).says("counted", "in");
        sound().uncounted(Slot.CASE).asked(asked).says("counted", "out");
    }
}
