package lowfield.server.platform;

import lowfield.core.RuleBroken;
import org.jspecify.annotations.Nullable;

/** Reads and writes entity tags that are version numbers. */
public final class Versions {
    private Versions() {}

    /** The version named by an If-Match header; absent is an error of its own (428). */
    public static int expected(@Nullable String ifMatch) {
        if (ifMatch == null || ifMatch.isBlank()) {
            throw new Missing();
        }
        var bare = ifMatch.replace("\"", "").replace("W/", "").strip();
        RuleBroken.unless(bare.matches("[0-9]{1,9}"), "If-Match holds the version that was read, such as \"3\".");
        return Integer.parseInt(bare);
    }

    public static String tag(int version) {
        return "\"" + version + "\"";
    }

    /** An edit without the version it was made from (428). */
    public static final class Missing extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Missing() {
            super("An edit names the version it was made from in If-Match; read it again and send its ETag.");
        }
    }
}
