package lowfield.core.check;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Least;
import lowfield.core.guide.Line;
import lowfield.core.guide.Plans;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Sold;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.core.part.Schema;

/** Parts and builds near the edges of every check, from a seed: the sound build with figures changed, missing or not applicable. */
public final class GeneratedParts {
    private static final Map<Slot, Map<String, Object>> BASE = Map.of(
            Slot.SECOND_DRIVE, TestBuild.figuresOf(Slot.SYSTEM_DRIVE),
            Slot.SCREEN,
                    Map.of(
                            "resolution", "2560 x 1440",
                            "refresh", 144,
                            "inputs", List.of("HDMI"),
                            "videoInputs", DrawnRows.ports(259),
                            "adaptive", List.of("open")),
            Slot.CASE_FANS, Map.of("size", 120, "count", 1, "thickness", 25, "lightingPlug", Schema.NOT_APPLICABLE),
            Slot.WIFI, Map.of("bus", "PCIe x1"),
            Slot.LIGHTING, Map.of("lightingPlug", "3-pin 5 V"));

    private final Random random;

    private final List<Lean> leaning = new ArrayList<>();

    public GeneratedParts(long seed) {
        this.random = new Random(seed);
    }

    /** A part of a slot: sound, but each figure may be changed, missing or, rarely, not applicable. */
    public Part part(Slot slot) {
        var spec = new HashMap<String, Object>(BASE.getOrDefault(slot, TestBuild.figuresOf(slot)));
        var change = 0.04 + 0.3 * random.nextDouble() * random.nextDouble();
        for (var field : slot.kind().schema().fields()) {
            var dice = random.nextDouble();
            if (dice < change) {
                spec.put(field.name(), value(slot, field));
            } else if (dice < change * 1.35) {
                spec.remove(field.name());
            } else if (dice < change * 1.4) {
                spec.put(field.name(), Schema.NOT_APPLICABLE);
            }
        }
        for (var lean : leaning) {
            if (lean.slot().kind() == slot.kind() && random.nextInt(10) > 0) {
                var value = lean.values().get(random.nextInt(lean.values().size()));
                if (value == null) {
                    spec.remove(lean.figure());
                } else {
                    spec.put(lean.figure(), value);
                }
            }
        }
        return part(slot, spec, new UUID(random.nextLong(), random.nextLong()));
    }

    private Part part(Slot slot, Map<String, Object> spec, UUID id) {
        var release = random.nextInt(30) == 0 ? Release.values()[random.nextInt(4)] : Release.ON_SALE;
        return new Part(
                id,
                id,
                slot.kind(),
                "Test",
                "Test " + slot.kind().label(),
                "",
                release,
                Optional.empty(),
                random.nextInt(40) == 0 ? Optional.of("squeaks") : Optional.empty(),
                Instant.EPOCH,
                slot.kind().schema().read(spec));
    }

    /** The part with one figure changed or gone, and still the same part. */
    public Part changed(Part part, Slot slot, Field field) {
        var spec = new HashMap<>(slot.kind().schema().write(part.spec()));
        if (random.nextInt(4) == 0) {
            spec.remove(field.name());
        } else {
            spec.put(field.name(), value(slot, field));
        }
        return new Part(
                part.id(),
                part.product(),
                part.kind(),
                part.maker(),
                part.name(),
                part.variant(),
                part.release(),
                part.suggestedPrice(),
                part.avoid(),
                part.added(),
                slot.kind().schema().read(spec));
    }

    /** What a figure may be: its pool, or the whole of what its kind of value can hold, thinned. */
    List<?> values(Kind kind, String figure) {
        var field = kind.schema().field(figure).orElseThrow();
        var pool = FigurePools.ALL.get(kind.name() + "." + figure);
        if (pool != null) {
            return pool;
        }
        return switch (field.holds()) {
            case YES_NO -> List.of(true, false);
            case NUMBER -> List.of(1, Math.min(field.most(), 30), Math.min(field.most(), 300));
            case TEXT -> List.of("one", "another");
            case SET -> List.of(List.of("one"), List.of("another"));
            case PAIRS -> List.of(Map.of("one", "another"));
            case ROWS -> List.of(List.of());
        };
    }

    private Object value(Slot slot, Field field) {
        var pool = FigurePools.ALL.get(slot.kind().name() + "." + field.name());
        if (pool != null) {
            return pool.get(random.nextInt(pool.size()));
        }
        return switch (field.holds()) {
            case YES_NO -> random.nextBoolean();
            case NUMBER -> Math.min(field.most(), random.nextInt(300));
            case TEXT -> random.nextBoolean() ? "one" : "another";
            case SET -> List.of(random.nextBoolean() ? "one" : "another");
            case PAIRS -> Map.of("one", "another");
            case ROWS -> List.of();
        };
    }

