package lowfield.core.check;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/** What a check says; not known never counts as fits, and a note leaves nothing to decide. */
public enum Verdict {
    FITS("fits"),
    NOTE("note"),
    CAUTION("caution"),
    CLASH("clash"),
    NOT_KNOWN("not known");

    private final String word;

    private static final List<Verdict> FROM_WORST = List.of(CLASH, NOT_KNOWN, CAUTION, NOTE, FITS);

    /** Clash before not known before caution before note before fits. */
    public static final Comparator<Verdict> WORST_FIRST = Comparator.comparingInt(FROM_WORST::indexOf);

    Verdict(String word) {
        this.word = word;
    }

    /** The worst of some; of none it is fits. */
    public static Verdict worst(Collection<Verdict> verdicts) {
        return verdicts.stream().min(WORST_FIRST).orElse(FITS);
    }

    /** Whether something is left to decide: a clash, a caution, or a figure that is missing. */
    public boolean isTrouble() {
        return this != FITS && this != NOTE;
    }

    public String word() {
        return word;
    }
}
