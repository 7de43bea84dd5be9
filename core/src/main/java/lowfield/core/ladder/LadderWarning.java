package lowfield.core.ladder;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.Text;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.guide.Slot;
import lowfield.core.part.Equivalence;
import lowfield.core.part.Part;

/**
 * What says too little between tiers: one part in every tier, two tiers that have grown together, a variant that beats its
 * main build, a dearer part of the same chip that is nowhere better. None of them needs frame rates (rules, section 8).
 *
 * @param builds those that it is about, for whoever looks at one of them
 */
public record LadderWarning(Kind kind, String sentence, List<UUID> builds) {
    /** What is the matter. */
    public enum Kind {
        ONE_PART_EVERYWHERE,
        GROWN_TOGETHER,
        VARIANT_BEATS,
        DEARER_NOWHERE_BETTER
    }

    /** Fewer tiers than these may well share a part. */
    private static final int FEWEST_TIERS = 3;
    /** Totals that differ by less than this share (in thousandths) of the lower are as good as one. */
    private static final int CLOSE_PERMILLE = 50;
    /** The slots whose parts decide what a computer can do. */
    private static final List<Slot> DECIDING = List.of(Slot.GRAPHICS_CARD, Slot.PROCESSOR);

    public LadderWarning {
        builds = List.copyOf(builds);
    }

    public static List<LadderWarning> of(EvaluatedEdition edition) {
        var steps = steps(edition);
        var all = new ArrayList<LadderWarning>();
        everywhere(edition).forEach(all::add);
        steps.stream().flatMap(s -> together(s).stream()).forEach(all::add);
        steps.stream().flatMap(LadderWarning::nowhereBetter).forEach(all::add);
        edition.tiers().stream().flatMap(LadderWarning::beaten).forEach(all::add);
        return List.copyOf(all);
    }

    /** From each tier to the next. */
    public static List<LadderStep> steps(EvaluatedEdition edition) {
        var tiers = edition.tiers();
        var steps = new ArrayList<LadderStep>();
        for (int i = 1; i < tiers.size(); i++) {
            steps.add(LadderStep.between(tiers.get(i - 1), tiers.get(i)));
        }
        return List.copyOf(steps);
    }

    private static Stream<LadderWarning> everywhere(EvaluatedEdition edition) {
        var tiers = edition.tiers();
        if (tiers.size() < FEWEST_TIERS) {
            return Stream.empty();
        }
        return LadderStep.counted(tiers.get(0).lead())
                .filter(l -> DECIDING.contains(l.slot()) && l.choice().part().isPresent())
                .filter(l -> tiers.stream()
                        .allMatch(t -> LadderStep.counted(t.lead())
                                .anyMatch(o -> o.slot() == l.slot()
                                        && o.choice().key().equals(l.choice().key()))))
                .map(l -> new LadderWarning(
                        Kind.ONE_PART_EVERYWHERE,
                        "%s is the %s of all %d tiers."
                                .formatted(
                                        l.choice().label(),
                                        Text.inSentence(l.slot().label()),
                                        tiers.size()),
                        tiers.stream().map(t -> t.lead().id()).toList()));
    }

    private static Optional<LadderWarning> together(LadderStep step) {
        return step.from()
                .lead()
                .total()
                .total()
                .known()
                .flatMap(lower -> step.by()
                        .filter(by -> Math.abs(by.minor()) * 1000 < lower.minor() * CLOSE_PERMILLE)
                        .map(by -> new LadderWarning(
                                Kind.GROWN_TOGETHER,
                                "%s and %s have grown together: %s apart, %d of %d choices shared."
                                        .formatted(
                                                step.from().name(),
                                                step.to().name(),
                                                by.isNegative() ? by.times(-1) : by,
                                                step.shared(),
                                                step.lines()),
                                List.of(
                                        step.from().lead().id(),
                                        step.to().lead().id()))));
    }

    /** Only within one chip: across chips a figure that is equal says nothing. */
    private static Stream<LadderWarning> nowhereBetter(LadderStep step) {
        return step.changes().stream()
                .filter(c -> DECIDING.contains(c.slot()) && c.gains().isEmpty() && sameChip(c.before(), c.after()))
                .filter(c -> isDearer(step.to().lead(), step.from().lead(), c.slot()))
                .map(c -> new LadderWarning(
                        Kind.DEARER_NOWHERE_BETTER,
                        "%s of %s costs more than %s of %s, has the same chip and is better in none of its figures."
                                .formatted(
                                        c.after().fullName(),
                                        step.to().name(),
                                        c.before().fullName(),
                                        step.from().name()),
                        List.of(step.to().lead().id())));
    }

    private static boolean sameChip(Part one, Part other) {
        var schema = one.kind().schema();
        var chip = schema.field("chip");
        var mine = chip.flatMap(f -> schema.figureOf(one.spec(), f).value());
        return mine.isPresent()
                && mine.equals(
                        chip.flatMap(f -> schema.figureOf(other.spec(), f).value()));
    }

    private static boolean isDearer(EvaluatedBuild upper, EvaluatedBuild lower, Slot slot) {
        var above = price(upper, slot);
        var below = price(lower, slot);
        return above.isPresent() && below.isPresent() && above.get() > below.get();
    }

    private static Optional<Long> price(EvaluatedBuild build, Slot slot) {
        return LadderStep.counted(build)
                .filter(l -> l.slot() == slot)
                .findFirst()
                .flatMap(l -> l.price().goods().known())
                .map(m -> m.minor());
    }

    private static Stream<LadderWarning> beaten(EvaluatedTier tier) {
        var main = tier.lead();
        return tier.builds().stream()
                .skip(1)
                .filter(v -> beats(v, main))
                .map(v -> new LadderWarning(
                        Kind.VARIANT_BEATS,
                        "%s costs no more than its main build and gives up nothing of graphics card and CPU, one of them better."
                                .formatted(tier.nameOf(v.id())),
                        List.of(main.id(), v.id())));
    }

    private static boolean beats(EvaluatedBuild variant, EvaluatedBuild main) {
        var mine = variant.total().total().known();
        var other = main.total().total().known();
        if (mine.isEmpty() || other.isEmpty() || mine.get().compareTo(other.get()) > 0) {
            return false;
        }
        var pairs = DECIDING.stream().map(slot -> pair(variant, main, slot)).toList();
        return pairs.stream()
                        .allMatch(p -> p.isPresent()
                                && Equivalence.of(p.get().main(), p.get().variant())
                                        .isWhole())
                && pairs.stream()
                        .anyMatch(p -> !Equivalence.of(
                                        p.orElseThrow().variant(),
                                        p.orElseThrow().main())
                                .isWhole());
    }

    private record Pair(Part variant, Part main) {}

    private static Optional<Pair> pair(EvaluatedBuild variant, EvaluatedBuild main, Slot slot) {
        return part(variant, slot).flatMap(v -> part(main, slot).map(m -> new Pair(v, m)));
    }

    private static Optional<Part> part(EvaluatedBuild build, Slot slot) {
        return LadderStep.counted(build)
                .filter(l -> l.slot() == slot)
                .findFirst()
                .flatMap(l -> l.choice().part());
    }
}
