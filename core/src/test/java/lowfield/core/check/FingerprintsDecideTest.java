package lowfield.core.check;

import static lowfield.core.check.TestBuild.sound;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Least;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** An answer covers what it was given for: what decides a finding changes its fingerprint, and nothing else does. */
class FingerprintsDecideTest {
    private static String one(TestBuild build, String check, String outcome) {
        var found = Checks.on(build.build()).stream()
                .filter(f -> f.check().id().equals(check) && f.outcome().name().equals(outcome))
                .toList();
        assertThat(found).as("%s %s", check, outcome).hasSize(1);
        return found.get(0).fingerprint();
    }

    /** The same part with another value of one figure, or without it where the value is null. */
    static Line with(Line line, Part part, String field, Object value) {
        var spec = new HashMap<>(part.kind().schema().write(part.spec()));
        if (value == null) {
            spec.remove(field);
        } else {
            spec.put(field, value);
        }
        var changed = line.with(new Choice.Chosen(new Part(
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
                part.kind().schema().read(spec))));
        return line.sold().map(changed::soldAs).orElse(changed);
    }

    private static Map<String, List<Finding>> byCheckAndLines(Build build) {
        return Checks.on(build).stream()
                .collect(Collectors.groupingBy(f -> f.check().id() + f.lines()));
    }

    /** Each figure of each part of drawn builds is taken from another drawn part of its slot, one at a time. */
    @Test
    void whatDecidesChangesItAndWhatIsNotLookedAtDoesNot() {
        var parts = new GeneratedParts(20261212);
        var random = new Random(20261213);
        var read = Checks.all().stream()
                .flatMap(c -> c.reads().stream())
                .collect(Collectors.groupingBy(
                        FigureRef::kind,
                        Collectors.mapping(
                                FigureRef::field,
                                Collectors.collectingAndThen(Collectors.toCollection(TreeSet::new), List::copyOf))));
        var changed = 0;
        var kept = 0;
        for (int i = 0; i < 150; i++) {
            var build = parts.build();
            var before = byCheckAndLines(build);
            for (var line : build.lines()) {
                if (!(line.choice() instanceof Choice.Chosen chosen)
                        || !read.containsKey(line.slot().kind())) {
                    continue;
                }
                var other = parts.part(line.slot());
                var field = read.get(line.slot().kind())
                        .get(random.nextInt(read.get(line.slot().kind()).size()));
                var value = other.kind().schema().write(other.spec()).get(field);
                var after = byCheckAndLines(build.replacing(with(line, chosen.which(), field, value)));
                for (var each : before.entrySet()) {
                    var now = after.getOrDefault(each.getKey(), List.of());
                    if (each.getValue().size() != 1 || now.size() != 1) {
                        continue;
                    }
                    var was = each.getValue().get(0);
                    var is = now.get(0);
                    var reads = was.check().reads().stream()
                            .anyMatch(r ->
                                    r.kind() == line.slot().kind() && r.field().equals(field));
                    if (!was.equalTo(is)) {
                        assertThat(is.fingerprint())
                                .as("%s and %s by %s", was, is, field)
                                .isNotEqualTo(was.fingerprint());
                        changed++;
                    } else if (!reads) {
                        assertThat(is.fingerprint())
                                .as("%s by %s of %s", was, field, line.slot())
                                .isEqualTo(was.fingerprint());
                        kept++;
                    }
                }
            }
        }
        assertThat(changed).isGreaterThan(100);
        assertThat(kept).isGreaterThan(10_000);
    }

    private static Wishes cardMemory(int least) {
        return new Wishes(
                Set.of(),
                Wishes.Lit.EITHER,
                false,
                false,
                false,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new Least(Optional.of(least), Optional.empty(), Optional.empty()));
    }

    @Test
    void whatTheTierAsksFor() {
        var twelve = cardMemory(12);
        var more = cardMemory(24);
        assertThat(one(sound().with(Slot.GRAPHICS_CARD, "memory", 8).asked(twelve), "asked-card-memory", "short"))
                .isNotEqualTo(
                        one(sound().with(Slot.GRAPHICS_CARD, "memory", 8).asked(more), "asked-card-memory", "short"));
    }

    @Test
    void linesThatTheSentenceDoesNotName() {
        var fans =
                one(sound().adding(Slot.CASE_FANS, "thickness", 25).at(Slot.CASE_FANS, "front"), "card-length", "room");
        assertThat(one(
                        sound().adding(Slot.CASE_FANS, "thickness", 15).at(Slot.CASE_FANS, "front"),
                        "card-length",
                        "room"))
                .isNotEqualTo(fans);
    }

    @Test
    void figuresThatWereNotLookedAtDoNotCount() {
        var build = sound().with(Slot.GRAPHICS_CARD, "length", 600).build();
        var box = build.filled(Slot.CASE).get(0);
        var part = ((Choice.Chosen) box.choice()).which();
        assertThat(of(build.replacing(with(box, part, "fansIn", 0))))
                .isEqualTo(of(build.replacing(with(box, part, "fansIn", 3))));
        assertThat(of(build.replacing(with(box, part, "cardLength", 300)))).isNotEqualTo(of(build));
    }

    private static String of(Build build) {
        return Checks.on(build).stream()
                .filter(f -> f.check().id().equals("card-length"))
                .findFirst()
                .orElseThrow()
                .fingerprint();
    }
}
