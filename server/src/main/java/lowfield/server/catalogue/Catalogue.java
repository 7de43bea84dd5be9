package lowfield.server.catalogue;

import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.Lazy;
import lowfield.core.find.Shelf;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.proofreading.names.NameIndex;
import lowfield.server.platform.NotFound;

/** All parts at one moment, one shelf a kind, each made when it is first asked for: an immutable snapshot on the heap. */
public final class Catalogue {
    private static final Comparator<Part> BY_NAME =
            Comparator.comparing(Part::fullName).thenComparing(Part::id);

    private final Map<UUID, Part> parts;
    private final Map<UUID, UUID> merged;
    private final Map<Kind, Lazy<Shelf>> shelves;
    private final Lazy<Map<UUID, Integer>> siblings;
    private final Lazy<Set<String>> makers;
    private final Lazy<NameIndex> names;

    /** {@code merged} leads from ids that were merged to those that stay. */
    Catalogue(Collection<Part> all, Map<UUID, UUID> merged) {
        this(
                all.stream().collect(Collectors.toMap(Part::id, Function.identity())),
                merged,
                new EnumMap<>(Kind.class),
                List.of(Kind.values()));
    }

    /** With the shelves of some kinds made anew, and the others as they are. */
    private Catalogue(
            Map<UUID, Part> parts, Map<UUID, UUID> merged, Map<Kind, Lazy<Shelf>> present, Collection<Kind> anew) {
        this.parts = parts;
        this.merged = merged;
        names = new Lazy<>(
                () -> new NameIndex(parts.values().stream().sorted(BY_NAME).toList()));
        makers = new Lazy<>(() -> parts.values().stream().map(Part::maker).collect(Collectors.toUnmodifiableSet()));
        siblings = new Lazy<>(() ->
                parts.values().stream().collect(Collectors.groupingBy(Part::product, Collectors.summingInt(p -> 1))));
        shelves = new EnumMap<>(present);
        anew.forEach(kind -> shelves.put(kind, new Lazy<>(() -> new Shelf(kind, sorted(kind)))));
    }

    private List<Part> sorted(Kind kind) {
        return parts.values().stream()
                .filter(p -> p.kind() == kind)
                .sorted(BY_NAME)
                .toList();
    }

    /** The same parts with some of them as they are now, or added; only the shelves of their kinds are made anew. */
    Catalogue with(List<Part> changed) {
        var all = new HashMap<>(parts);
        changed.forEach(p -> all.put(p.id(), p));
        var kinds = Stream.concat(
                        changed.stream(),
                        changed.stream().flatMap(p -> Optional.ofNullable(parts.get(p.id())).stream()))
                .map(Part::kind)
                .collect(Collectors.toSet());
        return new Catalogue(all, merged, shelves, kinds);
    }

    /** The parts that are advised against, by name. */
    public List<Part> avoided() {
        return parts.values().stream()
                .filter(p -> p.avoid().isPresent())
                .sorted(BY_NAME)
                .toList();
    }

    /** What its parts are called in a text. */
    public NameIndex names() {
        return names.get();
    }

    /** The part of an id, also when it was merged into another. */
    public Optional<Part> find(UUID id) {
        return Optional.ofNullable(parts.get(id))
                .or(() -> Optional.ofNullable(merged.get(id)).map(parts::get));
    }

    public Part part(UUID id) {
        return find(id).orElseThrow(() -> new NotFound("There is no part with the id " + id + " in the catalogue."));
    }

    /** Every maker that has a part. */
    public Set<String> makers() {
        return makers.get();
    }

    public Shelf shelf(Kind kind) {
        return shelves.get(kind).get();
    }

    /** Makes every shelf that was not asked for yet. */
    void makeShelves() {
        shelves.values().forEach(Lazy::get);
    }

    /** The other variants of a part's product, by name. */
    public List<Part> siblingsOf(Part part) {
        return parts.values().stream()
                .filter(p -> p.product().equals(part.product()) && !p.id().equals(part.id()))
                .sorted(BY_NAME)
                .toList();
    }

    /** How many other variants there are of a part's product. */
    public int siblings(Part part) {
        return siblings.get().getOrDefault(part.product(), 1) - 1;
    }
}
