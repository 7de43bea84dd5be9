package lowfield.core.offer;

/** Whether it can be ordered; a shop that does not say is {@code NOT_STATED}. */
public enum Stock {
    IN_STOCK("in stock"),
    LIMITED("few left"),
    BACK_ORDER("on back order"),
    PRE_ORDER("pre-order"),
    OUT_OF_STOCK("out of stock"),
    GONE("no longer sold"),
    NOT_STATED("stock not stated");

    private final String label;

    Stock(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
