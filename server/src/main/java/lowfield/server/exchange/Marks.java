package lowfield.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.PushbackInputStream;
import lowfield.core.RuleBroken;

/** The first bytes of a file: a byte order mark is passed over, and files that are something else are told. */
final class Marks {
    private Marks() {}

    static InputStream skipped(InputStream in) throws IOException {
        var pushback = new PushbackInputStream(in, 3);
        var first = pushback.readNBytes(3);
        if (starts(first, 'P', 'K')) {
            throw new RuleBroken("This is a zipped file (perhaps a workbook); save the sheet as CSV and try again.");
        }
        if (starts(first, 0xFF, 0xFE) || starts(first, 0xFE, 0xFF)) {
            throw new RuleBroken("The file is in UTF-16; save it as \"CSV UTF-8\" and try again.");
        }
        if (first.length == 0) {
            throw new RuleBroken("The file is empty.");
        }
        if (!starts(first, 0xEF, 0xBB, 0xBF)) {
            pushback.unread(first);
        }
        return pushback;
    }

    private static boolean starts(byte[] bytes, int... with) {
        if (bytes.length < with.length) {
            return false;
        }
        for (int i = 0; i < with.length; i++) {
            if ((bytes[i] & 0xFF) != with[i]) {
                return false;
            }
        }
        return true;
    }
}
