package lowfield.server.outbound;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What is asked for: a path on a host, the mark of what is known of it already, and what may come back.
 *
 * @param host a configured host
 * @param path beginning with a slash
 */
public record Wanted(String host, String path, Optional<String> etag, Form form) {
    /** What may come back, and how much of it at most. */
    public enum Form {
        PAGE("text/html", "text/html|application/xhtml\\+xml", 2, "an HTML page"),
        LIST(
                "text/csv, application/json, application/xml, text/tab-separated-values, text/plain, application/gzip",
                "text/.*|application/(json|csv|xml|octet-stream|x-ndjson|gzip|x-gzip)",
                64,
                "a list"),
        ROBOTS("text/plain", "text/plain|application/octet-stream", 1, "a text"),
        RATES("application/xml", "application/xml|text/xml", 1, "an XML file");

        final String accept;
        final Pattern types;
        final int megabytes;
        final String label;

        Form(String accept, String types, int megabytes, String label) {
            this.accept = accept;
            this.types = Pattern.compile(types);
            this.megabytes = megabytes;
            this.label = label;
        }
    }

    public static Wanted page(String host, String path, Optional<String> etag) {
        return new Wanted(host, path, etag, Form.PAGE);
    }
}
