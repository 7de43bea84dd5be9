package lowfield.core.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Span;
import lowfield.core.guide.UsualValue;

/** A build as the checks look at it: what several of them need is worked out once. For one run, by one thread. */
public final class BuildContext {
    private final Build build;
    private final Map<Derived<?>, Object> derived = new IdentityHashMap<>(8);
    private List<Seen>[] lines = views(256);

    private final Reads reads;
    private final Optional<BuildContext> workedOut;

    public BuildContext(Build build) {
        this(build, Reads.UNKEPT, Optional.empty());
    }

    private BuildContext(Build build, Reads reads, Optional<BuildContext> workedOut) {
        this.build = build;
        this.reads = reads;
        this.workedOut = workedOut;
    }

    /** The same build with every read heard, but for those of what is derived: that counts by its value. */
    BuildContext heardBy(Reads reads) {
        return new BuildContext(build, reads, Optional.of(this));
    }

    /** What is looked at. */
    public Build build() {
        return build;
    }

    Reads reads() {
        return reads;
    }

    @SuppressWarnings("unchecked")
    private static List<Seen>[] views(int count) {
        return (List<Seen>[]) new List<?>[count];
    }

    List<Seen> lines(View view) {
        var number = view.number();
        if (number >= lines.length) {
            lines = Arrays.copyOf(lines, number + 64);
        }
        var known = lines[number];
        if (known == null) {
            known = seen(view);
            lines[number] = known;
        }
        reads.lines(view, known);
        return known;
    }

    private List<Seen> seen(View view) {
        if (view.slots().size() == 1) {
            var filled = build.filled(view.slots().iterator().next());
            if (filled.isEmpty()) {
                return List.of();
            }
            var seen = new ArrayList<Seen>(filled.size());
            for (var line : filled) {
                seen.add(new Seen(line, view, reads));
            }
            return seen;
        }
        return of(view, false);
    }

    List<Seen> empty(View view) {
        return of(view, true);
    }

    private List<Seen> of(View view, boolean isEmpty) {
        var seen = new ArrayList<Seen>();
        for (Line line : build.lines()) {
            if (line.choice() instanceof Choice.Empty == isEmpty && view.isOf(line.slot())) {
                seen.add(new Seen(line, view, reads));
            }
        }
        return seen;
    }

    <T> T required(Requirement<T> requirement) {
        reads.required(requirement);
        return requirement.value().apply(build);
    }

    Span usual(UsualValue usual) {
        reads.usual(usual);
        return build.usual().of(usual);
    }

    /** A derived figure of this build. */
    @SuppressWarnings("unchecked")
    public <T> T derived(Derived<T> figure) {
        if (workedOut.isPresent()) {
            reads.derived(figure);
            return workedOut.get().derived(figure);
        }
        var known = derived.get(figure);
        if (known == null) {
            known = figure.working().apply(new Inputs(this, figure.declaration()));
            derived.put(figure, known);
        }
        return (T) known;
    }

    /** What of a derived figure decides, as canonical text. */
    public String told(Derived<?> figure) {
        var value = derived(figure);
        return Canonical.text(value instanceof Optional<?> o ? o.map(BuildContext::told) : told(value));
    }

    private static Object told(Object value) {
        return value instanceof Told t ? t.told() : value;
    }
}
