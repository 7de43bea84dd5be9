package lowfield.core.part;

/** Where a part stands in its life. */
public enum Release {
    ANNOUNCED("announced"),
    ON_SALE("on sale"),
    ENDING("ending"),
    GONE("gone");

    private final String word;

    Release(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
