package lowfield.core.part;

/** Which way a figure is better when everything else is equal. */
public enum Better {
    MORE,
    LESS,
    /** Neither: it depends on what is needed. */
    NEED
}
