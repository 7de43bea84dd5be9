package lowfield.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Sold;
import lowfield.core.part.Part;
import lowfield.core.part.Release;

/** The test kit of the checks: a complete build that fits, changed by a word or two, and what one check must say of it. */
public final class TestBuild {
    private final List<Line> lines = new ArrayList<>();
    private Wishes wishes = Wishes.NONE;
    private Optional<Integer> year = Optional.empty();

    private TestBuild() {
        for (var slot : Slot.values()) {
            if (SoundBuild.FIGURES.containsKey(slot)) {
                lines.add(new Line(
                        UUID.nameUUIDFromBytes(slot.name().getBytes()),
                        slot,
                        new Choice.Chosen(part(slot, SoundBuild.FIGURES.get(slot))),
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
        var id = UUID.nameUUIDFromBytes((slot + Canonical.text(spec)).getBytes());
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
        return SoundBuild.FIGURES.getOrDefault(slot, Map.of());
    }

    /** The sound part of a slot with other figures. */
    public static Part like(Slot slot, Object... namesAndValues) {
        var spec = new HashMap<>(SoundBuild.FIGURES.getOrDefault(slot, Map.of()));
        spec.putAll(SoundBuild.figures(namesAndValues));
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
        var spec = chosen(slot);
        spec.put(figure, value);
        return choosing(slot, new Choice.Chosen(part(slot, spec)));
    }

    /** One figure of a slot's part is not known. */
    public TestBuild without(Slot slot, String figure) {
        var spec = chosen(slot);
        spec.remove(figure);
        return choosing(slot, new Choice.Chosen(part(slot, spec)));
    }

    /** The figures of what is chosen in a slot now. */
    private Map<String, Object> chosen(Slot slot) {
        Map<String, Object> spec = lines.stream()
                .filter(l -> l.slot() == slot)
                .findFirst()
                .flatMap(l -> l.choice().part())
                .map(p -> new HashMap<>(slot.kind().schema().write(p.spec())))
                .orElseGet(() -> new HashMap<>(SoundBuild.FIGURES.get(slot)));
        return spec;
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

    /** The year of the edition. */
    public TestBuild in(int edition) {
        year = Optional.of(edition);
        return this;
    }

    /** Where the author puts what is on a slot's lines. */
    public TestBuild meaning(Slot slot, String version) {
        lines.replaceAll(l -> l.slot() == slot ? l.meaning(version) : l);
        return this;
    }

    public TestBuild at(Slot slot, String place) {
        lines.replaceAll(l -> l.slot() == slot ? l.at(place) : l);
        return this;
    }

    /** The condition of the offer that counts. */
    public TestBuild bought(Slot slot, Condition condition) {
        lines.replaceAll(l -> l.slot() == slot ? l.in(condition) : l);
        return this;
    }

    /** What the offer that counts says of the boxed cooler. */
    public TestBuild sold(Slot slot, Condition condition, boolean withCooler) {
        lines.replaceAll(l -> l.slot() == slot ? l.soldAs(new Sold(condition, Optional.of(withCooler))) : l);
        return this;
    }

    /** A line stands beside the total. */
    public TestBuild uncounted(Slot slot) {
        lines.replaceAll(l -> l.slot() == slot ? new Line(l.id(), slot, l.choice(), l.quantity(), false) : l);
        return this;
    }

    public Build build() {
        var build = new Build(lines, wishes);
        return year.map(build::in).orElse(build);
    }

    public UUID line(Slot slot) {
        return build().filled(slot).get(0).id();
    }

    /** The check says this, and nothing worse beside it. */
    public void says(String check, String outcome) {
        says(check, outcome, "");
    }

    /** The same with these words in its sentence for the author. */
    public void says(String check, String outcome, String words) {
        var findings = of(check);
        var said = findings.stream()
                .filter(f -> f.outcome().name().equals(outcome))
                .toList();
        assertThat(said)
                .as("%s of %s", outcome, findings)
                .isNotEmpty()
                .anySatisfy(f -> assertThat(f.evidence()).contains(words));
        assertThat(Verdict.worst(findings.stream().map(Finding::verdict).toList()))
                .as("nothing worse than %s of %s", outcome, findings)
                .isEqualTo(said.get(0).verdict());
    }

    /** The check misses a figure, and names it. */
    public void lacks(String check, String words) {
        says(check, "missing", words);
    }

    /** What the check says to readers. */
    public void tellsReaders(String check, String words) {
        assertThat(of(check))
                .anySatisfy(f -> assertThat(f.forReaders())
                        .hasValueSatisfying(s -> assertThat(s).contains(words)));
    }

    public void tellsReadersNothing(String check) {
        assertThat(of(check))
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.forReaders()).isEmpty());
    }

    public void isSilentOn(String check) {
        assertThat(of(check)).isEmpty();
    }

    public List<Finding> of(String check) {
        return Checks.on(build()).stream()
                .filter(f -> f.check().id().equals(check))
                .toList();
    }
}
