package lowfield.core.offer;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;

/** Who sells, and from which goods value an order there ships free; absent when no such threshold is known. */
public record Seller(UUID id, String name, String shop, Optional<Money> freeFrom, Terms terms) {
    public Seller(UUID id, String name, String shop, Optional<Money> freeFrom) {
        this(id, name, shop, freeFrom, Terms.NOT_TOLD);
    }

    public SellerKind kind() {
        return name.equals(shop) ? SellerKind.SHOP : SellerKind.MARKET;
    }

    /** "Quillmarket" when the shop itself sells, "Pier Nine at Quillmarket" when another does. */
    public String label() {
        return kind() == SellerKind.SHOP ? shop : name + " at " + shop;
    }
}
