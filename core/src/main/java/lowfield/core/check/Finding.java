package lowfield.core.check;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;

/**
 * What one check says of some lines: one of its outcomes with values. Sentences are rendered when asked for. A finding that
 * is not known for want of a catalogue figure names it.
 */
public final class Finding {
    private final Check check;
    private final Outcome outcome;
    private final List<Seen> seen;
    private final Object[] values;
    private final boolean onUsualValue;
    private final Optional<Seen.Asked<?>> missing;
    private final BuildContext build;
    private final List<Finding> because;
    private final Optional<Integer> number;

    Finding(
            Check check,
            Outcome outcome,
            List<Seen> seen,
            Object[] values,
            boolean onUsualValue,
            Optional<Seen.Asked<?>> missing,
            BuildContext build,
            int number) {
        this(check, outcome, seen, values, onUsualValue, missing, build, List.of(), Optional.of(number));
    }

    private Finding(
            Check check,
            Outcome outcome,
            List<Seen> seen,
            Object[] values,
            boolean onUsualValue,
            Optional<Seen.Asked<?>> missing,
            BuildContext build,
            List<Finding> because,
            Optional<Integer> number) {
        this.check = check;
        this.outcome = outcome;
        this.seen = seen;
        this.values = values;
        this.onUsualValue = onUsualValue;
        this.missing = missing;
        this.build = build;
        this.because = because;
        this.number = number;
    }

    /** What follows for a line from findings about other builds than this: it changes with any of them. */
    public static Finding because(Check check, String outcome, Line line, List<Finding> because, Object... values) {
        var build = new BuildContext(new Build(List.of(line)));
        var seen = List.of(new Seen(line, View.of(line.slot()), Reads.UNKEPT));
        return new Finding(
                check,
                check.outcome(outcome),
                seen,
                values,
                false,
                Optional.empty(),
                build,
                List.copyOf(because),
                Optional.empty());
    }

    public Check check() {
        return check;
    }

    public Outcome outcome() {
        return outcome;
    }

    public Verdict verdict() {
        return outcome.verdict();
    }

    /** The lines that it is about. */
    public List<UUID> lines() {
        return seen.stream().map(Seen::id).toList();
    }

    /** Whether a usual value stands for a figure that nobody printed. */
    public boolean onUsualValue() {
        return onUsualValue;
    }

    public Optional<Gap> gap() {
        return missing.flatMap(Seen.Asked::gap);
    }

    /** The sentence for the author: "The graphics card is 337 mm long; the case takes 330 mm with front fans." */
    public String evidence() {
        return worded(outcome.author());
    }

    /**
     * The sentence for readers; absent where it is of no use to them. A clash that is published all the same is told in the
     * author's words, unless only the tier asked for what is not kept.
     */
    public Optional<String> forReaders() {
        return outcome.reader()
                .map(this::worded)
                .or(() -> verdict() == Verdict.CLASH
                                && check.declaration().requirements().isEmpty()
                        ? Optional.of(evidence())
                        : Optional.empty());
    }

    private String worded(String template) {
        return values.length == 0
                ? template
                : template.formatted(Arrays.stream(values).map(Finding::word).toArray());
    }

    private static Object word(Object value) {
        return value instanceof Set<?> words
                ? words.stream().map(Object::toString).sorted().collect(Collectors.joining(", "))
                : value;
    }

    /**
     * Same check, outcome, slots, parts and everything that decided: figures that were looked at, of these lines and of others,
     * the tier's wishes, usual values. An answer given to it still holds, in any build of the guide and in later editions.
     * SHA-256 over canonical text, in hexadecimal; wording does not enter.
     */
    public String fingerprint() {
        return CanonicalFinding.fingerprint(this);
    }

    /** The fingerprint that answers of before were given for. */
    public String formerFingerprint() {
        return CanonicalFinding.former(this);
    }

    /** Whether something decided it that its former fingerprint did not hold, so that an answer of before may not cover it. */
    public boolean isBoundCloser() {
        return CanonicalFinding.decided(this).gained();
    }

    /** The values of its sentence, in the order of the template: what is taken, what is there, what that was measured with. */
    public List<Object> values() {
        return List.of(values);
    }

    Optional<Seen.Asked<?>> missing() {
        return missing;
    }

    List<Seen> seen() {
        return seen;
    }

    List<Finding> because() {
        return because;
    }

    BuildContext build() {
        return build;
    }

    /** Where it stands among what its check says of the build; absent where no check's code made it. */
    Optional<Integer> number() {
        return number;
    }

    /** Whether the other finding says exactly the same of the same lines. */
    public boolean equalTo(Finding other) {
        return check == other.check
                && outcome == other.outcome
                && onUsualValue == other.onUsualValue
                && lines().equals(other.lines())
                && Arrays.equals(plain(), other.plain());
    }

    private Object[] plain() {
        return Arrays.stream(values)
                .map(v -> v instanceof Seen s ? s.line().choice().key() : v)
                .toArray();
    }

    public boolean touches(UUID line) {
        return seen.stream().anyMatch(s -> s.id().equals(line));
    }

    @Override
    public String toString() {
        return check.id() + " " + outcome.name() + ": " + evidence();
    }
}
