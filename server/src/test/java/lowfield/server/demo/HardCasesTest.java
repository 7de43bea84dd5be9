package lowfield.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** The cases that are easy to get wrong, with the demo's own parts. */
class HardCasesTest {
    private static final Map<String, Part> PARTS = DemoData.parts().stream()
            .map(DemoParts::part)
            .collect(Collectors.toMap(HardCasesTest::key, Function.identity()));

    /** The lead of the demo's Bosun, changed a part at a time. */
    private final Map<Slot, String> choices = new EnumMap<>(Map.of(
            Slot.GRAPHICS_CARD, "merrowby-vane-five-8-gb-black",
            Slot.PROCESSOR, "aldane-fennel-six",
            Slot.MOTHERBOARD, "ostrand-quay-micro",
            Slot.MEMORY, "pellan-slate-2-x-8-gb-ddr5-5600",
            Slot.COOLER, "stillmoor-120-tower",
            Slot.SYSTEM_DRIVE, "drumlin-beck-1-tb",
            Slot.POWER_SUPPLY, "kelder-550-gold",
            Slot.CASE, "hollowell-byre-m-black"));

    private int secondDrives;

    private static String key(Part part) {
        return DemoData.parts().stream()
                .map(DemoData.PartFile::key)
                .filter(k -> UUID.nameUUIDFromBytes(k.getBytes()).equals(part.id()))
                .findFirst()
                .orElseThrow();
    }

    private HardCasesTest with(Slot slot, String key) {
        choices.put(slot, key);
        return this;
    }

    private Build build() {
        var lines = new ArrayList<Line>();
        choices.forEach((slot, key) -> lines.add(new Line(
                UUID.nameUUIDFromBytes(slot.name().getBytes()), slot, new Choice.Chosen(chosen(key)), 1, true)));
        if (secondDrives > 0) {
            lines.add(new Line(
                    UUID.nameUUIDFromBytes("second".getBytes()),
                    Slot.SECOND_DRIVE,
                    new Choice.Chosen(chosen("drumlin-beck-1-tb")),
                    secondDrives,
                    true));
        }
        return new Build(lines);
    }

    private static Part chosen(String key) {
        return Optional.ofNullable(PARTS.get(key)).orElseThrow(() -> new IllegalStateException(key));
    }

    /** The check says so, and nothing worse beside it. */
    private void says(String check, Verdict verdict, String words) {
        var findings = Checks.on(build()).stream()
                .filter(f -> f.check().id().equals(check))
                .toList();
        assertThat(findings).as(check).anySatisfy(f -> {
            assertThat(f.evidence()).contains(words);
            assertThat(f.verdict()).as(f.evidence()).isEqualTo(verdict);
        });
        assertThat(Verdict.worst(findings.stream().map(Finding::verdict).toList()))
                .as("the worst of %s", findings)
                .isEqualTo(verdict);
    }

    private void platform(String processor, String board, String memory) {
        with(Slot.PROCESSOR, processor).with(Slot.MOTHERBOARD, board).with(Slot.MEMORY, memory);
    }

    @Test
    void theDemosOwnLeadIsSound() {
        assertThat(Checks.on(build())).noneMatch(f -> f.verdict() == Verdict.CLASH);
    }

    @Test
    void eightLanesInAnOlderSlot() {
        platform("aldane-tansy-six", "ostrand-shoal-old", "pellan-slate-2-x-8-gb-ddr4-3200");
        says("card-lanes", Verdict.CAUTION, "PCIe 3");
    }

    @Test
    void graphicsInTheProcessorHalveTheLanesAndDisableADriveSlot() {
        with(Slot.PROCESSOR, "aldane-fennel-six-with-large-graphics")
                .with(Slot.GRAPHICS_CARD, "merrowby-vane-eight-16-gb");
        says("card-lanes", Verdict.NOTE, "PCIe 4.0 x8");
        says("drive-slots", Verdict.FITS, "");
        says("drive-speed", Verdict.FITS, "M2_2");
        secondDrives = 1;
        says("drive-slots", Verdict.CLASH, "");
    }

    @Test
    void aSecondDriveTakesLanesFromTheCard() {
        with(Slot.MOTHERBOARD, "tarnworth-keel-plus")
                .with(Slot.GRAPHICS_CARD, "merrowby-vane-eight-16-gb")
                .with(Slot.CASE, "hollowell-barn-black");
        says("card-lanes", Verdict.FITS, "16");
        secondDrives = 4;
        says("card-lanes", Verdict.NOTE, "takes 8 lanes");
    }

