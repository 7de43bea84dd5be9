package lowfield.server.bench;

import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.util.UUID;

/** What somebody answered to a finding of a build. */
record AnswerState(UUID build, String fingerprint, String check, String answer, UUID by, OffsetDateTime at) {
    /** The same for the same finding of the same build, as the journal names it. */
    static UUID id(UUID build, String fingerprint) {
        return UUID.nameUUIDFromBytes((build + fingerprint).getBytes(StandardCharsets.UTF_8));
    }

    UUID id() {
        return id(build, fingerprint);
    }
}
