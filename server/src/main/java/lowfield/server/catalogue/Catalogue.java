package lowfield.server.catalogue;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.find.Shelf;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.server.platform.NotFound;

/** All parts at one moment, one shelf a kind: an immutable snapshot on the heap. */
public final class Catalogue {
    private final Map<UUID, Part> parts;
    private final Map<Kind, Shelf> shelves = new EnumMap<>(Kind.class);
    private final Map<UUID, Integer> siblings;

    /** {@code merged} leads from ids that were merged to those that stay. */
    Catalogue(List<Part> all, Map<UUID, UUID> merged) {
        parts = all.stream().collect(Collectors.toMap(Part::id, Function.identity()));
        merged.forEach((from, into) -> Optional.ofNullable(parts.get(into)).ifPresent(p -> parts.put(from, p)));
        siblings = all.stream().collect(Collectors.groupingBy(Part::product, Collectors.summingInt(p -> 1)));
        var byKind = all.stream()
                .sorted(Comparator.comparing(Part::fullName).thenComparing(Part::id))
                .collect(Collectors.groupingBy(Part::kind));
        for (var kind : Kind.values()) {
            shelves.put(kind, new Shelf(kind, byKind.getOrDefault(kind, List.of())));
        }
    }

    public Optional<Part> find(UUID id) {
        return Optional.ofNullable(parts.get(id));
    }

    public Part part(UUID id) {
        return find(id).orElseThrow(() -> new NotFound("There is no part with the id " + id + " in the catalogue."));
    }

    public Shelf shelf(Kind kind) {
        return shelves.get(kind);
    }

    /** How many other variants there are of a part's product. */
    public int siblings(Part part) {
        return siblings.getOrDefault(part.product(), 1) - 1;
    }
}
