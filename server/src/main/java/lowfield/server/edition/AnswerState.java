package lowfield.server.edition;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What somebody answered to a finding of a build; {@code withdrawn} when an earlier edition's answer is taken back. */
public record AnswerState(
        UUID build,
        String fingerprint,
        String check,
        String answer,
        UUID by,
        OffsetDateTime at,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean withdrawn) {
    /** The same for the same finding of the same build, as the journal names it. */
    public static UUID id(UUID build, String fingerprint) {
        return UUID.nameUUIDFromBytes((build + fingerprint).getBytes(StandardCharsets.UTF_8));
    }

    public UUID id() {
        return id(build, fingerprint);
    }
}
