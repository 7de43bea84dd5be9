package lowfield.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import lowfield.core.Lazy;
import lowfield.core.check.BuildContext;
import lowfield.core.check.Finding;
import lowfield.core.check.GeneratedParts;
import lowfield.core.check.TestBuild;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** What a part forces is the cheapest that there is: held against every set of changes, in generated catalogues of a fixed seed. */
class CheapestForcedTest {
    private static final int CATALOGUES = 200;
    private static final List<Slot> TAKEN =
            List.of(Slot.GRAPHICS_CARD, Slot.PROCESSOR, Slot.MOTHERBOARD, Slot.CASE, Slot.COOLER);
    private final GeneratedParts parts = new GeneratedParts(20261201);
    private final Map<UUID, Long> prices = new HashMap<>();
    private final Map<Kind, List<Part>> forSale = new EnumMap<>(Kind.class);

    private record Answer(long cost, String ids, Map<Slot, Part> parts) {}

    private void catalogue() {
        forSale.clear();
        for (var slot : ForcedChanges.MENDABLE) {
            var of = new ArrayList<Part>();
            var count = 1 + parts.random().nextInt(6);
            for (int i = 0; i < count; i++) {
                var part = part(slot);
                prices.put(part.id(), 20L + parts.random().nextInt(200));
                of.add(part);
            }
            of.sort(Comparator.comparing(p -> prices.get(p.id())));
            forSale.put(slot.kind(), of);
        }
    }

    /** A part as the sound one, but for figures that decide; now and then one of them is unknown. */
    private Part part(Slot slot) {
        var random = parts.random();
        var isOther = random.nextInt(3) == 0;
        return switch (slot) {
            case GRAPHICS_CARD ->
                TestBuild.like(slot, "length", 240 + random.nextInt(130), "boardPower", 120 + random.nextInt(280));
            case PROCESSOR ->
                isOther
                        ? TestBuild.like(slot, "socket", "Delta", "family", "Silt", "limit", 65 + random.nextInt(180))
                        : TestBuild.like(slot, "limit", 65 + random.nextInt(180));
            case MOTHERBOARD ->
                isOther
                        ? TestBuild.like(
                                slot,
                                "socket",
                                "Delta",
                                "firmware",
                                Map.of("Silt", ""),
                                "memoryGeneration",
                                random.nextBoolean() ? "DDR4" : "DDR5",
                                "powerDelivery",
                                300)
                        : TestBuild.like(slot, "memoryGeneration", random.nextInt(4) == 0 ? "DDR4" : "DDR5");
            case MEMORY ->
                TestBuild.like(slot, "generation", isOther ? "DDR4" : "DDR5", "height", 30 + random.nextInt(20));
            case COOLER ->
                TestBuild.like(
                        slot,
                        "sockets",
                        isOther ? List.of("Delta", "Fen") : List.of("Moor", "Fen"),
                        "height",
                        130 + random.nextInt(40),
                        "capacity",
                        120 + random.nextInt(150));
            case POWER_SUPPLY ->
                TestBuild.like(slot, "rating", 450 + 50 * random.nextInt(11), "length", 130 + random.nextInt(50));
            case CASE ->
                random.nextInt(5) == 0
                        ? unknown(slot, "cardLength")
                        : TestBuild.like(slot, "cardLength", 250 + random.nextInt(150));
            default -> parts.part(slot);
        };
    }

    private static Part unknown(Slot slot, String figure) {
        return line(TestBuild.sound().without(slot, figure).build(), slot)
                .flatMap(l -> l.choice().part())
                .orElseThrow();
    }

    private long price(Part part) {
        return prices.getOrDefault(part.id(), 100L);
    }

    @Test
    void noSetOfChangesIsCheaper() {
        var solved = new TreeMap<Integer, Integer>();
        for (int drawn = 0, forced = 0; forced < CATALOGUES; drawn++) {
            assertThat(drawn).as("catalogues drawn").isLessThan(CATALOGUES * 20);
            catalogue();
            var kit = TestBuild.sound().build();
            var present = Checks.on(kit);
            var slot = TAKEN.get(parts.random().nextInt(TAKEN.size()));
            var line = line(kit, slot).orElseThrow();
            var build = kit.taking(line.id(), part(slot));
            var chain = new ForcedChanges(
                            present,
                            build,
                            line.id(),
                            new LikeParts(k -> forSale.getOrDefault(k, List.of()), this::price, p -> "new")::of,
                            this::price,
                            l -> l,
                            Integer.MAX_VALUE)
                    .follow();
            if (chain.isSolved() && chain.changes().isEmpty()) {
                continue;
            }
            var truth = new EverySet(present, build, line).cheapest();
            assertThat(chain.isSolved()).as("catalogue %d", drawn).isEqualTo(truth.isPresent());
            truth.ifPresent(t -> assertThat(answer(build, chain)).isEqualTo(t));
            solved.merge(chain.changes().size(), 1, Integer::sum);
            forced++;
        }
        assertThat(solved).containsKeys(0, 1, 2, 3);
        assertThat(solved.get(1)).isGreaterThan(40);
        assertThat(solved.get(2)).isGreaterThan(10);
    }

