package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.part.Figure;

/**
 * A check declared as a relation between a figure of one slot and a figure of another, with three-valued logic: not known
 * when either figure is missing, silent when either does not apply.
 */
final class PairCheck<A, B> implements Check {
    private final String id;
    private final String rule;
    private final Reading<?, A> left;
    private final Reading<?, B> right;
    private final BiPredicate<A, B> relation;
    private final String fits;
    private final String clash;

    private PairCheck(
            String id,
            String rule,
            Reading<?, A> left,
            Reading<?, B> right,
            BiPredicate<A, B> relation,
            String fits,
            String clash) {
        this.id = id;
        this.rule = rule;
        this.left = left;
        this.right = right;
        this.relation = relation;
        this.fits = fits;
        this.clash = clash;
    }

    /** The two figures are the same. Templates take the left value, then the right. */
    static <A> PairCheck<A, A> equal(
            String id, String rule, Reading<?, A> left, Reading<?, A> right, String fits, String clash) {
        return new PairCheck<>(id, rule, left, right, Object::equals, fits, clash);
    }

    /** The left figure is at most the right one. */
    static PairCheck<Integer, Integer> atMost(
            String id, String rule, Reading<?, Integer> left, Reading<?, Integer> right, String fits, String clash) {
        return new PairCheck<>(id, rule, left, right, (a, b) -> a <= b, fits, clash);
    }

    /** The left figure is one of the right ones. */
    static PairCheck<String, Set<String>> oneOf(
            String id, String rule, Reading<?, String> left, Reading<?, Set<String>> right, String fits, String clash) {
        return new PairCheck<>(id, rule, left, right, (a, b) -> b.contains(a), fits, clash);
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String rule() {
        return rule;
    }

    @Override
    public boolean decisive() {
        return true;
    }

    @Override
    public List<Finding> on(Build build) {
        var findings = new ArrayList<Finding>();
        for (var a : build.filled(left.slot())) {
            for (var b : build.filled(right.slot())) {
                between(a, b).forEach(findings::add);
            }
        }
        return findings;
    }

    private Stream<Finding> between(Line a, Line b) {
        var l = left.from(a);
        var r = right.from(b);
        var lines = List.of(a.id(), b.id());
        if (l instanceof Figure.NotApplicable || r instanceof Figure.NotApplicable) {
            return Stream.empty();
        }
        if (!l.isKnown()) {
            return Stream.of(Finding.of(this, Verdict.NOT_KNOWN, lines, "%s", left.missing(a)));
        }
        if (!r.isKnown()) {
            return Stream.of(Finding.of(this, Verdict.NOT_KNOWN, lines, "%s", right.missing(b)));
        }
        var leftValue = l.value().orElseThrow();
        var rightValue = r.value().orElseThrow();
        var holds = relation.test(leftValue, rightValue);
        return Stream.of(Finding.of(
                this,
                holds ? Verdict.FITS : Verdict.CLASH,
                lines,
                holds ? fits : clash,
                worded(leftValue),
                worded(rightValue)));
    }

    private static Object worded(Object value) {
        return value instanceof Set<?> set
                ? String.join(", ", set.stream().map(Object::toString).sorted().toList())
                : value;
    }
}
