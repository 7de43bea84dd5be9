package lowfield.core.check;

import java.util.Collection;
import java.util.List;

/** What a check says; not known never counts as fits. */
public enum Verdict {
    FITS("fits"),
    CAUTION("caution"),
    CLASH("clash"),
    NOT_KNOWN("not known");

    private final String word;

    private static final List<Verdict> WORST_FIRST = List.of(CLASH, NOT_KNOWN, CAUTION, FITS);

    Verdict(String word) {
        this.word = word;
    }

    /** Clash before not known before caution before fits; of none it is fits. */
    public static Verdict worst(Collection<Verdict> verdicts) {
        return WORST_FIRST.stream().filter(verdicts::contains).findFirst().orElse(FITS);
    }

    public String word() {
        return word;
    }
}
