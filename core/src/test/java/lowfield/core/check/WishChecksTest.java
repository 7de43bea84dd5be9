package lowfield.core.check;

import static lowfield.core.check.TestBuild.sound;
import static lowfield.core.check.Verdict.CAUTION;
import static lowfield.core.check.Verdict.CLASH;
import static lowfield.core.check.Verdict.FITS;
import static lowfield.core.check.Verdict.NOT_KNOWN;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.guide.Wishes.Lit;
import org.junit.jupiter.api.Test;

/** What a tier asks for, one expectation a line. */
class WishChecksTest {
    private static Wishes theme(String... colours) {
        return wishes(Set.of(colours), Lit.EITHER, false, false, false);
    }

    private static Wishes lit(Lit lit) {
        return wishes(Set.of(), lit, false, false, false);
    }

    private static Wishes wishes(Set<String> colours, Lit lit, boolean radio, boolean corrects, boolean secure) {
        return new Wishes(
                colours,
                lit,
                radio,
                corrects,
                secure,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Wishes more(Integer noise, Set<String> ports, String floor, Set<Slot> beside, String region) {
        return new Wishes(
                Set.of(),
                Lit.EITHER,
                false,
                false,
                false,
                Optional.ofNullable(noise),
                ports,
                Optional.ofNullable(floor),
                Optional.ofNullable(beside),
                Optional.ofNullable(region));
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

    @Test
    void theme() {
        var black = sound().with(Slot.CASE, "colour", "black").with(Slot.CASE, "window", true);
        black.with(Slot.MEMORY, "colour", "black").asked(theme("black"));
        black.says("theme", FITS, "Test memory is black");
        black.says("theme", NOT_KNOWN, "colour of Test motherboard");
        black.with(Slot.MEMORY, "colour", "white").says("theme", CAUTION, "is white; the theme is black");
    }

    @Test
    void behindAClosedPanelOnlyTheCaseIsSeen() {
        var closed = sound().with(Slot.CASE, "colour", "black").with(Slot.CASE, "window", false);
        closed.with(Slot.MEMORY, "colour", "white").asked(theme("black"));
        closed.says("theme", FITS, "Test case is black");
        assertThat(Checks.on(closed.build()).stream().filter(f -> f.check().id().equals("theme")))
                .hasSize(1);
    }

    @Test
    void lighting() {
        sound().says("lighting", FITS, "0 parts are lit");
        sound().without(Slot.CASE, "lightingPlug").says("lighting", NOT_KNOWN, "lighting plug of Test case");
        sound().asked(lit(Lit.WANTED)).says("lighting", CAUTION, "nothing is lit");
        sound().with(Slot.MEMORY, "lit", true).asked(lit(Lit.WANTED)).says("lighting", FITS, "1 parts are lit");
        sound().with(Slot.MEMORY, "lit", true)
                .asked(lit(Lit.UNWANTED))
                .says("lighting", CAUTION, "Test memory is lit, and no lighting is wanted");
        sound().asked(lit(Lit.UNWANTED)).says("lighting", FITS, "0 parts are lit");
        sound().adding(Slot.LIGHTING).asked(lit(Lit.UNWANTED)).says("lighting", CAUTION, "Test lighting is lit");
    }

    @Test
    void noise() {
        var quiet = more(30, Set.of(), null, null, null);
        sound().with(Slot.COOLER, "noise", 27).asked(quiet).says("noise", FITS, "27 dB; at most 30 dB");
        sound().with(Slot.COOLER, "noise", 31).asked(quiet).says("noise", CAUTION, "31 dB; at most 30 dB");
        sound().asked(quiet).says("noise", NOT_KNOWN, "noise of Test power supply");
    }

    @Test
    void errorCorrection() {
        var asked = wishes(Set.of(), Lit.EITHER, false, true, false);
        var both = sound().with(Slot.MEMORY, "corrects", true).with(Slot.MOTHERBOARD, "corrects", true);
        both.asked(asked).says("error-correction", FITS, "memory and board correct");
        both.with(Slot.MOTHERBOARD, "corrects", false).says("error-correction", CAUTION, "the board does not run it");
        both.with(Slot.MEMORY, "corrects", false).says("error-correction", CAUTION, "the memory does not correct");
        both.without(Slot.MEMORY, "corrects").says("error-correction", NOT_KNOWN, "error correction of Test memory");
    }

    @Test
    void rearPorts() {
        var asked = more(null, Set.of("USB-C", "10 Gbit/s network"), null, null, null);
        sound().with(Slot.MOTHERBOARD, "rearPorts", List.of("USB-C", "10 Gbit/s network", "HDMI"))
                .asked(asked)
                .says("rear-ports", FITS, "10 Gbit/s network, USB-C");
        sound().with(Slot.MOTHERBOARD, "rearPorts", List.of("USB-C"))
                .asked(asked)
                .says("rear-ports", CAUTION, "no 10 Gbit/s network");
        sound().asked(asked).says("rear-ports", NOT_KNOWN, "rear ports of Test motherboard");
    }

    @Test
    void radioAsked() {
        var asked = wishes(Set.of(), Lit.EITHER, true, false, false);
        sound().asked(asked).says("radio-asked", CAUTION, "neither the board nor a card");
        sound().with(Slot.MOTHERBOARD, "radio", true).asked(asked).says("radio-asked", FITS, "on the board");
        sound().adding(Slot.WIFI).asked(asked).says("radio-asked", FITS, "brings it");
        sound().adding(Slot.WIFI, new Choice.None()).asked(asked).says("radio-asked", CAUTION, "neither");
        sound().without(Slot.MOTHERBOARD, "radio").asked(asked).says("radio-asked", NOT_KNOWN, "radio on board");
    }

    @Test
    void supplyFloor() {
        var good = more(null, Set.of(), "good", null, null);
        sound().with(Slot.POWER_SUPPLY, "quality", "good").asked(good).says("supply-floor", FITS, "asks for good");
        sound().with(Slot.POWER_SUPPLY, "quality", "excellent").asked(good).says("supply-floor", FITS, "excellent");
        sound().with(Slot.POWER_SUPPLY, "quality", "fair").asked(good).says("supply-floor", CLASH, "fair");
        sound().with(Slot.POWER_SUPPLY, "quality", "nice").asked(good).says("supply-floor", CLASH, "nice");
        sound().without(Slot.POWER_SUPPLY, "quality").asked(good).says("supply-floor", NOT_KNOWN, "quality of Test");
    }

    @Test
    void supplyWarranty() {
        var here = more(null, Set.of(), null, null, "Home coast");
        var supply = sound().with(Slot.POWER_SUPPLY, "warranty", 10).asked(here);
        supply.says("supply-warranty", NOT_KNOWN, "where the warranty is served");
        supply.with(Slot.POWER_SUPPLY, "warrantyIn", List.of("Home coast")).says("supply-warranty", FITS, "10 years");
        supply.with(Slot.POWER_SUPPLY, "warrantyIn", List.of("Far coast"))
                .says("supply-warranty", CAUTION, "and not in Home coast");
    }

    @Test
    void secureBoot() {
        sound().asked(wishes(Set.of(), Lit.EITHER, false, false, true)).says("secure-boot", CAUTION, "at first start");
    }

    @Test
    void counted() {
        var asked = more(null, Set.of(), null, Set.of(Slot.SCREEN), null);
        sound().asked(asked).says("counted", FITS, "lines count as the tier says");
        sound().adding(Slot.SCREEN).asked(asked).says("counted", CAUTION, "Test screen is counted");
        sound().uncounted(Slot.CASE).asked(asked).says("counted", CAUTION, "Test case stands beside the total");
    }

    @Test
    void whatIsAskedForIsBounded() {
        assertThatThrownBy(() -> more(0, Set.of(), null, null, null))
                .isInstanceOf(RuleBroken.class)
                .hasMessageContaining("1 to 120 dB");
        assertThatThrownBy(() -> more(null, Set.of(), "splendid", null, null))
                .hasMessageContaining("poor, fair, good, excellent, not \"splendid\"");
    }

    @Test
    void firstStart() {
        sound().says("memory-profile", FITS, "5600 MT/s by itself");
        sound().with(Slot.MEMORY, "baseSpeed", 4800)
                .says(
                        "memory-profile",
                        CAUTION,
                        "4800 MT/s until its profile is switched on at first start, then at 5600");
        sound().without(Slot.MEMORY, "baseSpeed").says("memory-profile", NOT_KNOWN, "speed without its profile");
        sound().says("resizable-bar", FITS, "does not lean");
        var leans = sound().with(Slot.GRAPHICS_CARD, "resizableBar", true);
        leans.says("resizable-bar", NOT_KNOWN, "resizable BAR of Test motherboard");
        leans.with(Slot.MOTHERBOARD, "resizableBar", "on").says("resizable-bar", FITS, "it is on");
        leans.with(Slot.MOTHERBOARD, "resizableBar", "none").says("resizable-bar", CAUTION, "has none");
        leans.with(Slot.MOTHERBOARD, "resizableBar", "to be switched on")
                .says("resizable-bar", CAUTION, "to be switched on at first start");
    }

    @Test
    void ranksCountWithTheModules() {
        var two = sound().with(Slot.MEMORY, "ranks", 2);
        two.says("memory-speed", NOT_KNOWN, "modules of two ranks");
        two.with(Slot.PROCESSOR, "memorySpeedTwoRanks", 5600).says("memory-speed", FITS, "5600 with two ranks");
        two.with(Slot.PROCESSOR, "memorySpeedTwoRanks", 5200)
                .says("memory-speed", CAUTION, "official 5200 with two ranks: an overclock");
        two.quantity(Slot.MEMORY, 2)
                .with(Slot.PROCESSOR, "memorySpeedFourTwoRanks", 3600)
                .says("memory-speed", CAUTION, "3600 with four modules of two ranks");
    }

    @Test
    void aTopRadiatorClearsTheBoardsHeatsinks() {
        var places = List.of(java.util.Map.of("place", "top", "sizes", List.of("240"), "heatsinkHeight", 30));
        var liquid = sound().with(Slot.COOLER, "radiator", 240).with(Slot.CASE, "radiators", places);
        liquid.with(Slot.MOTHERBOARD, "heatsinkHeight", 30).says("radiator", FITS, "goes top");
        liquid.with(Slot.MOTHERBOARD, "heatsinkHeight", 31).says("radiator", CLASH, "no place of the case");
    }
}
