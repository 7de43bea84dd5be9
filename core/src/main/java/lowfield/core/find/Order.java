package lowfield.core.find;

/** In which order candidates of one group stand. */
public enum Order {
    /** Cheapest first. */
    PRICE("price"),
    /** What the kind is bought by: price of a gigabyte, a core, a watt. */
    PRICE_OF_A_UNIT("price of a unit"),
    /** What the build's total would move by, with what the part forces. */
    TRUE_DIFFERENCE("net change"),
    /** Last added to the catalogue first. */
    NEWNESS("recently added"),
    /** Cheaper and at least its equal in what makes it what it is; then what gives up least of that; what costs as much or more last. */
    SAME_FOR_LESS("cheaper equivalent");

    private final String label;

    Order(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
