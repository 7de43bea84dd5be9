package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import lowfield.core.guide.Line;
import lowfield.core.part.Figure;

/**
 * Collects what one check says. Its logic has three values: a figure that is missing makes the finding <em>not known</em>
 * and names the figure; one that does not apply makes the check silent.
 */
final class Telling {
    private final Rule rule;
    private final List<Finding> findings;

    Telling(Rule rule, List<Finding> findings) {
        this.rule = rule;
        this.findings = findings;
    }

    About about(Line... lines) {
        return switch (lines.length) {
            case 1 -> new About(List.of(lines[0].id()));
            case 2 -> new About(List.of(lines[0].id(), lines[1].id()));
            default -> about(List.of(lines));
        };
    }

    About about(List<Line> lines) {
        var ids = new UUID[lines.size()];
        for (int i = 0; i < ids.length; i++) {
            ids[i] = lines.get(i).id();
        }
        return new About(List.of(ids));
    }

    About about(List<Line> lines, Line... more) {
        var all = new ArrayList<Line>(lines.size() + more.length);
        all.addAll(lines);
        all.addAll(List.of(more));
        return about(all);
    }

    /** What is said of some lines. */
    final class About {
        private final List<UUID> lines;

        private About(List<UUID> lines) {
            this.lines = lines;
        }

        void fits(String template, Object... values) {
            add(Verdict.FITS, template, values);
        }

        void caution(String template, Object... values) {
            add(Verdict.CAUTION, template, values);
        }

        void clash(String template, Object... values) {
            add(Verdict.CLASH, template, values);
        }

        /** A clash where the check decides, a caution where it advises. */
        void fails(String template, Object... values) {
            add(rule.decisive() ? Verdict.CLASH : Verdict.CAUTION, template, values);
        }

        void notKnown(String template, Object... values) {
            add(Verdict.NOT_KNOWN, template, values);
        }

        /** The figure is missing. */
        void missing(Reading.Asked<?> asked) {
            findings.add(new Finding(
                    rule,
                    Verdict.NOT_KNOWN,
                    lines,
                    "%s of %s is not known",
                    List.of(asked.reading().name(), asked.line().choice()),
                    asked.gap()));
        }

        <A> void with(Reading.Asked<A> first, Consumer<A> then) {
            var a = first.figure();
            if (a instanceof Figure.Known<A> known) {
                then.accept(known.held());
            } else if (a instanceof Figure.NotKnown) {
                missing(first);
            }
        }

        <A, B> void with(Reading.Asked<A> first, Reading.Asked<B> second, BiConsumer<A, B> then) {
            if (!(second.figure() instanceof Figure.NotApplicable)) {
                with(first, a -> with(second, b -> then.accept(a, b)));
            }
        }

        private void add(Verdict verdict, String template, Object... values) {
            findings.add(new Finding(rule, verdict, lines, template, List.of(values), Optional.empty()));
        }
    }
}
