package lowfield.measure;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.StreamSupport;
import lowfield.core.check.rules.Checks;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.server.platform.Json;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;

/**
 * The full extra cost of every option of the demo's tiers, what each forces followed to the end, beside one run of all checks
 * on the same build with that part. The parts are the demo's; their prices are drawn from a fixed seed.
 */
final class ForcedMeasure {
    private static final int ROUNDS = 9;
    private static final int WARMING = 3;

    /** An option on a line of a build. */
    private record Offered(Build build, UUID line, Part part) {}

    private final Map<String, Part> parts = new HashMap<>();
    private final TestEdition prices = new TestEdition();
    private final List<Offered> offered = new ArrayList<>();

    private ForcedMeasure() {
        var random = new Random(20_261_203);
        var minor = new HashMap<UUID, Long>();
        read("parts.json").forEach(p -> {
            var part = part(p);
            parts.put(p.path("key").asString(), part);
            minor.put(part.id(), 5_000L + random.nextInt(60_000));
            prices.costs(part, minor.get(part.id()));
        });
        prices.selling(kind -> forSale(kind, minor));
        read("guide.json").path("tiers").forEach(this::tier);
    }

    private List<Part> forSale(Kind kind, Map<UUID, Long> minor) {
        return parts.values().stream()
                .filter(p -> p.kind() == kind)
                .sorted(Comparator.comparing((Part p) -> minor.get(p.id())).thenComparing(Part::id))
                .toList();
    }

    private static JsonNode read(String file) {
        try (var in = ForcedMeasure.class.getResourceAsStream("/demo/" + file)) {
            return Json.read(new String(in.readAllBytes(), StandardCharsets.UTF_8), JsonNode.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Part part(JsonNode p) {
        var kind = Kind.valueOf(p.path("kind").asString());
        var key = p.path("key").asString();
        Map<String, Object> spec = Json.read(p.path("spec").toString(), new TypeReference<>() {});
        return new Part(
                UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8)),
                UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8)),
                kind,
                p.path("maker").asString(),
                p.path("maker").asString() + " " + p.path("name").asString(),
                p.path("variant").asString(""),
                Release.ON_SALE,
                Optional.empty(),
                Optional.empty(),
                Instant.EPOCH,
                kind.schema().read(spec));
    }

    private void tier(JsonNode tier) {
        var name = tier.path("form").path("name").asString();
        var lines = StreamSupport.stream(tier.path("lines").spliterator(), false)
                .filter(l -> l.path("part").isString())
                .map(l -> new Line(
                        id(name, l),
                        Slot.valueOf(l.path("slot").asString()),
                        new Choice.Chosen(parts.get(l.path("part").asString())),
                        1,
                        true))
                .toList();
        var build = new Build(lines);
        tier.path("lines")
                .forEach(l -> l.path("options")
                        .forEach(o -> offered.add(new Offered(
                                build, id(name, l), parts.get(o.path("part").asString())))));
    }

    private static UUID id(String tier, JsonNode line) {
        return UUID.nameUUIDFromBytes((tier + line.path("slot").asString()).getBytes(StandardCharsets.UTF_8));
    }

    static void run() {
        new ForcedMeasure().measure();
    }

    private void measure() {
        var full = new ArrayList<Double>();
        var once = new ArrayList<Double>();
        var forced = 0;
        for (int round = -WARMING; round < ROUNDS; round++) {
            var from = System.nanoTime();
            forced = 0;
            for (var option : offered) {
                forced += evaluated(option)
                        .impacts(option.line())
                        .of(option.part())
                        .forced()
                        .size();
            }
            var between = System.nanoTime();
            for (var option : offered) {
                Checks.on(option.build().taking(option.line(), option.part()));
            }
            if (round >= 0) {
                full.add((between - from) / 1e6);
                once.add((System.nanoTime() - between) / 1e6);
            }
        }
        var all = ImportMeasure.median(full);
        var checks = ImportMeasure.median(once);
        System.out.printf(
                Locale.ROOT,
                "options=%d forced_parts=%d forced_ms=%.1f check_ms=%.1f forced_ratio=%.1f%n",
                offered.size(),
                forced,
                all,
                checks,
                all / checks);
    }

    private EvaluatedBuild evaluated(Offered option) {
        return prices.evaluated(option.build());
    }
}
