package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
        require(Declaration.has(declared.views(), view), view);
        return build.lines(view);
    }

    /** The first filled line of a view. */
    public Optional<Seen> first(View view) {
        var lines = lines(view);
        return lines.isEmpty() ? Optional.empty() : Optional.of(lines.get(0));
    }

    /** The slots of a view that are still empty on the list. */
    public List<Seen> empty(View view) {
        require(Declaration.has(declared.views(), view), view);
        return build.empty(view);
    }

    /** The same line with another of the declared views' figures in sight. */
    public Seen same(Seen line, View view) {
        require(Declaration.has(declared.views(), view), view);
        return new Seen(line.line(), view);
    }

    public <T> T required(Requirement<T> requirement) {
        require(Declaration.has(declared.requirements(), requirement), requirement.key());
        return build.required(requirement);
    }

    public <T> T derived(Derived<T> derived) {
        require(Declaration.has(declared.derived(), derived), derived.key());
        return build.derived(derived);
    }

    /** The figure of a line, or what is usual where it is rarely printed. */
    public Span orUsual(Seen line, Input<Integer> figure, UsualValue usual) {
        return orUsual(line.figure(figure), usual);
    }

    public Span orUsual(Figure<Integer> figure, UsualValue usual) {
        return figure.value().map(Span::exactly).orElseGet(() -> build.usual(usual));
    }

    public Span usual(UsualValue usual) {
        return build.usual(usual);
    }

    /** Several views' lines together. */
    public List<Seen> lines(List<View> views) {
        var all = new ArrayList<Seen>();
        views.forEach(v -> all.addAll(lines(v)));
        return all;
    }

    private static void require(boolean isDeclared, Object what) {
        if (!isDeclared) {
            throw new IllegalStateException("A check looks at " + what + " and does not declare it");
        }
    }
}