    @Test
    void fourModulesSlowTheMemoryAndLargeOnesNeedNewerFirmware() {
        with(Slot.MEMORY, "pellan-slate-4-x-16-gb-ddr5-4800");
        says("memory-speed", Verdict.CAUTION, "official 3600 MT/s with four modules");
        platform("aldane-fennel-six", "ostrand-shoal-micro", "pellan-slate-2-x-48-gb-ddr5-5600");
        says("memory-capacity", Verdict.NOTE, "need BIOS version 1.30");
    }

    @Test
    void aFanRaisedOverTallMemoryHitsTheSidePanel() {
        with(Slot.COOLER, "stillmoor-140-twin").with(Slot.MEMORY, "pellan-schist-2-x-16-gb-ddr5-6000");
        with(Slot.CASE, "hollowell-barn-black");
        says("cooler-memory", Verdict.CLASH, "Raised 8 mm over the memory");
        with(Slot.CASE, "hollowell-hall");
        says("cooler-memory", Verdict.NOTE, "must go up 8 mm");
    }

    @Test
    void aFrontRadiatorAndACardLengthOfUnknownBasis() {
        with(Slot.CASE, "hollowell-stable-m-black");
        says("card-length", Verdict.FITS, "242 mm");
        with(Slot.GRAPHICS_CARD, "merrowby-vane-eight-16-gb");
        says("card-length", Verdict.NOT_KNOWN, "what the card clearance is measured with");
        with(Slot.COOLER, "stillmoor-mere-240");
        says("radiator", Verdict.FITS, "at the front");
        with(Slot.GRAPHICS_CARD, "hartle-basalt-16-gb");
        says("card-length", Verdict.CLASH, "behind the front radiator");
    }

    @Test
    void anOldSupplyUnderASpikyCardAndOneProcessorPlugOfTwo() {
        with(Slot.POWER_SUPPLY, "kelder-600-clay").with(Slot.GRAPHICS_CARD, "merrowby-vane-eight-16-gb");
        says("supply-spikes", Verdict.NOT_KNOWN, "overcurrent limit");
        says("avoid", Verdict.CAUTION, "Trips under a card's spikes");
        with(Slot.MOTHERBOARD, "ostrand-quay-grand");
        says("processor-plugs", Verdict.NOTE, "2 EPS sockets");
    }

    @Test
    void theSameDriveNameWithChangedCells() {
        with(Slot.SYSTEM_DRIVE, "drumlin-rill-1-tb-spring-batch");
        says("drive-cells", Verdict.NOTE, "four bits a cell since spring");
        with(Slot.SYSTEM_DRIVE, "drumlin-rill-1-tb");
        assertThat(Checks.on(build())).noneMatch(f -> f.check().id().equals("drive-cells"));
    }

    /** Six cards would do; four of them are gone, and the set is not gone for that. */
    @Test
    void aVettedSetOfWhichMostAreGone() {
        var cards = List.of(
                        "merrowby-vane-eight-16-gb",
                        "lune-vane-eight-16-gb",
                        "ostby-vane-eight-16-gb",
                        "merrowby-vane-eight-16-gb-black",
                        "merrowby-vane-eight-16-gb-quiet",
                        "lune-vane-eight-16-gb-quiet")
                .stream()
                .map(HardCasesTest::chosen)
                .toList();
        var left = Map.of(cards.get(2), 58900L, cards.get(5), 58100L);
        Function<Part, Optional<Money>> price =
                card -> Optional.ofNullable(left.get(card)).map(m -> Money.of(m, "EUR"));
        assertThat(Choice.VettedSet.of(cards, Money.of(1000, "EUR"), price).winner())
                .isEqualTo(cards.get(2));
        assertThat(Choice.VettedSet.of(cards, Money.of(700, "EUR"), price).winner())
                .isEqualTo(cards.get(5));
    }

    @Test
    void theNewerRevisionOfABoardRunsWhatTheOlderDoesNot() {
        platform("brightholm-silt-eight", "ostrand-quay-tide", "pellan-slate-2-x-16-gb-ddr5-5600");
        says("processor-supported", Verdict.CLASH, "Silt");
        with(Slot.MOTHERBOARD, "ostrand-quay-tide-revision-2");
        says("processor-supported", Verdict.NOTE, "2.20");
    }

    @Test
    void lightingOfTwoVoltages() {
        with(Slot.LIGHTING, "stillmoor-glow-strip-old");
        says("lighting-plugs", Verdict.CAUTION, "the wrong voltage destroys it");
        with(Slot.LIGHTING, "stillmoor-glow-strip");
        says("lighting-plugs", Verdict.FITS, "3-pin 5 V");
    }
}
