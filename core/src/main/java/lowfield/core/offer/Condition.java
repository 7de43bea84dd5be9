package lowfield.core.offer;

/** The state in which a shop sells a thing. */
public enum Condition {
    NEW,
    OPENED,
    REFURBISHED,
    USED;

    public String label() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
