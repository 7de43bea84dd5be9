package lowfield.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.regex.Pattern;

/** What may be sent to some addresses; the first that matches counts. */
public enum Body {
    /** A file of parts. */
    PARTS("/api/kinds/[^/]+/file", 64 * 1024 * 1024, "The file is over 64 MB, or its length is not told; split it"),
    PICTURE("/api/.+/pictures", 10 * 1024 * 1024, "A picture has at most 10 MB; this one has more"),
    ANY(".*", 512 * 1024, "What was sent is over 512 KB; a reason has at most 40,000 letters");

    private final Pattern address;
    private final int most;
    private final String sentence;

    Body(String address, int most, String sentence) {
        this.address = Pattern.compile(address);
        this.most = most;
        this.sentence = sentence;
    }

    public static Body of(HttpServletRequest request) {
        var address = DecodedAddress.of(request);
        return Arrays.stream(values())
                .filter(b -> b.address.matcher(address).matches())
                .findFirst()
                .orElse(ANY);
    }

    /** Whether it is a whole file, which is never held in memory to be read a second time. */
    public boolean isFile() {
        return this != ANY;
    }

    /** The most it may have, in bytes. */
    public int most() {
        return most;
    }

    /** What is said of one that is larger. */
    String sentence() {
        return sentence;
    }
}
