package lowfield.server.triage;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.change.LineChange;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.server.bench.Sheets;

/** Where each part is chosen, in the edition's order. A line that follows another is decided there. */
record Choices(Map<Part, List<At>> byPart) {
    /** A line on which a part is chosen. */
    record At(Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine line) {
        Mover.ChosenAt place() {
            return new Mover.ChosenAt(
                    tier.nameOf(build.id()),
                    build.id(),
                    line.line().id(),
                    line.line().slot().label());
        }
    }

    static Choices of(Sheets sheets) {
        var choices = new LinkedHashMap<Part, List<At>>();
        for (var tier : sheets.tiers()) {
            for (var build : tier.builds()) {
                for (var line : build.lines()) {
                    line.line()
                            .choice()
                            .part()
                            .filter(p -> line.price().price().isPresent())
                            .ifPresent(p -> choices.computeIfAbsent(p, x -> new ArrayList<>())
                                    .add(new At(tier, build, line)));
                }
            }
        }
        return new Choices(choices);
    }

    /** Where a part is chosen; nowhere, perhaps. */
    List<At> of(UUID part) {
        return byPart.entrySet().stream()
                .filter(e -> e.getKey().id().equals(part))
                .findFirst()
                .map(Map.Entry::getValue)
                .orElse(List.of());
    }

    /** The price of one piece in the last edition, where the choice is the same. */
    static Optional<Money> before(List<At> at) {
        return at.stream()
                .filter(a -> a.line().change().how() == LineChange.How.KEPT)
                .flatMap(a -> a.line().change().priceBefore().stream()
                        .map(m -> Money.of(
                                m.minor() / a.line().line().quantity(),
                                m.currency().getCurrencyCode())))
                .findFirst();
    }

    static int tiers(Collection<At> at) {
        return (int) at.stream().map(a -> a.tier().tier().id()).distinct().count();
    }

    static List<Mover.ChosenAt> places(Collection<At> at) {
        return at.stream().map(At::place).toList();
    }
}
