package lowfield.server.exchange;

import java.io.FilterReader;
import java.io.IOException;
import java.io.Reader;
import lowfield.core.RuleBroken;

/**
 * A reader that gives up on what is no text, and on a line that is longer than any line of parts, so that hostile files stay
 * small in memory.
 */
final class Bounded extends FilterReader {
    static final int LONGEST_LINE = 200_000;

    private long line = 1;
    private int inLine;

    Bounded(Reader in) {
        super(in);
    }

    @Override
    public int read() throws IOException {
        var c = super.read();
        count(c);
        return c;
    }

    @Override
    public int read(char[] buffer, int from, int length) throws IOException {
        var n = super.read(buffer, from, length);
        for (int i = 0; i < n; i++) {
            count(buffer[from + i]);
        }
        return n;
    }

    private void count(int c) {
        if (c == '\n' || c == '\r') {
            line++;
            inLine = 0;
        } else if (c == 0) {
            throw new RuleBroken(
                    "The file holds characters that are no text (after about %,d lines); save it as \"CSV UTF-8\" and try again."
                            .formatted(line));
        } else if (++inLine > LONGEST_LINE) {
            throw new RuleBroken(
                    "A line of the file is longer than %,d letters (after about %,d lines); no part is that long."
                            .formatted(LONGEST_LINE, line));
        }
    }
}