    private Answer answer(Build build, ForcedChanges.Chain chain) {
        var of = new EnumMap<Slot, Part>(Slot.class);
        chain.changes().forEach(c -> of.put(c.slot(), c.part()));
        return answer(build, of);
    }

    private Answer answer(Build build, Map<Slot, Part> of) {
        var cost = of.entrySet().stream()
                .mapToLong(e -> (price(e.getValue()) - presentPrice(build, e.getKey())) * pieces(build, e.getKey()))
                .sum();
        return new Answer(
                cost, of.values().stream().map(p -> p.id().toString()).toList().toString(), Map.copyOf(of));
    }

    private long presentPrice(Build build, Slot slot) {
        return line(build, slot)
                .flatMap(l -> l.choice().part())
                .map(this::price)
                .orElse(0L);
    }

    private static int pieces(Build build, Slot slot) {
        return line(build, slot).map(Line::quantity).orElse(1);
    }

    private static Optional<Line> line(Build build, Slot slot) {
        return build.lines().stream().filter(l -> l.slot() == slot).findFirst();
    }

    /** Looks at every set of changes; written anew from what is promised, without the search. */
    private final class EverySet {
        private final List<Finding> present;
        private final Build build;
        private final Line line;
        private final Soundness soundness;
        private final Map<Map<Slot, Part>, List<Finding>> known = new HashMap<>();

        EverySet(List<Finding> present, Build build, Line line) {
            this.present = present;
            this.build = build;
            this.line = line;
            this.soundness = new Soundness(present, build, line.id());
        }

        Optional<Answer> cheapest() {
            var sound = new ArrayList<Map<Slot, Part>>();
            draw(List.copyOf(ForcedChanges.MENDABLE), 0, new EnumMap<>(Slot.class), sound);
            return sound.stream()
                    .filter(s -> sound.stream()
                            .noneMatch(t -> t.size() < s.size() && s.entrySet().containsAll(t.entrySet())))
                    .filter(s -> isInOrder(new EnumMap<>(Slot.class), s))
                    .map(s -> answer(build, s))
                    .min(Comparator.comparingLong(Answer::cost).thenComparing(Answer::ids));
        }

        private void draw(List<Slot> slots, int at, Map<Slot, Part> so, List<Map<Slot, Part>> sound) {
            if (at == slots.size()) {
                if (!so.isEmpty() && open(so).isEmpty()) {
                    sound.add(new EnumMap<>(so));
                }
                return;
            }
            draw(slots, at + 1, so, sound);
            if (slots.get(at) != line.slot() && so.size() < ForcedChanges.MOST_CHANGES) {
                for (var part : forSale.get(slots.get(at).kind())) {
                    so.put(slots.get(at), part);
                    draw(slots, at + 1, so, sound);
                    so.remove(slots.get(at));
                }
            }
        }

        /** Whether the changes can be made one after the other, each for something that stood open and is gone then. */
        private boolean isInOrder(Map<Slot, Part> made, Map<Slot, Part> all) {
            if (made.size() == all.size()) {
                return true;
            }
            for (var change : all.entrySet()) {
                if (!made.containsKey(change.getKey())) {
                    var next = new EnumMap<Slot, Part>(Slot.class);
                    next.putAll(made);
                    next.put(change.getKey(), change.getValue());
                    var left = open(next).stream().map(Finding::check).toList();
                    var isFor = open(made).stream()
                            .anyMatch(f -> f.check().slots().contains(change.getKey()) && !left.contains(f.check()));
                    if (isFor && isInOrder(next, all)) {
                        return true;
                    }
                }
            }
            return false;
        }

        private List<Finding> open(Map<Slot, Part> changes) {
            var key = new EnumMap<Slot, Part>(Slot.class);
            key.putAll(changes);
            return known.computeIfAbsent(key, k -> {
                var with = build;
                for (var change : changes.entrySet()) {
                    with = SlotLines.with(with, SlotLines.having(with, change.getKey(), change.getValue()));
                }
                if (changes.isEmpty()) {
                    return soundness.atFirst();
                }
                // Each set by itself: nothing that was found for another is used.
                var whole = with;
                return new Soundness(present, build, line.id()).open(key, new Lazy<>(() -> new BuildContext(whole)));
            });
        }
    }
}
