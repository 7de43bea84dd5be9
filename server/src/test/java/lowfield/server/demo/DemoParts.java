package lowfield.server.demo;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Part;
import lowfield.core.part.Release;

/** The demo's parts as core knows them, without a database. */
final class DemoParts {
    private DemoParts() {}

    static Part part(DemoData.PartFile file) {
        return new Part(
                UUID.nameUUIDFromBytes(file.key().getBytes()),
                UUID.nameUUIDFromBytes(file.name().getBytes()),
                file.kind(),
                file.maker(),
                file.maker() + " " + file.name(),
                file.variant(),
                Optional.ofNullable(file.release()).map(Release::valueOf).orElse(Release.ON_SALE),
                Optional.empty(),
                Optional.ofNullable(file.avoid()),
                Instant.EPOCH,
                file.kind().schema().read(file.spec()));
    }
}
