package lowfield.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.core.part.Schema;

/** The test kit of the checks: a complete build that fits, changed by a word or two, and what one check must say of it. */
public final class TestBuild {
    private static final Map<Slot, Map<String, Object>> SOUND = Map.of(
            Slot.GRAPHICS_CARD,
            figures(
                    "boardPower",
                    165,
                    "length",
                    242,
                    "height",
                    120,
                    "thickness",
                    45,
                    "weight",
                    800,
                    "eightPins",
                    1,
                    "sixteenPin",
                    false,
                    "recommendedSupply",
                    500,
                    "lanes",
                    8,
                    "generation",
                    4,
                    "link",
                    32,
                    "resizableBar",
                    false,
                    "lightingPlug",
                    Schema.NOT_APPLICABLE),
            Slot.PROCESSOR,
            figures(
                    "family",
                    "Fennel",
                    "socket",
                    "Moor",
                    "socketUntil",
                    2029,
                    "limit",
                    88,
                    "unlocked",
                    false,
                    "graphics",
                    true,
                    "coolerInBox",
                    false,
                    "memorySpeed",
                    5600,
                    "memorySpeedFour",
                    3600,
                    "memoryMost",
                    192,
                    "cardLanes",
                    16,
                    "generation",
                    5),
            Slot.MOTHERBOARD,
            figures(
                    "socket",
                    "Moor",
                    "format",
                    "micro-ATX",
                    "firmware",
                    Map.of("Fennel", ""),
                    "flashes",
                    true,
                    "overclocks",
                    false,
                    "powerDelivery",
                    120,
                    "processorPlugs",
                    1,
                    "memoryGeneration",
                    "DDR5",
                    "memoryKinds",
                    List.of("unbuffered"),
                    "memorySlots",
                    4,
                    "memoryMost",
                    192,
                    "moduleMost",
                    48,
                    "oddModules",
                    "1.40",
                    "memorySpeed",
                    6400,
                    "testedKits",
                    List.of("FL-6000"),
                    "driveSlots",
                    List.of(slot("M2_1", 4, 0), slot("M2_2", 3, 2)),
                    "cardSlots",
                    List.of(Map.of("name", "first", "lanes", 16, "generation", 4)),
                    "sataPorts",
                    4,
                    "frontUsbC",
                    true,
                    "fanHeaders",
                    3,
                    "lightingHeaders",
                    List.of("3-pin 5 V"),
                    "radio",
                    false),
            Slot.MEMORY,
            figures(
                    "generation",
                    "DDR5",
                    "kind",
                    "unbuffered",
                    "modules",
                    2,
                    "moduleSize",
                    8,
                    "speed",
                    5600,
                    "baseSpeed",
                    5600,
                    "lit",
                    false,
                    "height",
                    34),
            Slot.COOLER,
            figures(
                    "sockets",
                    List.of("Moor", "Fen"),
                    "capacity",
                    160,
                    "height",
                    154,
                    "radiator",
                    Schema.NOT_APPLICABLE,
                    "memoryClearance",
                    40,
                    "lightingPlug",
                    Schema.NOT_APPLICABLE,
                    "paste",
                    true),
            Slot.SYSTEM_DRIVE,
            figures(
                    "type",
                    "solid-state",
                    "capacity",
                    1000,
                    "shape",
                    "M.2 2280",
                    "protocol",
                    "NVMe",
                    "generation",
                    4,
                    "doubleSided",
                    false,
                    "heatsink",
                    false),
            Slot.POWER_SUPPLY,
            figures(
                    "rating",
                    550,
                    "standard",
                    "ATX 3.1",
                    "quality",
                    "good",
                    "format",
                    "ATX",
                    "length",
                    140,
                    "processorPlugs",
                    1,
                    "eightPins",
                    2,
                    "sixteenPin",
                    true,
                    "sataPlugs",
                    4),
            Slot.CASE,
            figures(
                    "formats",
                    List.of("micro-ATX", "mini-ITX"),
                    "cardLength",
                    310,
                    "cardLengthBasis",
                    "with front fans in",
                    "cardLengthWithRadiator",
                    255,
                    "cardThickness",
                    60,
                    "cardHeight",
                    160,
                    "coolerHeight",
                    160,
                    "supplyLength",
                    160,
                    "supplyFormats",
                    List.of("ATX", "SFX"),
                    "radiators",
                    List.of(
                            Map.of(
                                    "place",
                                    "top",
                                    "sizes",
                                    List.of("240"),
                                    "thickness",
                                    52,
                                    "memoryHeight",
                                    36,
                                    "tube",
                                    300),
                            Map.of("place", "front", "sizes", List.of("240", "280"), "thickness", 60)),
                    "bays35",
                    1,
                    "bays25",
                    2,
                    "fans",
                    1,
                    "fansIn",
                    0,
                    "fansOut",
                    1,
                    "fanPlaces",
                    4,
                    "fanSizes",
                    List.of("120"),
                    "lightingPlug",
                    Schema.NOT_APPLICABLE,
                    "frontUsbC",
                    true),
            Slot.OPERATING_SYSTEM,
            figures("licence", "free"));

    private static Map<String, Object> slot(String name, int generation, int takesLanes) {
        return Map.of(
                "name",
                name,
                "protocols",
                List.of("NVMe"),
                "generation",
                generation,
                "longest",
                80,
                "covered",
                true,
                "takesLanes",
                takesLanes * 4,
                "takesSata",
                takesLanes);
    }

