package lowfield.core.part;

/** Where a part stands in its life. */
public enum Release {
    ANNOUNCED,
    ON_SALE,
    ENDING,
    GONE
}
