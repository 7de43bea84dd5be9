package lowfield.server.reading;

import java.io.FilterReader;
import java.io.IOException;
import java.io.Reader;
import lowfield.core.RuleBroken;

/**
 * Gives up where one piece of a list (a line, an attribute, whatever its reader takes in one go) is longer than any of a list,
 * so that hostile lists stay small in memory.
 */
final class BoundedReader extends FilterReader {
    private final int longest;
    private final String what;
    private int sinceLast;

    /**
     * @param longest letters of one piece
     * @param what is too long then, such as "a line of the list"
     */
    BoundedReader(Reader in, int longest, String what) {
        super(in);
        this.longest = longest;
        this.what = what;
    }

    /** A piece is done. What was read ahead counts for the next one, which is why the bound is generous. */
    void pieceRead() {
        sinceLast = 0;
    }

    @Override
    public int read() throws IOException {
        var one = new char[1];
        return read(one, 0, 1) < 0 ? -1 : one[0];
    }

    @Override
    public int read(char[] buffer, int from, int length) throws IOException {
        var n = super.read(buffer, from, length);
        sinceLast += Math.max(0, n);
        RuleBroken.unless(sinceLast <= longest, "%s is longer than %,d letters", what, longest);
        return n;
    }
}
