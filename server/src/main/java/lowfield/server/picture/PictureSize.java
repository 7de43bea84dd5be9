package lowfield.server.picture;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The sizes that a picture is kept in: for a row of a list, beside a line of a page, and to look at. */
public enum PictureSize {
    SMALL(160),
    MEDIUM(480),
    LARGE(1280);

    private final int longest;

    PictureSize(int longest) {
        this.longest = longest;
    }

    /** The longer side in pixels; what is smaller is not enlarged. */
    int longest() {
        return longest;
    }

    /** As an address has it. */
    public String inAddress() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<PictureSize> inAddress(String text) {
        return Arrays.stream(values()).filter(s -> s.inAddress().equals(text)).findFirst();
    }
}
