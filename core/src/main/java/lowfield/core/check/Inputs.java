package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;
import lowfield.core.part.Figure;

/** All that a check's code, or a derived figure's, is given of a build: what it declared, and nothing else. */
public final class Inputs {
    private final BuildContext build;
    private final Declaration declared;

    Inputs(BuildContext build, Declaration declared) {
        this.build = build;
        this.declared = declared;
    }

    /** The filled lines of a view, in the author's order. */
    public List<Seen> lines(View view) {
        assert isDeclared(declared.views(), view, view);
        return build.lines(view);
    }

    /** Goes over the filled lines of a view, each by itself: what is looked at for one does not decide another. */
    public void each(View view, Consumer<Seen> code) {
        for (var line : lines(view)) {
            begin();
            code.accept(line);
        }
    }

    /** The first filled line of a view. */
    public Optional<Seen> first(View view) {
        var lines = lines(view);
        return lines.isEmpty() ? Optional.empty() : Optional.of(lines.get(0));
    }

    /** The lines of a view on which something really is: not deliberately none. */
    public List<Seen> there(View view) {
        var there = new ArrayList<Seen>(4);
        for (var line : lines(view)) {
            if (line.or(LineFact.SOURCE, LineFact.Source.NONE) != LineFact.Source.NONE) {
                there.add(line);
            }
        }
        return there;
    }

    /** The slots of a view that are still empty on the list. */
    public List<Seen> empty(View view) {
        assert isDeclared(declared.views(), view, view);
        return build.empty(view);
    }

    /** The same line with another of the declared views' figures in sight. */
    public Seen same(Seen line, View view) {
        assert isDeclared(declared.views(), view, view);
        return new Seen(line.line(), view, build.reads());
    }

    public <T> T required(Requirement<T> requirement) {
        assert isDeclared(declared.requirements(), requirement, requirement.key());
        return build.required(requirement);
    }

    public <T> T derived(Derived<T> derived) {
        assert isDeclared(declared.derived(), derived, derived.key());
        return build.derived(derived);
    }

    /** The figure of a line, or what is usual where it is rarely printed. */
    public Span orUsual(Seen line, Input<Integer> figure, UsualValue usual) {
        return orUsual(line.figure(figure), usual);
    }

    public Span orUsual(Figure<Integer> figure, UsualValue usual) {
        return figure.value().map(Span::exactly).orElseGet(() -> usual(usual));
    }

    /** What is usual where the figure is rarely printed; declared like a figure. */
    public Span usual(UsualValue usual) {
        assert isDeclared(declared.usual(), usual, usual.label());
        return build.usual(usual);
    }

    /** Several views' lines together. */
    public List<Seen> lines(List<View> views) {
        var all = new ArrayList<Seen>();
        views.forEach(v -> all.addAll(lines(v)));
        return all;
    }

    /** What is looked at from here on decides a line, pair or group by itself. */
    void begin() {
        build.reads().begin();
    }

    /** Held in tests, which run with assertions; at run time nothing is asked. */
    private static boolean isDeclared(List<?> declared, Object one, Object what) {
        if (!Declaration.has(declared, one)) {
            throw new IllegalStateException("A check looks at " + what + " and does not declare it");
        }
        return true;
    }
}