    /** A build: every slot that is needed, some of the others, and now and then something that is no part. */
    public Build build() {
        leaning.clear();
        for (int i = 0; i < 2; i++) {
            leaning.addAll(Lean.ALL.get(random.nextInt(Lean.ALL.size())));
        }
        var lines = new ArrayList<Line>();
        for (var slot : Slot.values()) {
            if (slot.needed() || random.nextInt(3) == 0) {
                lines.add(line(slot));
            }
            if ((slot.several() || slot == Slot.MEMORY) && random.nextInt(6) == 0) {
                lines.add(line(slot));
            }
        }
        var build = new Build(lines, random.nextInt(2) == 0 ? wishes() : Wishes.NONE);
        return random.nextBoolean() ? build.in(2026) : build;
    }

    private Line line(Slot slot) {
        var choice = choice(slot);
        var many = random.nextInt(20) == 0 ? 2 + random.nextInt(2) : 1;
        var line = new Line(new UUID(random.nextLong(), random.nextLong()), slot, choice, many, random.nextInt(8) > 0);
        if (random.nextInt(6) == 0) {
            line = line.at(
                    slot == Slot.GRAPHICS_CARD
                            ? "upright"
                            : List.of("front", "top", "rear").get(random.nextInt(3)));
        }
        if (random.nextInt(12) == 0) {
            line = line.meaning(List.of("Test", "white", "ATX").get(random.nextInt(3)));
        }
        return random.nextInt(4) == 0 ? line.soldAs(sold(line.id())) : line;
    }

    /** In some condition, with or without a boxed cooler, or nothing said of it. */
    private Sold sold(UUID line) {
        var cooler = (int) (line.getLeastSignificantBits() & 3);
        return new Sold(
                Condition.values()[random.nextInt(4)], Optional.of(cooler == 1).filter(with -> cooler < 2));
    }

    private Choice choice(Slot slot) {
        if (slot == Slot.CABLES && random.nextInt(3) == 0) {
            return new Choice.Owned("old PSU");
        }
        if (slot == Slot.WIFI && random.nextInt(4) == 0) {
            return new Choice.OnTheBoard("");
        }
        if (slot == Slot.COOLER && random.nextInt(10) == 0) {
            return new Choice.InTheBox("");
        }
        return switch (random.nextInt(24)) {
            case 0 -> new Choice.Owned("old PSU", like(slot));
            case 1 ->
                new Choice.FreeHand(
                        "something", Money.of(1000, "EUR"), random.nextBoolean(), like(slot), Optional.empty());
            case 2 -> new Choice.None();
            case 3 -> new Choice.InTheBox("");
            case 4 -> new Choice.OnTheBoard("");
            case 5 -> new Choice.Empty();
            case 6 -> {
                var members = List.of(part(slot), part(slot));
                yield new Choice.VettedSet(members, Money.of(0, "EUR"), members.get(random.nextInt(2)));
            }
            default -> new Choice.Chosen(part(slot));
        };
    }

    /** A part with the figures of what is owned or unlisted, or none. */
    private Optional<Part> like(Slot slot) {
        return random.nextBoolean() ? Optional.of(part(slot)) : Optional.empty();
    }

    private Wishes wishes() {
        return new Wishes(
                random.nextBoolean() ? java.util.Set.of("black") : java.util.Set.of(),
                Wishes.Lit.values()[random.nextInt(3)],
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean() ? Optional.of(30) : Optional.empty(),
                random.nextBoolean() ? java.util.Set.of("USB-A") : java.util.Set.of(),
                random.nextBoolean() ? Optional.of("good") : Optional.empty(),
                random.nextBoolean() ? Optional.of(java.util.Set.of(Slot.SCREEN)) : Optional.empty(),
                random.nextBoolean() ? Optional.of("Home coast") : Optional.empty(),
                new Least(ask(8, 24), ask(1000, 4000), ask(100, 600)),
                new Plans(random.nextBoolean(), random.nextBoolean()),
                random.nextBoolean() ? Optional.of(java.util.Set.of(Condition.NEW)) : Optional.empty());
    }

    /** One of two sizes, or neither. */
    private Optional<Integer> ask(int little, int much) {
        return random.nextBoolean() ? Optional.of(random.nextBoolean() ? little : much) : Optional.empty();
    }

    public Random random() {
        return random;
    }
}
