package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lowfield.core.check.TestBuild;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Least;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.offer.Condition;
import lowfield.core.part.Release;
import org.junit.jupiter.api.Test;

/** The list as a whole, and what a tier asks for, one expectation a line. */
class ListAndBriefChecksTest {
    private static Wishes wishes(Set<String> colours, Wishes.Lit lit, boolean wifi, boolean ecc, boolean secure) {
        return new Wishes(
                colours,
                lit,
                wifi,
                ecc,
                secure,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Least.NONE);
    }

    private static Wishes theme(String... colours) {
        return wishes(Set.of(colours), Wishes.Lit.EITHER, false, false, false);
    }

    private static Wishes lit(Wishes.Lit lit) {
        return wishes(Set.of(), lit, false, false, false);
    }

    private static Wishes more(Integer noise, Set<String> ports, String floor, Set<Slot> beside, String region) {
        return new Wishes(
                Set.of(),
                Wishes.Lit.EITHER,
                false,
                false,
                false,
                Optional.ofNullable(noise),
                ports,
                Optional.ofNullable(floor),
                Optional.ofNullable(beside),
                Optional.ofNullable(region),
                Least.NONE);
    }

    private static TestBuild asked(Integer cardMemory, Integer storage, Integer endurance) {
        return sound().asked(new Wishes(
                Set.of(),
                Wishes.Lit.EITHER,
                false,
                false,
                false,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new Least(
                        Optional.ofNullable(cardMemory),
                        Optional.ofNullable(storage),
                        Optional.ofNullable(endurance))));
    }

    @Test
    void sizesThatATierAsksFor() {
        asked(8, null, null).with(Slot.GRAPHICS_CARD, "memory", 8).says("asked-card-memory", "enough");
        asked(12, null, null)
                .with(Slot.GRAPHICS_CARD, "memory", 8)
                .says("asked-card-memory", "short", "has 8 GB of memory; at least 12 GB are asked for");
        asked(12, null, null).without(Slot.GRAPHICS_CARD, "memory").lacks("asked-card-memory", "memory");
        asked(12, null, null).with(Slot.GRAPHICS_CARD, "memory", 8).tellsReadersNothing("asked-card-memory");
        sound().isSilentOn("asked-card-memory");
        var two = asked(null, 2000, null).with(Slot.SYSTEM_DRIVE, "capacity", 1000);
        two.says("asked-storage", "short", "hold 1000 GB");
        two.quantity(Slot.SYSTEM_DRIVE, 2).says("asked-storage", "enough", "hold 2000 GB");
        asked(null, 2000, null).without(Slot.SYSTEM_DRIVE, "capacity").lacks("asked-storage", "capacity");
        asked(null, 2000, null)
                .without(Slot.SYSTEM_DRIVE, "capacity")
                .adding(Slot.SECOND_DRIVE, "capacity", 2000)
                .says("asked-storage", "enough");
        sound().isSilentOn("asked-storage");
        asked(null, null, 600).with(Slot.SYSTEM_DRIVE, "endurance", 600).says("asked-endurance", "enough");
        asked(null, null, 601).with(Slot.SYSTEM_DRIVE, "endurance", 600).says("asked-endurance", "short");
        asked(null, null, 600).without(Slot.SYSTEM_DRIVE, "endurance").lacks("asked-endurance", "TBW");
        sound().isSilentOn("asked-endurance");
    }

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

    /** The white version is meant, and its name does not say so; the words count, not their order. */
    @Test
    void theVersionThatIsMeantIsHeldAgainstTheOneChosen() {
        var white = sound().meaning(Slot.CASE, "white");
        white.says("version-meant", "another", "Test case is not the version that is meant (white).");
        white.tellsReadersNothing("version-meant");
        sound().meaning(Slot.CASE, "Case, test").says("version-meant", "as-meant", "Test case is the version");
        assertThat(sound().of("version-meant")).isEmpty();
        assertThat(sound().choosing(Slot.CASE, new Choice.Owned(""))
                        .meaning(Slot.CASE, "white")
                        .of("version-meant"))
                .isEmpty();
    }

    @Test
    void theme() {
        var black = sound().with(Slot.CASE, "colour", "black").with(Slot.CASE, "window", true);
        for (var slot : List.of(Slot.MEMORY, Slot.MOTHERBOARD, Slot.GRAPHICS_CARD, Slot.COOLER)) {
            black.with(slot, "colour", "black");
        }
        black.asked(theme("black")).lacks("theme", "cable colour");
        black.with(Slot.POWER_SUPPLY, "cableColour", "black").says("theme", "of-theme", "Test memory is black");
        black.with(Slot.POWER_SUPPLY, "cableColour", "grey").says("theme", "other", "is grey; the theme is black");
        black.tellsReadersNothing("theme");
    }

    @Test
    void behindAClosedPanelOnlyTheCaseIsSeen() {
        var closed = sound().with(Slot.CASE, "colour", "black").with(Slot.CASE, "window", false);
        closed.with(Slot.MEMORY, "colour", "white").asked(theme("black"));
        assertThat(closed.of("theme"))
                .singleElement()
                .satisfies(f -> assertThat(f.evidence()).contains("Test case is black"));
    }

