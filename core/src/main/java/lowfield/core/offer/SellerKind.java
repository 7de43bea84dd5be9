package lowfield.core.offer;

/** Whether the shop itself sells or somebody else on its market place. */
public enum SellerKind {
    SHOP("a shop itself"),
    MARKET("a marketplace seller");

    private final String label;

    SellerKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
