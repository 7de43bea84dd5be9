package lowfield.core.check;

/** What a check says; not known never counts as fits. */
public enum Verdict {
    FITS("fits"),
    CAUTION("caution"),
    CLASH("clash"),
    NOT_KNOWN("not known");

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
