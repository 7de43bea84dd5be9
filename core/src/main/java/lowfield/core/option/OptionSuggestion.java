package lowfield.core.option;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.Motive;
import lowfield.core.edition.Option;
import lowfield.core.find.CandidateImpact;
import lowfield.core.part.Part;
import lowfield.core.part.Replacement;
import lowfield.core.total.LinePrice;

/**
 * An alternative or upgrade from the catalogue, which the author may take over.
 *
 * @param motive why one would take it; absent for an upgrade, which brings what it gains
 */
public record OptionSuggestion(
        Option.Purpose purpose, Optional<Motive> motive, CandidateImpact impact, Replacement exchange) {
    /** So many candidates are tried in full for each motive. */
    private static final int TRIED = 4;
    /** An upgrade may cost so much more than the choice. */
    private static final double MOST_TIMES = 1.8;

    private static final int UPGRADES = 2;

    /** Something to sell, at its price on this line. */
    public record Priced(Part part, LinePrice price) {}

    /**
     * For each motive the nearest in price that goes in, and the nearest upgrades by what they cost in all, none of which brings
     * what another brings for less. A part is proposed once; what stands as an option already, or is advised against, is not.
     */
    public static List<OptionSuggestion> of(EvaluatedBuild build, EvaluatedLine line, List<Priced> forSale) {
        return line.choice()
                .part()
                .map(now -> new Search(build, line, now, forSale).all())
                .orElse(List.of());
    }

    private static final class Search {
        private final EvaluatedBuild build;
        private final EvaluatedLine line;
        private final Part now;
        private final List<Priced> others;
        private final List<OptionSuggestion> found = new ArrayList<>();

        Search(EvaluatedBuild build, EvaluatedLine line, Part now, List<Priced> forSale) {
            this.build = build;
            this.line = line;
            this.now = now;
            var taken = taken(line, now);
            others = forSale.stream()
                    .filter(p ->
                            !taken.contains(p.part().id()) && p.part().avoid().isEmpty())
                    .sorted(Comparator.comparingLong(this::distance)
                            .thenComparing(p -> p.part().id()))
                    .toList();
        }

        private static Set<UUID> taken(EvaluatedLine line, Part now) {
            return Stream.concat(
                            Stream.of(now.id()),
                            line.plan().options().stream().map(o -> o.part().id()))
                    .collect(Collectors.toSet());
        }

        private long distance(Priced other) {
            return dearer(other).map(Math::abs).orElse(Long.MAX_VALUE);
        }

        private Optional<Long> dearer(Priced other) {
            return other.price()
                    .goods()
                    .known()
                    .flatMap(o -> line.price().goods().known().map(n -> o.minor() - n.minor()));
        }

        List<OptionSuggestion> all() {
            Arrays.stream(Motive.values()).forEach(this::alternative);
            upgrades();
            return List.copyOf(found);
        }

        private void alternative(Motive motive) {
            others.stream()
                    .filter(p -> isNew(p.part()))
                    .filter(p -> motive.holds(new Motive.Sides(now, line.price(), p.part(), p.price()))
                            .orElse(false))
                    .filter(p -> motive == Motive.CHEAPER || motive == Motive.SAVING || isNear(p))
                    .limit(TRIED)
                    .map(p -> tried(p, Option.Purpose.ALTERNATIVE, Optional.of(motive)))
                    .filter(s -> s.isSound() && s.impact().forced().isEmpty())
                    .findFirst()
                    .ifPresent(found::add);
        }

        /** What is quieter or smaller at three times the price is no alternative. */
        private boolean isNear(Priced other) {
            return dearer(other)
                    .flatMap(d -> line.price().goods().known().map(n -> Math.abs(d) * 4 <= n.minor()))
                    .orElse(false);
        }

        private void upgrades() {
            others.stream()
                    .filter(p -> isNew(p.part())
                            && dearer(p).filter(d -> d > 0 && isAffordable(d)).isPresent())
                    .filter(p -> !Replacement.of(now, p.part()).gains().isEmpty())
                    .limit(3L * TRIED)
                    .map(p -> tried(p, Option.Purpose.UPGRADE, Optional.empty()))
                    .filter(OptionSuggestion::isSound)
                    .sorted(Comparator.comparingInt((OptionSuggestion s) ->
                                    s.exchange().losses().size())
                            .thenComparing(s -> s.impact()
                                    .trueDifference()
                                    .known()
                                    .map(m -> m.minor())
                                    .orElse(Long.MAX_VALUE)))
                    .collect(Collectors.toMap(
                            s -> s.exchange().brings(), Function.identity(), (a, b) -> a, LinkedHashMap::new))
                    .values()
                    .stream()
                    .limit(UPGRADES)
                    .forEach(found::add);
        }

        private boolean isAffordable(long dearer) {
            return line.price()
                    .goods()
                    .known()
                    .filter(n -> dearer <= n.minor() * (MOST_TIMES - 1))
                    .isPresent();
        }

        private boolean isNew(Part part) {
            return found.stream().noneMatch(s -> s.impact().part().id().equals(part.id()));
        }

        private OptionSuggestion tried(Priced other, Option.Purpose purpose, Optional<Motive> motive) {
            return new OptionSuggestion(
                    purpose, motive, build.impacts(line.id()).of(other.part()), Replacement.of(now, other.part()));
        }
    }

    private boolean isSound() {
        return impact.effect().clashes().isEmpty()
                && !impact.forcesTooMuch()
                && impact.total().total().known().isPresent();
    }
}
