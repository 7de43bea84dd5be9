package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;

/** The graphics card, what feeds it and what it drives, one expectation a line. */
class CardChecksTest {
    @Test
    void length() {
        sound().says("card-length", "room", "242 mm long; the case takes 310 mm with what stands at the front");
        sound().with(Slot.GRAPHICS_CARD, "length", 305).says("card-length", "room");
        sound().with(Slot.GRAPHICS_CARD, "length", 306).says("card-length", "tight");
        sound().with(Slot.GRAPHICS_CARD, "length", 311).says("card-length", "too-long", "takes only 310 mm");
        sound().without(Slot.GRAPHICS_CARD, "length").lacks("card-length", "length of Test graphics card");
        sound().without(Slot.CASE, "cardLength").lacks("card-length", "graphics card clearance");
        sound().choosing(Slot.GRAPHICS_CARD, new Choice.None()).isSilentOn("card-length");
    }

    /** A bare figure loses the fans at the front: none blow in here, one does there, and added ones may. */
    @Test
    void aBareLengthLosesFrontFans() {
        var bare = sound();
        bare.with(Slot.GRAPHICS_CARD, "length", 305).says("card-length", "room");
        bare.with(Slot.CASE, "fansIn", 1);
        bare.with(Slot.GRAPHICS_CARD, "length", 277).says("card-length", "room", "about 285 mm");
        bare.with(Slot.GRAPHICS_CARD, "length", 284).lacks("card-length", "card clearance with a front radiator");
        bare.with(Slot.GRAPHICS_CARD, "length", 286).says("card-length", "too-long-usual");
        var added = sound().with(Slot.GRAPHICS_CARD, "length", 290).adding(Slot.CASE_FANS, "count", 1, "size", 120);
        added.lacks("card-length", "radiator");
        added.at(Slot.CASE_FANS, "rear").says("card-length", "room");
        added.at(Slot.CASE_FANS, "front").says("card-length", "too-long-usual");
    }

    /** A figure of which nobody says what was in front decides only where that cannot matter. */
    @Test
    void aLengthOfUnknownBasis() {
        var unknown = sound().without(Slot.CASE, "cardLengthBasis").with(Slot.CASE, "fansIn", 1);
        unknown.says("card-length", "room", "whatever it was measured with");
        unknown.with(Slot.GRAPHICS_CARD, "length", 300).lacks("card-length", "measured with of Test case");
        unknown.with(Slot.GRAPHICS_CARD, "length", 311).lacks("card-length", "measured with of Test case");
        unknown.with(Slot.GRAPHICS_CARD, "length", 341).says("card-length", "too-long-usual", "about 337 mm, whatever");
    }

    /** The maker measured with fans or a radiator that are not there: there is more room, by a usual thickness. */
    @Test
    void aLengthMeasuredWithWhatIsNotThere() {
        var fans = sound().with(Slot.CASE, "cardLengthBasis", "with front fans");
        fans.with(Slot.GRAPHICS_CARD, "length", 310).says("card-length", "tight", "310 mm with front fans");
        fans.with(Slot.GRAPHICS_CARD, "length", 330).says("card-length", "room", "about 335 mm");
        fans.with(Slot.GRAPHICS_CARD, "length", 339).says("card-length", "too-long-usual", "about 335 mm");
        fans.without(Slot.CASE, "fansIn")
                .with(Slot.GRAPHICS_CARD, "length", 330)
                .lacks("card-length", "intake fans");
        fans.with(Slot.CASE, "fansIn", 1).says("card-length", "too-long");
        var radiator = sound().with(Slot.CASE, "cardLengthBasis", "with front radiator")
                .with(Slot.CASE, "fansIn", 1);
        radiator.with(Slot.GRAPHICS_CARD, "length", 335).says("card-length", "tight", "about 337 mm");
        radiator.with(Slot.GRAPHICS_CARD, "length", 341).says("card-length", "too-long-usual");
        radiator.with(Slot.CASE, "fansIn", 0)
                .with(Slot.GRAPHICS_CARD, "length", 355)
                .says("card-length", "room", "about 362 mm");
    }

    /** Upright, its height lies along the case and its plug points elsewhere. */
    @Test
    void anUprightCardsHeight() {
        var upright = sound().with(Slot.GRAPHICS_CARD, "height", 170);
        upright.says("card-height", "too-high");
        upright.at(Slot.GRAPHICS_CARD, "upright").isSilentOn("card-height");
        upright.isSilentOn("card-bend");
    }

