package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import lowfield.core.guide.Span;
import lowfield.core.part.Figure;

/**
 * Collects what one check says. Its logic has three values: a figure that is missing makes the finding <em>not known</em>
 * and names the figure; one that does not apply makes the check silent. Only outcomes that the check lists can be said.
 */
public final class FindingCollector {
    private final Check check;
    private final BuildContext build;
    private final List<Finding> findings;
    private final int before;

    FindingCollector(Check check, BuildContext build, List<Finding> findings) {
        this.check = check;
        this.build = build;
        this.findings = findings;
        this.before = findings.size();
    }

    public About about(Seen... lines) {
        return new About(List.of(lines));
    }

    public About about(List<Seen> lines, Seen... more) {
        var all = new ArrayList<Seen>(lines.size() + more.length);
        all.addAll(lines);
        all.addAll(List.of(more));
        return new About(all);
    }

    /** What is said of some lines. */
    public final class About {
        private final List<Seen> lines;

        private About(List<Seen> lines) {
            this.lines = lines;
        }

        /** One of the check's outcomes, with the values of its sentences. */
        public void say(String outcome, Object... values) {
            add(check.outcome(outcome), values, false, Optional.empty());
        }

        /** The same, resting on a usual value. */
        public void sayOn(Span span, String outcome, Object... values) {
            add(check.outcome(outcome), values, span.onUsualValue(), Optional.empty());
        }

        /** The same, where the check has a documented usual value of its own: ranks by the size of a module. */
        public void sayOn(boolean onUsualValue, String outcome, Object... values) {
            add(check.outcome(outcome), values, onUsualValue, Optional.empty());
        }

        /** The figure is missing. */
        public void missing(Seen.Asked<?> asked) {
            add(Outcome.MISSING, new Object[] {asked.input().name(), asked.seen()}, false, Optional.of(asked));
        }

        public <A> void with(Seen.Asked<A> first, Consumer<A> then) {
            if (first.figure() instanceof Figure.Known<A> known) {
                then.accept(known.held());
            } else if (first.isMissing()) {
                missing(first);
            }
        }

        public <A, B> void with(Seen.Asked<A> first, Seen.Asked<B> second, BiConsumer<A, B> then) {
            if (!(second.figure() instanceof Figure.NotApplicable)) {
                with(first, a -> with(second, b -> then.accept(a, b)));
            }
        }

        private void add(Outcome outcome, Object[] values, boolean onUsualValue, Optional<Seen.Asked<?>> missing) {
            findings.add(
                    new Finding(check, outcome, lines, values, onUsualValue, missing, build, findings.size() - before));
            build.reads().said();
        }
    }
}
