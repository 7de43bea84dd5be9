package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import org.junit.jupiter.api.Test;

/** Checks of what a tier promises. */
class BriefChecksTest extends BriefCase {
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

    /** The white version is meant, and its name does not say so; the words count, not their order. */
    @Test
    void theVersionThatIsMeantIsHeldAgainstTheOneChosen() {
        sound().meaning(Slot.CASE, "white").lacks("version-meant", "colour of Test case");
        var white = sound().with(Slot.CASE, "colour", "black").meaning(Slot.CASE, "white");
        white.says("version-meant", "another", "Test case is not the version that is meant (white).");
        white.tellsReadersNothing("version-meant");
        sound().with(Slot.CASE, "colour", "white").meaning(Slot.CASE, "white").says("version-meant", "as-meant");
        sound().with(Slot.CASE, "colour", "black").meaning(Slot.CASE, "white").says("version-meant", "another");
        sound().meaning(Slot.MOTHERBOARD, "micro-ATX").says("version-meant", "as-meant");
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
}
