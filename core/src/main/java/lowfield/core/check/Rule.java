package lowfield.core.check;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.BiPredicate;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;

/**
 * A check as it is declared: its identity, the figures it reads, and how it goes over the lines it concerns. Most checks
 * are a relation between two figures ({@link #equal}, {@link #atMost}, {@link #oneOf}); the rest are plain code that
 * tells its findings, with three-valued logic in {@link Telling}.
 */
final class Rule implements Check {
    private final String id;
    private final String rule;
    private final boolean decisive;
    private final List<Reading<?, ?>> reads;
    private final Set<Slot> slots;
    private final BiConsumer<Scene, Telling> code;

    private Rule(
            String id,
            String rule,
            boolean decisive,
            List<Reading<?, ?>> reads,
            Set<Slot> slots,
            BiConsumer<Scene, Telling> code) {
        this.id = id;
        this.rule = rule;
        this.decisive = decisive;
        this.reads = reads;
        this.slots = slots;
        this.code = code;
    }

    /** The first words of a declaration. */
    static Declared decides(String id, String rule) {
        return new Declared(id, rule, true, List.of(), Set.of());
    }

    static Declared advises(String id, String rule) {
        return new Declared(id, rule, false, List.of(), Set.of());
    }

    /** A declaration in the making. */
    record Declared(String id, String rule, boolean decisive, List<Reading<?, ?>> reads, Set<Slot> slots) {
        Declared reading(Reading<?, ?>... figures) {
            return new Declared(id, rule, decisive, List.of(figures), slots);
        }

        /** Slots it concerns beside those of the figures it reads and those it goes over. */
        Declared concerning(Slot... more) {
            var all = EnumSet.noneOf(Slot.class);
            all.addAll(slots);
            all.addAll(List.of(more));
            return new Declared(id, rule, decisive, reads, all);
        }

        Rule by(BiConsumer<Scene, Telling> code) {
            return new Rule(id, rule, decisive, reads, concerned(), code);
        }

        /** For each pair of lines in two slots. */
        Rule between(Slot left, Slot right, PairCode code) {
            return concerning(left, right).by((scene, tell) -> {
                for (var a : scene.filled(left)) {
                    for (var b : scene.filled(right)) {
                        code.tell(a, b, tell.about(a, b));
                    }
                }
            });
        }

        /** For each line of a slot. */
        Rule each(Slot slot, BiConsumer<Line, Telling.About> code) {
            return concerning(slot)
                    .by((scene, tell) -> scene.filled(slot).forEach(line -> code.accept(line, tell.about(line))));
        }

        <A> Rule equal(Slot l, Reading<?, A> left, Slot r, Reading<?, A> right, String fits, String clash) {
            return relation(l, left, r, right, Object::equals, fits, clash);
        }

        <A extends Comparable<A>> Rule atMost(
                Slot l, Reading<?, A> left, Slot r, Reading<?, A> right, String fits, String clash) {
            return relation(l, left, r, right, (a, b) -> a.compareTo(b) <= 0, fits, clash);
        }

        <A> Rule oneOf(Slot l, Reading<?, A> left, Slot r, Reading<?, Set<A>> right, String fits, String clash) {
            return relation(l, left, r, right, (a, b) -> b.contains(a), fits, clash);
        }

        /** Templates take the left value, then the right; what does not hold is a clash, or a caution if it only advises. */
        private <A, B> Rule relation(
                Slot l,
                Reading<?, A> left,
                Slot r,
                Reading<?, B> right,
                BiPredicate<A, B> holds,
                String fits,
                String clash) {
            return reading(left, right)
                    .between(
                            l,
                            r,
                            (a, b, tell) -> tell.with(left.of(a), right.of(b), (x, y) -> {
                                if (holds.test(x, y)) {
                                    tell.fits(fits, x, y);
                                } else {
                                    tell.fails(clash, x, y);
                                }
                            }));
        }

        private Set<Slot> concerned() {
            var all = EnumSet.noneOf(Slot.class);
            all.addAll(slots);
            for (var slot : Slot.values()) {
                if (reads.stream().anyMatch(r -> r.kind() == slot.kind())) {
                    all.add(slot);
                }
            }
            return all;
        }
    }

    /** What a check says of two lines. */
    interface PairCode {
        void tell(Line a, Line b, Telling.About about);
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
        return decisive;
    }

    @Override
    public List<Reading<?, ?>> reads() {
        return reads;
    }

    @Override
    public Set<Slot> slots() {
        return slots;
    }

    @Override
    public void tell(Scene scene, List<Finding> findings) {
        code.accept(scene, new Telling(this, findings));
    }
}
