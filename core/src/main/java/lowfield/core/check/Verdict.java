package lowfield.core.check;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/** What a check says; not known never counts as fits. */
public enum Verdict {
    FITS("fits"),
    CAUTION("caution"),
    CLASH("clash"),
    NOT_KNOWN("not known");

    private final String word;

    private static final List<Verdict> FROM_WORST = List.of(CLASH, NOT_KNOWN, CAUTION, FITS);

    /** Clash before not known before caution before fits. */
    public static final Comparator<Verdict> WORST_FIRST = Comparator.comparingInt(FROM_WORST::indexOf);

    Verdict(String word) {
        this.word = word;
    }

    /** The worst of some; of none it is fits. */
    public static Verdict worst(Collection<Verdict> verdicts) {
        return verdicts.stream().min(WORST_FIRST).orElse(FITS);
    }

    public String word() {
        return word;
    }
}
