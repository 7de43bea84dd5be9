package lowfield.core.offer;

/** The state in which a shop sells a thing. */
public enum Condition {
    NEW,
    OPENED,
    REFURBISHED,
    USED;

    /** Whether it had an owner before: such goods may be taxed on the margin, and are bought with a right of return. */
    public boolean isUsed() {
        return this == REFURBISHED || this == USED;
    }

    public String label() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
