package lowfield.core.press;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/** Every picture that a published edition shows: of builds, of parts, and in its texts and reasons. */
public final class ShownPictures {
    private ShownPictures() {}

    /** Each once. */
    public static List<UUID> of(Publication publication) {
        var builds =
                publication.tiers().stream().flatMap(t -> t.builds().stream()).toList();
        var shown = builds.stream()
                .flatMap(b ->
                        Stream.concat(b.picture().stream(), b.lines().stream().flatMap(l -> l.picture().stream())))
                .map(Publication.Picture::id);
        var ofTiers = publication.tiers().stream().flatMap(t -> t.texts().pictures());
        var ofBuilds = builds.stream().flatMap(b -> b.texts().pictures());
        var ofTables = builds.stream()
                .flatMap(b -> b.lines().stream())
                .flatMap(l -> l.compared().stream())
                .flatMap(t -> t.texts().pictures());
        var ofReasons =
                builds.stream().flatMap(b -> b.lines().stream()).flatMap(l -> TextPictures.of(l.reason()).stream());
        return Stream.of(shown, publication.texts().pictures(), ofTiers, ofBuilds, ofTables, ofReasons)
                .flatMap(ids -> ids)
                .distinct()
                .toList();
    }
}