    private static Map<String, Object> figures(Object... namesAndValues) {
        var map = new HashMap<String, Object>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            map.put((String) namesAndValues[i], namesAndValues[i + 1]);
        }
        return Map.copyOf(map);
    }

    private final List<Line> lines = new ArrayList<>();
    private Wishes wishes = Wishes.NONE;

    private TestBuild() {
        for (var slot : Slot.values()) {
            if (SOUND.containsKey(slot)) {
                lines.add(new Line(
                        UUID.nameUUIDFromBytes(slot.name().getBytes()),
                        slot,
                        new Choice.Chosen(part(slot, SOUND.get(slot))),
                        1,
                        true));
            }
        }
    }

    public static TestBuild sound() {
        return new TestBuild();
    }

    public static Part part(Slot slot, Map<String, Object> spec) {
        return part(slot, spec, Release.ON_SALE, Optional.empty());
    }

    public static Part part(Slot slot, Map<String, Object> spec, Release release, Optional<String> avoid) {
        var kind = slot.kind();
        var id = UUID.nameUUIDFromBytes((slot + new java.util.TreeMap<>(spec).toString()).getBytes());
        return new Part(
                id,
                id,
                kind,
                "Test",
                "Test " + kind.label(),
                "",
                release,
                Optional.empty(),
                avoid,
                java.time.Instant.EPOCH,
                kind.schema().read(spec));
    }

    /** The figures of the sound build's part in a slot. */
    public static Map<String, Object> figuresOf(Slot slot) {
        return SOUND.getOrDefault(slot, Map.of());
    }

    /** The sound part of a slot with other figures. */
    public static Part like(Slot slot, Object... namesAndValues) {
        var spec = new HashMap<>(SOUND.getOrDefault(slot, Map.of()));
        spec.putAll(figures(namesAndValues));
        return part(slot, spec);
    }

    /** Another line with a part of these figures beside the sound ones. */
    public TestBuild adding(Slot slot, Object... namesAndValues) {
        return adding(slot, new Choice.Chosen(like(slot, namesAndValues)));
    }

    public TestBuild adding(Slot slot, Choice choice) {
        lines.add(new Line(UUID.nameUUIDFromBytes((slot.name() + lines.size()).getBytes()), slot, choice, 1, true));
        return this;
    }

    /** One figure of a slot's part is another. */
    public TestBuild with(Slot slot, String figure, Object value) {
        var spec = new HashMap<>(SOUND.get(slot));
        lines.stream()
                .filter(l -> l.slot() == slot)
                .findFirst()
                .flatMap(l -> l.choice().part())
                .ifPresent(p -> spec.putAll(slot.kind().schema().write(p.spec())));
        spec.put(figure, value);
        return choosing(slot, new Choice.Chosen(part(slot, spec)));
    }

    /** One figure of a slot's part is not known. */
    public TestBuild without(Slot slot, String figure) {
        var spec = new HashMap<>(SOUND.get(slot));
        lines.stream()
                .filter(l -> l.slot() == slot)
                .findFirst()
                .flatMap(l -> l.choice().part())
                .ifPresent(p -> spec.putAll(slot.kind().schema().write(p.spec())));
        spec.remove(figure);
        return choosing(slot, new Choice.Chosen(part(slot, spec)));
    }

    public TestBuild choosing(Slot slot, Choice choice) {
        lines.replaceAll(l -> l.slot() == slot ? l.with(choice) : l);
        return this;
    }

    public TestBuild freeHand(Slot slot) {
        return choosing(slot, new Choice.FreeHand("something", Money.of(100, "EUR")));
    }

    public TestBuild twice(Slot slot) {
        lines.stream()
                .filter(l -> l.slot() == slot)
                .findFirst()
                .ifPresent(l -> lines.add(
                        new Line(UUID.nameUUIDFromBytes(("second " + slot).getBytes()), slot, l.choice(), 1, true)));
        return this;
    }

    public TestBuild quantity(Slot slot, int quantity) {
        lines.replaceAll(l -> l.slot() == slot ? new Line(l.id(), slot, l.choice(), quantity, true) : l);
        return this;
    }

    /** What is asked of the build. */
    public TestBuild asked(Wishes other) {
        wishes = other;
        return this;
    }

    /** A line stands beside the total. */
    public TestBuild uncounted(Slot slot) {
        lines.replaceAll(l -> l.slot() == slot ? new Line(l.id(), slot, l.choice(), l.quantity(), false) : l);
        return this;
    }

    public Build build() {
        return new Build(lines, wishes);
    }

    public UUID line(Slot slot) {
        return build().filled(slot).get(0).id();
    }

    /** The check's worst finding has this verdict and its evidence holds these words. */
    public void says(String check, Verdict verdict, String words) {
        var findings = Checks.on(build()).stream()
                .filter(f -> f.check().id().equals(check))
                .toList();
        assertThat(findings).as(check).anySatisfy(f -> {
            assertThat(f.verdict()).as(f.evidence()).isEqualTo(verdict);
            assertThat(f.evidence()).contains(words);
        });
    }

    public void isSilentOn(String check) {
        assertThat(Checks.on(build())).noneMatch(f -> f.check().id().equals(check));
    }
}
