package lowfield.server.platform;

import java.util.Map;

/** What was asked for cannot be done as things stand (409); details are shown beside the sentence. */
public final class Conflict extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Map<String, Object> details;

    public Conflict(String sentence) {
        this(sentence, Map.of());
    }

    public Conflict(String sentence, Map<String, Object> details) {
        super(sentence);
        this.details = details;
    }

    public Map<String, Object> details() {
        return details;
    }
}
