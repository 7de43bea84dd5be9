package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import lowfield.core.guide.UsualValue;

/** A check in the making: what it looks at, then what it can say, then how it goes over the lines. */
public final class Draft {
    private final String id;
    private final String rule;
    private final boolean decisive;
    private final List<View> views = new ArrayList<>();
    private final List<Requirement<?>> requirements = new ArrayList<>();
    private final List<Derived<?>> derived = new ArrayList<>();
    private final List<UsualValue> usual = new ArrayList<>();
    private final List<Outcome> outcomes = new ArrayList<>();

    Draft(String id, String rule, boolean decisive) {
        this.id = id;
        this.rule = rule;
        this.decisive = decisive;
    }

    public Draft seeing(View... more) {
        views.addAll(List.of(more));
        return this;
    }

    public Draft seeing(List<View> more) {
        views.addAll(more);
        return this;
    }

    public Draft requiring(Requirement<?>... more) {
        requirements.addAll(List.of(more));
        return this;
    }

    public Draft deriving(Derived<?>... more) {
        derived.addAll(List.of(more));
        return this;
    }

    /** The usual values that it takes for missing figures. */
    public Draft usually(UsualValue... more) {
        usual.addAll(List.of(more));
        return this;
    }

    public Draft fits(String name, String author) {
        return outcome(name, Verdict.FITS, author, Optional.empty(), false);
    }

    public Draft note(String name, String author) {
        return outcome(name, Verdict.NOTE, author, Optional.empty(), false);
    }

    public Draft note(String name, String author, String reader) {
        return outcome(name, Verdict.NOTE, author, Optional.of(reader), false);
    }

    /** A note that readers find on their list of what to set at the first start. */
    public Draft firstStart(String name, String author, String reader) {
        return outcome(name, Verdict.NOTE, author, Optional.of(reader), true);
    }

    /** A caution that only the author needs. */
    public Draft caution(String name, String author) {
        return outcome(name, Verdict.CAUTION, author, Optional.empty(), false);
    }

    public Draft caution(String name, String author, String reader) {
        return outcome(name, Verdict.CAUTION, author, Optional.of(reader), false);
    }

    public Draft clash(String name, String author) {
        return outcome(name, Verdict.CLASH, author, Optional.empty(), false);
    }

    public Draft clash(String name, String author, String reader) {
        return outcome(name, Verdict.CLASH, author, Optional.of(reader), false);
    }

    /** Something beside a missing figure that makes it not known. */
    public Draft unknown(String name, String author) {
        return outcome(name, Verdict.NOT_KNOWN, author, Optional.empty(), false);
    }

    private Draft outcome(String name, Verdict verdict, String author, Optional<String> reader, boolean firstStart) {
        outcomes.add(new Outcome(name, verdict, author, reader, firstStart));
        return this;
    }

    /** Over the whole list. */
    public Check by(BiConsumer<Inputs, FindingCollector> code) {
        return new Check(id, rule, decisive, new Declaration(views, requirements, derived, usual), outcomes, code);
    }

    /** Without code of its own: something else finds what it says. */
    public Check saidElsewhere() {
        return by((inputs, tell) -> {});
    }

    /** What a check says of one line. */
    public interface OneLine {
        void tell(Seen line, Inputs inputs, FindingCollector.About tell);
    }

    /** What a check says of two lines. */
    public interface TwoLines {
        void tell(Seen a, Seen b, Inputs inputs, FindingCollector.About tell);
    }

    /** What a check says of three lines. */
    public interface ThreeLines {
        void tell(Seen a, Seen b, Seen c, Inputs inputs, FindingCollector.About tell);
    }

    /** For each line of the first view. */
    public Check each(OneLine code) {
        var view = views.get(0);
        return by((inputs, tell) -> {
            for (var line : inputs.lines(view)) {
                inputs.begin();
                code.tell(line, inputs, tell.about(line));
            }
        });
    }

    /** For each pair of lines of the first two views. */
    public Check eachPair(TwoLines code) {
        var first = views.get(0);
        var second = views.get(1);
        return by((inputs, tell) -> {
            for (var a : inputs.lines(first)) {
                for (var b : inputs.lines(second)) {
                    inputs.begin();
                    code.tell(a, b, inputs, tell.about(a, b));
                }
            }
        });
    }

    /** For each three lines of the first three views. */
    public Check eachThree(ThreeLines code) {
        var first = views.get(0);
        var second = views.get(1);
        var third = views.get(2);
        return by((inputs, tell) -> {
            for (var a : inputs.lines(first)) {
                for (var b : inputs.lines(second)) {
                    for (var c : inputs.lines(third)) {
                        inputs.begin();
                        code.tell(a, b, c, inputs, tell.about(a, b, c));
                    }
                }
            }
        });
    }
}
