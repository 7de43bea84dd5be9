package lowfield.server.exchange;

import java.util.ArrayList;
import java.util.List;

/** What a file would do, or did: rows read, parts added, changed and left alone; and everything that is wrong with it. */
public record Report(int rows, int added, int changed, int unchanged, List<Fault> faults, boolean moreFaults) {
    /** A fault: where, what was there (shortened), and the rule it breaks. */
    public record Fault(long line, String column, String value, String rule) {}

    public boolean isSound() {
        return faults.isEmpty();
    }

    /** Collects faults, the first two hundred of them. */
    static final class Faults {
        private static final int MOST = 200;
        private final List<Fault> faults = new ArrayList<>();
        private int count;

        void add(long line, String column, String value, String rule) {
            count++;
            if (faults.size() < MOST) {
                faults.add(new Fault(line, column, value.length() > 60 ? value.substring(0, 60) + "…" : value, rule));
            }
        }

        boolean any() {
            return count > 0;
        }

        /** How many there were, kept or not. */
        int count() {
            return count;
        }

        /** Whether reading on would tell nothing more. */
        boolean isFull() {
            return count > MOST;
        }

        List<Fault> list() {
            return List.copyOf(faults);
        }
    }
}
