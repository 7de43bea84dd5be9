package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;

import java.util.List;
import java.util.Map;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Plans;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.offer.Condition;
import org.junit.jupiter.api.Test;

/** CPU and motherboard, one expectation a line. */
class CpuChecksTest {
    @Test
    void socket() {
        sound().says("socket", "same", "both have socket Moor");
        sound().with(Slot.PROCESSOR, "socket", "Fen")
                .says("socket", "other", "has socket Fen; the motherboard has Moor");
        sound().without(Slot.MOTHERBOARD, "socket").lacks("socket", "socket of Test motherboard");
        sound().freeHand(Slot.PROCESSOR).lacks("socket", "socket of something");
        sound().choosing(Slot.PROCESSOR, new Choice.Empty()).isSilentOn("socket");
    }

    @Test
    void biosVersion() {
        sound().says("processor-supported", "any");
        sound().with(Slot.MOTHERBOARD, "firmware", Map.of("Tansy", "1.0"))
                .says("processor-supported", "not-listed", "names Tansy and not Fennel");
        var newer = sound().with(Slot.MOTHERBOARD, "firmware", Map.of("Fennel", "1.20"));
        newer.says("processor-supported", "update-without-cpu", "BIOS version 1.20");
        newer.tellsReaders("processor-supported", "BIOS version 1.20");
        newer.with(Slot.MOTHERBOARD, "flashes", false).says("processor-supported", "newer", "is not known");
        newer.without(Slot.MOTHERBOARD, "flashes").lacks("processor-supported", "BIOS update without a CPU");
        sound().with(Slot.MOTHERBOARD, "firmwareUntil", Map.of("Fennel", "2.0"))
                .says("processor-supported", "older", "up to BIOS version 2.0");
        newer.with(Slot.MOTHERBOARD, "firmwareUntil", Map.of("Fennel", "2.0"))
                .says("processor-supported", "between", "BIOS versions 1.20 to 2.0 only");
        newer.tellsReaders("processor-supported", "needs BIOS version 1.20, and newer ones than 2.0");
        sound().without(Slot.PROCESSOR, "family").lacks("processor-supported", "family");
    }

    @Test
    void unlocked() {
        sound().says("unlocked", "match");
        sound().with(Slot.PROCESSOR, "unlocked", true).says("unlocked", "not-used");
        sound().with(Slot.MOTHERBOARD, "overclocks", true).says("unlocked", "match");
        var asked = Wishes.NONE.planning(new Plans(true, false));
        sound().asked(asked).says("unlocked", "locked");
        sound().asked(asked).with(Slot.PROCESSOR, "unlocked", true).says("unlocked", "motherboard");
        sound().asked(asked)
                .with(Slot.PROCESSOR, "unlocked", true)
                .with(Slot.MOTHERBOARD, "overclocks", true)
                .says("unlocked", "match");
    }

    /** Above 170 W only a measurement tells; the motherboard's own default may hold the CPU lower. */
    @Test
    void vrm() {
        sound().says("power-delivery", "carries", "carries 120 W");
        sound().with(Slot.PROCESSOR, "limit", 180).says("power-delivery", "short", "180 W");
        sound().without(Slot.MOTHERBOARD, "powerDelivery").says("power-delivery", "usual");
        sound().without(Slot.MOTHERBOARD, "powerDelivery")
                .with(Slot.PROCESSOR, "limit", 171)
                .lacks("power-delivery", "VRM");
        sound().with(Slot.PROCESSOR, "limit", 180)
                .with(Slot.MOTHERBOARD, "cpuPower", 115)
                .says("power-delivery", "carries", "The CPU's maximum power is 115 W; the VRM carries 120 W.");
    }

    @Test
    void epsPlugs() {
        sound().says("processor-plugs", "all");
        var two = sound().with(Slot.MOTHERBOARD, "processorPlugs", 2);
        two.says("processor-plugs", "one-is-enough");
        two.with(Slot.PROCESSOR, "limit", 201).says("processor-plugs", "one-is-tight");
        sound().with(Slot.POWER_SUPPLY, "processorPlugs", 0).says("processor-plugs", "none");
        sound().without(Slot.POWER_SUPPLY, "processorPlugs").lacks("processor-plugs", "EPS plugs");
    }

    @Test
    void picture() {
        sound().says("picture", "card", "Test graphics card drives");
        var none = sound().choosing(Slot.GRAPHICS_CARD, new Choice.None());
        none.says("picture", "integrated");
        none.with(Slot.MOTHERBOARD, "videoOutputs", List.of()).says("picture", "no-output");
        none.without(Slot.MOTHERBOARD, "videoOutputs")
                .with(Slot.MOTHERBOARD, "rearPorts", List.of("USB-A"))
                .says("picture", "no-output");
        none.without(Slot.MOTHERBOARD, "rearPorts").lacks("picture", "video outputs of Test motherboard");
        none.with(Slot.PROCESSOR, "graphics", false).says("picture", "none");
        none.without(Slot.PROCESSOR, "graphics").lacks("picture", "integrated graphics");
    }

    @Test
    void socketLife() {
        sound().says("socket-life", "years", "until 2029");
        sound().in(2027).says("socket-life", "years");
        sound().in(2028).says("socket-life", "last", "near the end");
        sound().in(2028)
                .asked(Wishes.NONE.planning(new Plans(false, true)))
                .says("socket-life", "upgrade", "until 2029 only");
        sound().in(2029).says("socket-life", "last", "until 2029");
    }

    @Test
    void publishedFault() {
        sound().with(Slot.PROCESSOR, "fault", "n/a").isSilentOn("processor-fault");
        var faulty = sound().with(Slot.PROCESSOR, "fault", "degrades under load")
                .with(Slot.PROCESSOR, "safeFirmware", "1.50");
        faulty.says("processor-fault", "update", "1.50");
        faulty.bought(Slot.PROCESSOR, Condition.USED).says("processor-fault", "bought-used", "bought used");
        faulty.bought(Slot.PROCESSOR, Condition.NEW)
                .without(Slot.PROCESSOR, "safeFirmware")
                .lacks("processor-fault", "BIOS version that fixes a published fault");
    }

    @Test
    void tpm() {
        var asks = sound().with(Slot.OPERATING_SYSTEM, "needsTpm", true);
        asks.says("tpm", "there");
        asks.with(Slot.MOTHERBOARD, "tpm", "2.0, off").says("tpm", "off");
        asks.with(Slot.MOTHERBOARD, "tpm", "none").says("tpm", "none");
        asks.without(Slot.MOTHERBOARD, "tpm").lacks("tpm", "TPM of Test motherboard");
        asks.with(Slot.MOTHERBOARD, "tpm", "2.0, on")
                .with(Slot.PROCESSOR, "supportedBySystem", false)
                .says("tpm", "cpu");
    }
}
