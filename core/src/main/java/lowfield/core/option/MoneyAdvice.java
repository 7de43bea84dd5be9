package lowfield.core.option;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import lowfield.core.edition.ChangedBuild;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedBuild.EvaluatedOption;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.money.Money;
import lowfield.core.part.Replacement;

/**
 * What a reader with so much more to spend would change, or what to change to save so much: the best of all sets of at most
 * two of the options that the author has chosen, with everything they force. What the tier asks for comes before any other
 * gain, and is not given up to save. Nothing is claimed about the rest of the
 * catalogue.
 *
 * @param limit how much more there is; below zero: how much is to be saved
 * @param changes "Vane Six instead of Vane Five", "Beck 1 TB beside it"
 * @param difference of the total, with what is forced
 * @param gains what it brings; nothing where money is saved
 * @param losses what it gives up
 */
public record MoneyAdvice(
        Money limit, List<Change> changes, Money difference, List<String> gains, List<String> losses) {
    /** In whole units of the guide's currency. */
    private static final List<Integer> LIMITS = List.of(50, 100, 150, -50);

    public MoneyAdvice {
        changes = List.copyOf(changes);
        gains = List.copyOf(gains);
        losses = List.copyOf(losses);
    }

    /** One option that is taken, on its line. */
    public record Change(UUID line, UUID part, String said) {}

    /** Of a build whose total is known. */
    public static List<MoneyAdvice> of(EvaluatedBuild build) {
        return build.total()
                .total()
                .known()
                .map(total -> new Search(build, total).all())
                .orElse(List.of());
    }

    /** A set of options that can be taken together. */
    private record Candidate(
            List<Change> changes, Money difference, List<String> gains, List<String> losses, int fulfilled) {
        int worth() {
            return gains.size() - losses.size();
        }

        boolean isWorthIt() {
            return fulfilled > 0 || fulfilled == 0 && worth() > 0;
        }
    }

    /** An option on its line. */
    private record Offered(EvaluatedLine line, EvaluatedOption option) {
        static Stream<Offered> of(EvaluatedBuild build) {
            return build.lines().stream()
                    .filter(l -> l.line().counted())
                    .flatMap(l -> build.options(l.id()).stream().map(o -> new Offered(l, o)))
                    .filter(Offered::isSound);
        }

        boolean isSound() {
            var impact = option.impact();
            return impact.effect().clashes().isEmpty()
                    && impact.effect().undecided().isEmpty()
                    && !impact.forcesTooMuch()
                    && impact.total().total().known().isPresent()
                    && line.choice()
                            .part()
                            .filter(p -> p.id().equals(option.option().part().id()))
                            .isEmpty();
        }

        boolean isSame(Offered other) {
            return line.id().equals(other.line.id()) && option.option().equals(other.option.option());
        }

        Change change() {
            var name = option.option().part().fullName();
            return new Change(
                    line.id(),
                    option.option().part().id(),
                    option.option().adds()
                            ? name + " beside the " + line.choice().label()
                            : name + " instead of " + line.choice().label());
        }

        Optional<Replacement> exchange() {
            return option.option().adds()
                    ? Optional.empty()
                    : line.choice()
                            .part()
                            .map(p -> Replacement.of(p, option.option().part()));
        }
    }

    private static final class Search {
        private final EvaluatedBuild build;
        private final Money total;
        private final List<Candidate> candidates = new ArrayList<>();

        Search(EvaluatedBuild build, Money total) {
            this.build = build;
            this.total = total;
            var all = Offered.of(build).toList();
            for (int i = 0; i < all.size(); i++) {
                var first = all.get(i);
                var after = ChangedBuild.of(build, first.line().id(), first.option());
                add(List.of(first), first.option().impact().total().total().known(), after);
                for (var second : all.subList(i + 1, all.size())) {
                    if (!second.line().id().equals(first.line().id())) {
                        both(first, second, after);
                    }
                }
            }
        }

        /** The second on the build that has the first. */
        private void both(Offered first, Offered second, EvaluatedBuild after) {
            Offered.of(after)
                    .filter(second::isSame)
                    .filter(o -> o.line()
                            .choice()
                            .key()
                            .equals(second.line().choice().key()))
                    .findFirst()
                    .ifPresent(o -> add(
                            List.of(first, o),
                            o.option().impact().total().total().known(),
                            ChangedBuild.of(after, o.line().id(), o.option())));
        }

        private void add(List<Offered> taken, Optional<Money> with, EvaluatedBuild after) {
            with.ifPresent(sum -> candidates.add(new Candidate(
                    taken.stream().map(Offered::change).toList(),
                    sum.minus(total),
                    said(taken, Replacement::gains),
                    said(taken, Replacement::losses),
                    openWishes(build) - openWishes(after))));
        }

        /** What the tier asks for and the build does not have. */
        private static int openWishes(EvaluatedBuild build) {
            return (int) build.findings().stream()
                    .filter(f ->
                            f.verdict().isTrouble() && !f.check().requirements().isEmpty())
                    .count();
        }

        private static List<String> said(List<Offered> taken, Function<Replacement, List<String>> which) {
            return taken.stream()
                    .flatMap(o -> o.exchange().stream())
                    .flatMap(e -> which.apply(e).stream())
                    .toList();
        }

        List<MoneyAdvice> all() {
            var advice = new ArrayList<MoneyAdvice>();
            for (var limit : LIMITS) {
                var sum = whole(limit);
                (limit > 0 ? best(sum) : cheapest(sum))
                        .filter(c -> advice.stream().noneMatch(a -> a.changes().equals(c.changes())))
                        .ifPresent(c -> advice.add(new MoneyAdvice(
                                sum, c.changes(), c.difference(), limit > 0 ? c.gains() : List.of(), c.losses())));
            }
            return List.copyOf(advice);
        }

        /** So many whole units; of a currency without minor units a hundred times as many. */
        private Money whole(int units) {
            var digits = Math.max(0, total.currency().getDefaultFractionDigits());
            return new Money(units * (digits == 0 ? 100L : (long) Math.pow(10, digits)), total.currency());
        }

        private Optional<Candidate> best(Money limit) {
            return candidates.stream()
                    .filter(c -> c.difference().minor() > 0 && c.difference().minor() <= limit.minor() && c.isWorthIt())
                    .max(Comparator.comparingInt(Candidate::fulfilled)
                            .thenComparingInt(Candidate::worth)
                            .thenComparing(c -> c.difference().minor())
                            .thenComparing(c -> -c.changes().size()));
        }

        private Optional<Candidate> cheapest(Money limit) {
            return candidates.stream()
                    .filter(c -> c.difference().minor() <= limit.minor() && c.fulfilled() >= 0)
                    .min(Comparator.comparingInt((Candidate c) -> c.losses().size())
                            .thenComparing(c -> -c.difference().minor()));
        }
    }
}
