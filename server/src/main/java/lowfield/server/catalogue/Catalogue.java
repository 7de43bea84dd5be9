package lowfield.server.catalogue;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.server.platform.NotFound;

/** All parts at one moment: an immutable snapshot on the heap. */
public final class Catalogue {
    private final Map<UUID, Part> parts;
    private final Map<Kind, List<Part>> byKind;
    private final Map<UUID, String> searchText;

    Catalogue(List<Part> all) {
        parts = all.stream().collect(Collectors.toUnmodifiableMap(Part::id, Function.identity()));
        byKind = all.stream()
                .sorted(Comparator.comparing(Part::fullName))
                .collect(Collectors.groupingBy(Part::kind, Collectors.toUnmodifiableList()));
        searchText = all.stream()
                .collect(Collectors.toUnmodifiableMap(Part::id, p -> folded(p.fullName() + " " + p.summary())));
    }

    public Optional<Part> find(UUID id) {
        return Optional.ofNullable(parts.get(id));
    }

    public Part part(UUID id) {
        return find(id).orElseThrow(() -> new NotFound("There is no part with the id " + id + " in the catalogue."));
    }

    public int size() {
        return parts.size();
    }

    /** Parts of a kind in whose name or figures every word of the query stands, by name; an empty query finds all. */
    public List<Part> search(Kind kind, String query) {
        var words = Arrays.stream(folded(query).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
        return byKind.getOrDefault(kind, List.of()).stream()
                .filter(p -> words.stream().allMatch(searchText.getOrDefault(p.id(), "")::contains))
                .toList();
    }

    private static String folded(String text) {
        var bare = Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
        return bare.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9.]+", " ");
    }
}