    @Test
    void behindAFrontRadiator() {
        var front = sound().with(
                        Slot.CASE,
                        "radiators",
                        List.of(Map.of("place", "front", "sizes", List.of("240"), "thickness", 60)))
                .with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52);
        front.says("card-length", "room", "255 mm behind the front radiator");
        front.with(Slot.GRAPHICS_CARD, "length", 256).says("card-length", "too-long", "only 255 mm behind");
        front.without(Slot.CASE, "cardLengthWithRadiator")
                .with(Slot.CASE, "cardLengthBasis", "with front fans")
                .with(Slot.GRAPHICS_CARD, "length", 275)
                .says("card-length", "room", "with front fans");
        front.with(Slot.GRAPHICS_CARD, "length", 285).lacks("card-length", "card clearance with a front radiator");
        front.with(Slot.GRAPHICS_CARD, "length", 290).says("card-length", "too-long-usual");
    }

    /** Where the radiator goes is not known, and at the front it would matter. */
    @Test
    void aRadiatorOfUnknownPlace() {
        sound().with(Slot.COOLER, "radiator", 240)
                .with(Slot.CASE, "radiators", List.of(Map.of("place", "front", "sizes", List.of("240"))))
                .with(Slot.GRAPHICS_CARD, "length", 300)
                .lacks("card-length", "radiator mounts");
    }

    @Test
    void thicknessHeightAndBend() {
        sound().says("card-thickness", "room");
        sound().with(Slot.GRAPHICS_CARD, "thickness", 58).says("card-thickness", "tight");
        sound().with(Slot.GRAPHICS_CARD, "thickness", 61).says("card-thickness", "too-thick");
        sound().says("card-height", "room");
        sound().with(Slot.GRAPHICS_CARD, "height", 158).says("card-height", "tight");
        sound().with(Slot.GRAPHICS_CARD, "height", 161).says("card-height", "too-high");
        sound().says("card-bend", "room");
        sound().with(Slot.GRAPHICS_CARD, "height", 145).says("card-bend", "tight");
        sound().with(Slot.GRAPHICS_CARD, "height", 145)
                .with(Slot.GRAPHICS_CARD, "plugEdge", "end")
                .says("card-bend", "room");
        sound().with(Slot.GRAPHICS_CARD, "height", 145)
                .without(Slot.GRAPHICS_CARD, "plugEdge")
                .lacks("card-bend", "edge of the power plug");
        sound().with(Slot.GRAPHICS_CARD, "height", 135).lacks("card-bend", "clearance beside the card");
    }

    /** Without a figure of its own the room over a card goes by the cooler limit. */
    @Test
    void roomOverACardByTheCoolerLimit() {
        var bare = sound().without(Slot.CASE, "cardHeight");
        bare.says("card-height", "room");
        bare.with(Slot.GRAPHICS_CARD, "height", 165).lacks("card-height", "clearance beside the card");
        bare.with(Slot.GRAPHICS_CARD, "height", 169).says("card-height", "usual");
    }

    @Test
    void slots() {
        sound().says("card-slots", "free", "covers 3 expansion slots; the case has 4");
        sound().with(Slot.GRAPHICS_CARD, "slotsCovered", 2).says("card-slots", "free", "covers 2");
        sound().with(Slot.CASE, "expansionSlots", 2).says("card-slots", "too-many", "slot 3; the case has only 2");
        sound().without(Slot.CASE, "expansionSlots").lacks("card-slots", "expansion slots");
        var two = List.of(slot(1, 16), slot(3, 4));
        sound().with(Slot.MOTHERBOARD, "cardSlots", two)
                .adding(Slot.WIFI, "bus", "PCIe x1")
                .says("card-slots", "covers", "needs");
        sound().with(Slot.MOTHERBOARD, "cardSlots", List.of(slot(1, 16), slot(4, 4)))
                .adding(Slot.WIFI, "bus", "PCIe x1")
                .says("card-slots", "free");
        sound().with(
                        Slot.MOTHERBOARD,
                        "cardSlots",
                        List.of(Map.of("name", "first", "lanes", 16, "generation", 4, "headersUnder", "front audio")))
                .says("card-headers", "covers", "front audio");
    }

    private static Map<String, Object> slot(int position, int lanes) {
        return Map.of("name", "slot " + position, "lanes", lanes, "generation", 4, "position", position);
    }

    /** x8 of PCIe 4.0 carries 16 GB/s and is fast enough; x8 of PCIe 3.0 is not. */
    @Test
    void lanes() {
        sound().says("card-lanes", "full", "PCIe 4.0 x8");
        var wide = sound().with(Slot.GRAPHICS_CARD, "lanes", 16);
        wide.with(Slot.PROCESSOR, "cardLanes", 8).says("card-lanes", "fast-enough", "PCIe 4.0 x8 of its PCIe 4.0 x16");
        sound().with(Slot.PROCESSOR, "generation", 3).says("card-lanes", "slow", "PCIe 3.0 x8 of its PCIe 4.0 x8");
        sound().with(Slot.GRAPHICS_CARD, "lanes", 16)
                .adding(
                        Slot.SECOND_DRIVE,
                        "shape",
                        "M.2 2280",
                        "protocol",
                        "NVMe",
                        "generation",
                        3,
                        "type",
                        "solid-state")
                .says("card-lanes", "fast-enough", "since a drive takes 8 lanes");
        sound().with(Slot.MOTHERBOARD, "cardSlots", List.of()).says("card-lanes", "no-slot");
        sound().without(Slot.MOTHERBOARD, "cardSlots").lacks("card-lanes", "expansion slots");
    }

    /** Lanes that nobody states are not the best case. */
    @Test
    void unknownLanes() {
        sound().with(Slot.MOTHERBOARD, "cardSlots", List.of(Map.of("name", "first", "generation", 4)))
                .lacks("card-lanes", "expansion slots");
        sound().without(Slot.PROCESSOR, "cardLanes").lacks("card-lanes", "PCIe lanes for graphics cards");
        sound().with(
                        Slot.MOTHERBOARD,
                        "driveSlots",
                        List.of(Map.of("name", "M2_1", "protocols", List.of("NVMe"), "generation", 4, "longest", 80)))
                .lacks("card-lanes", "M.2 slots");
    }

    /** (2560 + 80) x 1440 / (1 - 0.00046 x 144) x 144 x 24 bits is 14.1 Gbit/s. */
    @Test
    void whatAMonitorNeeds() {
        assertThat(MonitorChecks.need("2560 x 1440", 144)).isBetween(14_000_000_000L, 14_200_000_000L);
        assertThat(MonitorChecks.need("3840x2160", 60)).isBetween(12_500_000_000L, 12_600_000_000L);
        assertThat(MonitorChecks.need("large", 60)).isZero();
    }

    @Test
    void monitor() {
        sound().isSilentOn("card-screen");
        monitor("2560 x 1440", 144, port("DisplayPort", 259, false))
                .says("card-screen", "carries", "DisplayPort carries the monitor's 14 Gbit/s");
        monitor("3840 x 2160", 240, port("DisplayPort", 259, true)).says("card-screen", "compressed");
        monitor("3840 x 2160", 240, port("DisplayPort", 259, false)).says("card-screen", "too-slow");
        monitor("3840 x 2160", 60, port("VGA", 10, false)).says("card-screen", "no-connector");
        monitor("huge", 60, port("HDMI", 426, false)).lacks("card-screen", "resolution");
        sound().adding(Slot.SCREEN, "resolution", "2560 x 1440", "refresh", 144).lacks("card-screen", "video inputs");
        sound().with(Slot.GRAPHICS_CARD, "outputs", List.of("DisplayPort"))
                .adding(Slot.SCREEN, "inputs", List.of("VGA"))
                .says("card-screen", "no-connector");
    }

    private static TestBuild monitor(String resolution, int refresh, Map<String, Object> port) {
        return sound().adding(Slot.SCREEN, "resolution", resolution, "refresh", refresh, "videoInputs", List.of(port));
    }

    private static Map<String, Object> port(String connector, int payload, boolean compression) {
        return Map.of("connector", connector, "payload", payload, "compression", compression);
    }

    /** Without a card the motherboard's outputs drive the monitor. */
    @Test
    void aMonitorOnTheMotherboard() {
        monitor("2560 x 1440", 144, port("HDMI", 426, false))
                .choosing(Slot.GRAPHICS_CARD, new Choice.None())
                .with(Slot.MOTHERBOARD, "videoOutputs", List.of(port("HDMI", 80, false)))
                .says("card-screen", "too-slow");
    }

    @Test
    void adaptiveRefresh() {
        var both = sound().with(Slot.GRAPHICS_CARD, "adaptive", List.of("open", "own"));
        both.adding(Slot.SCREEN, "adaptive", List.of("open")).says("adaptive-refresh", "shared", "both do open");
        sound().with(Slot.GRAPHICS_CARD, "adaptive", List.of("open"))
                .adding(Slot.SCREEN, "adaptive", List.of("own"))
                .says("adaptive-refresh", "none");
        sound().adding(Slot.SCREEN, "adaptive", List.of("own")).lacks("adaptive-refresh", "VRR");
    }
}
