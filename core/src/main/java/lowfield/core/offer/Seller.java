package lowfield.core.offer;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;

/**
 * Who sells, and from which goods value an order there ships free; absent when no such threshold is known. A person has no
 * shop; of an offer of nobody in particular both names are empty.
 */
public record Seller(UUID id, String name, String shop, Optional<Money> freeFrom, Terms terms) {
    /** The name of nobody in particular. */
    public static final String NOBODY = "";

    public Seller(UUID id, String name, String shop, Optional<Money> freeFrom) {
        this(id, name, shop, freeFrom, Terms.NOT_TOLD);
    }

    public SellerKind kind() {
        return name.equals(shop) ? SellerKind.SHOP : SellerKind.MARKET;
    }

    /** Whether it is only known that somebody sells. */
    public boolean isNobody() {
        return name.equals(NOBODY);
    }

    /** "Quillmarket" when the shop itself sells, "Pier Nine at Quillmarket" when another does, "Jo Marsh" for a person. */
    public String label() {
        if (isNobody()) {
            return "no particular seller";
        }
        return kind() == SellerKind.SHOP || shop.isEmpty() ? name : name + " at " + shop;
    }

    /** The same as readers are told: a person is not named, and nobody in particular is empty. */
    public String printed() {
        if (isNobody()) {
            return "";
        }
        return shop.isEmpty() ? "private seller" : label();
    }
}