    @Test
    void lighting() {
        sound().says("lighting", "known", "0 parts have RGB lighting, 4 have none.");
        sound().without(Slot.CASE, "lightingPlug").lacks("lighting", "RGB lighting of Test case");
        sound().asked(lit(Wishes.Lit.WANTED)).says("lighting", "none-lit");
        sound().with(Slot.MEMORY, "lit", true)
                .asked(lit(Wishes.Lit.WANTED))
                .says("lighting", "known", "1 parts have RGB lighting, 3 have none.");
        sound().with(Slot.MEMORY, "lit", true)
                .asked(lit(Wishes.Lit.UNWANTED))
                .says("lighting", "unwanted", "Test memory has RGB lighting, and none is wanted.");
        sound().adding(Slot.LIGHTING, "lightingPlug", "4-pin 12 V")
                .asked(lit(Wishes.Lit.WANTED))
                .says("lighting-plugs", "voltage-wanted");
    }

    @Test
    void noiseAndPorts() {
        var quiet = more(30, Set.of(), null, null, null);
        var heard = sound().with(Slot.COOLER, "noise", 27)
                .with(Slot.GRAPHICS_CARD, "noise", 30)
                .with(Slot.POWER_SUPPLY, "noise", 20)
                .asked(quiet);
        heard.says("noise", "quiet", "27 dB; at most 30 dB");
        heard.with(Slot.COOLER, "noise", 31).says("noise", "loud", "31 dB");
        sound().asked(quiet).lacks("noise", "noise of Test power supply");
        var asked = more(null, Set.of("USB-C", "10 Gbit/s network"), null, null, null);
        sound().with(Slot.MOTHERBOARD, "rearPorts", List.of("USB-C", "10 Gbit/s network"))
                .asked(asked)
                .says("rear-ports", "all");
        sound().with(Slot.MOTHERBOARD, "rearPorts", List.of("USB-C"))
                .asked(asked)
                .says("rear-ports", "lacking", "no 10 Gbit/s network");
    }

    @Test
    void eccWifiAndFirstStart() {
        var ecc = wishes(Set.of(), Wishes.Lit.EITHER, false, true, false);
        var both = sound().with(Slot.MEMORY, "corrects", true)
                .with(Slot.MOTHERBOARD, "corrects", true)
                .asked(ecc);
        both.lacks("error-correction", "ECC support");
        both.with(Slot.PROCESSOR, "corrects", true).says("error-correction", "all");
        both.with(Slot.PROCESSOR, "corrects", false).says("error-correction", "cpu");
        both.with(Slot.MOTHERBOARD, "corrects", false).says("error-correction", "board");
        both.with(Slot.MEMORY, "corrects", false).says("error-correction", "memory");
        var wifi = wishes(Set.of(), Wishes.Lit.EITHER, true, false, false);
        sound().asked(wifi).says("radio-asked", "none");
        sound().with(Slot.MOTHERBOARD, "radio", true).asked(wifi).says("radio-asked", "board");
        sound().adding(Slot.WIFI).asked(wifi).says("radio-asked", "card");
        sound().adding(Slot.WIFI, new Choice.None()).asked(wifi).says("radio-asked", "none");
        var secure = sound().asked(wishes(Set.of(), Wishes.Lit.EITHER, false, false, true));
        secure.says("secure-boot", "switch-on");
        assertThat(secure.of("secure-boot")).allMatch(f -> f.outcome().firstStart() && f.verdict() == Verdict.NOTE);
        sound().says("memory-profile", "by-itself");
        sound().with(Slot.MEMORY, "baseSpeed", 4800)
                .says("memory-profile", "profile", "4800 MT/s until its memory profile");
        sound().with(Slot.MEMORY, "baseSpeed", 4800).tellsReaders("memory-profile", "5600 MT/s instead of 4800 MT/s");
        sound().says("resizable-bar", "not-needed");
        var leans = sound().with(Slot.GRAPHICS_CARD, "resizableBar", true);
        leans.lacks("resizable-bar", "resizable BAR of Test motherboard");
        leans.with(Slot.MOTHERBOARD, "resizableBar", "on").says("resizable-bar", "on");
        leans.with(Slot.MOTHERBOARD, "resizableBar", "none").says("resizable-bar", "none");
        leans.with(Slot.MOTHERBOARD, "resizableBar", "to be switched on").says("resizable-bar", "off");
    }

    @Test
    void psuFloorAndWarranty() {
        var good = more(null, Set.of(), "good", null, null);
        sound().asked(good).says("supply-floor", "reached");
        sound().with(Slot.POWER_SUPPLY, "quality", "fair").asked(good).says("supply-floor", "below");
        sound().with(Slot.POWER_SUPPLY, "quality", "nice").asked(good).says("supply-floor", "below");
        sound().without(Slot.POWER_SUPPLY, "quality").asked(good).lacks("supply-floor", "quality of Test");
        var here = more(null, Set.of(), null, null, "Home coast");
        var psu = sound().with(Slot.POWER_SUPPLY, "warranty", 10).asked(here);
        psu.lacks("supply-warranty", "where the warranty is served");
        psu.with(Slot.POWER_SUPPLY, "warrantyIn", List.of("Home coast")).says("supply-warranty", "served");
        psu.with(Slot.POWER_SUPPLY, "warrantyIn", List.of("Far coast"))
                .says("supply-warranty", "elsewhere", "not in Home coast");
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
