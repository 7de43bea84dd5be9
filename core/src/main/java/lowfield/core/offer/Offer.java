package lowfield.core.offer;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;

/**
 * One seller's last accepted price for one part: what is asked now for one piece, the shipping of one piece bought alone
 * (absent when the shop does not say), in which state and stock, what of it a buyer can claim back afterwards (which is in
 * no price and no total, rules 2), whether a CPU's boxed cooler comes with it (absent when nothing is said), and when it was
 * seen.
 */
public record Offer(
        UUID listing,
        Seller seller,
        Condition condition,
        Money price,
        Optional<Money> shippingAlone,
        Stock stock,
        boolean membersOnly,
        Optional<Money> claimBack,
        Optional<Boolean> boxedCooler,
        Instant seenAt,
        String link) {
    /** Nothing of it can be claimed back, and nothing is said of a boxed cooler. */
    public Offer(
            UUID listing,
            Seller seller,
            Condition condition,
            Money price,
            Optional<Money> shippingAlone,
            Stock stock,
            boolean membersOnly,
            Instant seenAt,
            String link) {
        this(
                listing,
                seller,
                condition,
                price,
                shippingAlone,
                stock,
                membersOnly,
                Optional.empty(),
                Optional.empty(),
                seenAt,
                link);
    }

    /** How the part is sold. */
    public Sold sold() {
        return new Sold(condition, boxedCooler);
    }

    /** The same offer at another price. */
    public Offer at(Money other) {
        return new Offer(
                listing,
                seller,
                condition,
                other,
                shippingAlone,
                stock,
                membersOnly,
                claimBack,
                boxedCooler,
                seenAt,
                link);
    }

    /** The same offer under another listing. */
    public Offer as(UUID other) {
        return new Offer(
                other,
                seller,
                condition,
                price,
                shippingAlone,
                stock,
                membersOnly,
                claimBack,
                boxedCooler,
                seenAt,
                link);
    }

    /** Whether another listing says the same, as one for all guides and one for a single guide do. */
    boolean isSameBut(Offer other) {
        return as(other.listing).equals(other);
    }

    /** What one piece costs at the door when nothing else is ordered there; not stated shipping counts as none here, for order only. */
    public Money landedAlone(int quantity) {
        var goods = price.times(quantity);
        var free = seller.freeFrom().filter(from -> goods.compareTo(from) >= 0).isPresent();
        return free ? goods : shippingAlone.map(goods::plus).orElse(goods);
    }

    /**
     * The premium (rules 2): the price over what the maker suggests, less one, in thousandths. Absent for anything but new
     * goods, and where nothing is suggested in the currency of the price.
     */
    public Optional<Integer> premium(Optional<Money> suggested) {
        return suggested
                .filter(s -> condition == Condition.NEW && s.currency().equals(price.currency()) && s.minor() > 0)
                .map(s -> (int) Math.round(1000.0 * (price.minor() - s.minor()) / s.minor()));
    }

    /** Whether a marketplace seller leaves open what shipping costs, so that its price at the door is not known. */
    public boolean isShippingOpen(int quantity) {
        var goods = price.times(quantity);
        return seller.kind() == SellerKind.MARKET
                && shippingAlone.isEmpty()
                && seller.freeFrom().filter(from -> goods.compareTo(from) >= 0).isEmpty();
    }
}
