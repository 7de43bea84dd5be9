package lowfield.core.attention;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.change.LineChange;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.money.Money;
import lowfield.core.part.Part;

/** Where each part is chosen, and where it is named at all: in a set, or as an option; in the edition's order. */
record ChosenParts(Map<Part, List<EvaluatedEdition.Place>> byPart, Map<UUID, List<EvaluatedEdition.Place>> named) {
    static ChosenParts of(EvaluatedEdition edition) {
        var chosen = new LinkedHashMap<Part, List<EvaluatedEdition.Place>>();
        edition.places()
                .filter(p -> p.line().price().price().isPresent())
                .forEach(p -> p.line()
                        .choice()
                        .part()
                        .ifPresent(part -> chosen.computeIfAbsent(part, x -> new ArrayList<>())
                                .add(p)));
        var named = new LinkedHashMap<UUID, List<EvaluatedEdition.Place>>();
        edition.places()
                .forEach(p -> p.line()
                        .plan()
                        .named()
                        .map(Part::id)
                        .distinct()
                        .forEach(part -> named.computeIfAbsent(part, x -> new ArrayList<>())
                                .add(p)));
        return new ChosenParts(chosen, named);
    }

    /** Where a part is chosen; nowhere, perhaps. */
    List<EvaluatedEdition.Place> of(UUID part) {
        return byPart.entrySet().stream()
                .filter(e -> e.getKey().id().equals(part))
                .findFirst()
                .map(Map.Entry::getValue)
                .orElse(List.of());
    }

    /** Where a part is chosen, else where it is named. */
    List<EvaluatedEdition.Place> naming(UUID part) {
        return of(part).isEmpty() ? named.getOrDefault(part, List.of()) : of(part);
    }

    /** The price of one piece in the last edition, where the choice is the same. */
    static Optional<Money> before(Collection<EvaluatedEdition.Place> at) {
        return at.stream()
                .map(EvaluatedEdition.Place::line)
                .filter(l -> l.change().how() == LineChange.How.KEPT)
                .flatMap(l -> l.change().priceBefore().stream()
                        .map(m -> new Money(m.minor() / l.line().quantity(), m.currency())))
                .findFirst();
    }

    static int tiers(Collection<EvaluatedEdition.Place> at) {
        return (int) at.stream().map(p -> p.tier().id()).distinct().count();
    }

    static List<At> places(Collection<EvaluatedEdition.Place> at) {
        return at.stream().map(At::line).toList();
    }
}
