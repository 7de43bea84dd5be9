package lowfield.core.check.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiPredicate;
import lowfield.core.check.BuildContext;
import lowfield.core.check.Check;
import lowfield.core.check.Derived;
import lowfield.core.check.FigureRef;
import lowfield.core.check.Finding;
import lowfield.core.check.GeneratedParts;
import lowfield.core.check.TestBuild;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.part.Field;
import lowfield.core.part.Part;
import org.junit.jupiter.api.Test;

/** What every check declares is what it goes by: over thousands of generated builds, from fixed seeds. */
class DeclarationsTest {
    private static final int LEAST = 20;
    private static final int MOST_TRIES = 6_000;

    @Test
    void aSoundBuildFitsThroughout() {
        assertThat(Checks.on(TestBuild.sound().build()))
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.verdict()).as("%s", f).isEqualTo(Verdict.FITS));
    }

    @Test
    void idsAndOutcomesAreUniqueAndRulesAreSentences() {
        assertThat(Checks.all()).extracting(Check::id).doesNotHaveDuplicates();
        assertThat(Checks.all()).allSatisfy(c -> {
            assertThat(c.rule()).hasSizeGreaterThan(15);
            assertThat(c.outcomes()).extracting(o -> o.name()).doesNotHaveDuplicates();
        });
    }

    /** The generated builds reach every outcome of every check, and every sentence can be worded. */
    @Test
    void everyOutcomeIsReachedAndWorded() {
        var parts = new GeneratedParts(20261203);
        var seen = new HashMap<String, Integer>();
        for (int i = 0; i < 30_000; i++) {
            for (var finding : Checks.on(parts.build())) {
                var many = seen.merge(
                        finding.check().id() + " " + finding.outcome().name(), 1, Integer::sum);
                if (many <= LEAST) {
                    assertThat(finding.evidence()).isNotBlank().doesNotContain("%s", "%%");
                    assertThat(finding.forReaders().orElse("")).doesNotContain("%s", "%%");
                    assertThat(finding.fingerprint()).hasSize(64);
                }
            }
        }
        var rare = new TreeMap<String, Integer>();
        for (var check : Checks.all()) {
            check.outcomes().forEach(o -> {
                var many = seen.getOrDefault(check.id() + " " + o.name(), 0);
                if (many < LEAST) {
                    rare.put(check.id() + " " + o.name(), many);
                }
            });
        }
        assertThat(rare).isEmpty();
    }

    /** A change of a figure that a check does not declare changes nothing that it says. */
    @Test
    void whatIsNotDeclaredIsNotRead() {
        var parts = new GeneratedParts(7);
        for (int i = 0; i < 4_000; i++) {
            var change = change(parts);
            for (var check : Checks.all()) {
                if (check.reads().stream()
                        .noneMatch(r -> r.kind() == change.slot().kind()
                                && r.field().equals(change.field().name()))) {
                    assertThat(same(on(check, change.before()), on(check, change.after())))
                            .as("%s reads %s", check, change.field().name())
                            .isTrue();
                }
            }
        }
    }

    /** A change of a figure that a check declares changes what it says in some build. */
    @Test
    void whatIsDeclaredIsRead() {
        var open = new TreeSet<String>();
        var parts = new GeneratedParts(11);
        for (var check : Checks.all()) {
            for (var figure : check.ownFigures()) {
                if (!isRead(figure, parts, (before, after) -> !same(on(check, before), on(check, after)))) {
                    open.add(check.id() + " " + figure.key());
                }
            }
        }
        var derived = Checks.all().stream()
                .flatMap(c -> c.derived().stream())
                .distinct()
                .toList();
        for (Derived<?> each : derived) {
            for (var figure : each.figures()) {
                if (!isRead(
                        figure,
                        parts,
                        (before, after) ->
                                !new BuildContext(before).told(each).equals(new BuildContext(after).told(each)))) {
                    open.add(each.key() + " " + figure.key());
                }
            }
        }
        assertThat(open).isEmpty();
    }

    @Test
    void fingerprintsAreTheSameInEveryBuildThatSharesWhatDecided() {
        var one = TestBuild.sound()
                .with(Slot.GRAPHICS_CARD, "length", 311)
                .of("card-length")
                .get(0);
        var other = TestBuild.sound()
                .with(Slot.GRAPHICS_CARD, "length", 311)
                .with(Slot.MOTHERBOARD, "sataPorts", 6)
                .of("card-length")
                .get(0);
        var further = TestBuild.sound()
                .with(Slot.GRAPHICS_CARD, "length", 320)
                .of("card-length")
                .get(0);
        assertThat(one.fingerprint()).isEqualTo(other.fingerprint()).isNotEqualTo(further.fingerprint());
    }

    private static boolean isRead(FigureRef<?, ?> figure, GeneratedParts parts, BiPredicate<Build, Build> differs) {
        for (int i = 0; i < MOST_TRIES; i++) {
            var build = parts.build();
            for (var line : build.lines()) {
                if (line.slot().kind() == figure.kind() && line.choice().part().isPresent()) {
                    var field = figure.kind().schema().field(figure.field()).orElseThrow();
                    var changed = parts.changed(line.choice().part().orElseThrow(), line.slot(), field);
                    if (differs.test(
                            with(build, line, line.choice().part().orElseThrow()), with(build, line, changed))) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Two figures that one check misses of the same lines are two findings. */
    @Test
    void whatIsMissingIsPartOfTheFingerprint() {
        var one = TestBuild.sound()
                .without(Slot.PROCESSOR, "cardLanes")
                .of("card-lanes")
                .get(0);
        var other = TestBuild.sound()
                .without(Slot.PROCESSOR, "cardLanes")
                .without(Slot.GRAPHICS_CARD, "lanes")
                .of("card-lanes")
                .get(0);
        assertThat(one.gap()).isNotEqualTo(other.gap());
        assertThat(one.fingerprint()).isNotEqualTo(other.fingerprint());
    }

    private record Change(Slot slot, Field field, Build before, Build after) {}

    private static Change change(GeneratedParts parts) {
        var build = parts.build();
        var lines = build.lines().stream()
                .filter(l -> l.choice() instanceof Choice.Chosen)
                .toList();
        var line = lines.get(parts.random().nextInt(lines.size()));
        var fields = line.slot().kind().schema().fields();
        var field = fields.get(parts.random().nextInt(fields.size()));
        var changed = parts.changed(line.choice().part().orElseThrow(), line.slot(), field);
        return new Change(line.slot(), field, build, with(build, line, changed));
    }

    private static Build with(Build build, Line line, Part part) {
        var lines = build.lines().stream()
                .map(l -> l.id().equals(line.id())
                        ? new Line(
                                l.id(),
                                l.slot(),
                                new Choice.Chosen(part),
                                l.quantity(),
                                l.counted(),
                                l.place(),
                                l.meant(),
                                l.sold())
                        : l)
                .toList();
        var changed = new Build(lines, build.wishes());
        return build.year().map(changed::in).orElse(changed);
    }

    private static List<Finding> on(Check check, Build build) {
        return check.on(new BuildContext(build));
    }

    private static boolean same(List<Finding> one, List<Finding> other) {
        if (one.size() != other.size()) {
            return false;
        }
        for (int i = 0; i < one.size(); i++) {
            if (!one.get(i).equalTo(other.get(i))) {
                return false;
            }
        }
        return true;
    }
}
