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
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.part.Release;

/** The test kit of the checks: a complete build that fits, changed by a word or two, and what one check must say of it. */
public final class TestBuild {
    private static final Map<Slot, Map<String, Object>> SOUND = Map.of(
            Slot.GRAPHICS_CARD, Map.of("boardPower", 165, "length", 242, "recommendedSupply", 500),
            Slot.PROCESSOR, Map.of("socket", "Moor", "limit", 88, "coolerInBox", false),
            Slot.MOTHERBOARD,
                    Map.of("socket", "Moor", "format", "micro-ATX", "memoryGeneration", "DDR5", "memorySlots", 4),
            Slot.MEMORY, Map.of("generation", "DDR5", "modules", 2, "moduleSize", 8),
            Slot.COOLER, Map.of("sockets", List.of("Moor", "Fen"), "height", 154),
            Slot.SYSTEM_DRIVE, Map.of("capacity", 1000),
            Slot.POWER_SUPPLY, Map.of("rating", 550),
            Slot.CASE,
                    Map.of(
                            "formats",
                            List.of("micro-ATX", "mini-ITX"),
                            "cardLength",
                            310,
                            "cardLengthBasis",
                            "with front fans in",
                            "coolerHeight",
                            160,
                            "fans",
                            1));

    private final List<Line> lines = new ArrayList<>();

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
        var kind = slot.kind();
        return new Part(
                UUID.nameUUIDFromBytes((slot + spec.toString()).getBytes()),
                kind,
                "Test " + kind.label(),
                "",
                Release.ON_SALE,
                Optional.empty(),
                kind.schema().read(spec));
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

    public Build build() {
        return new Build(lines);
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
