package lowfield.core.total;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Estimate;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PartPrice;
import lowfield.core.offer.PriceList;
import lowfield.core.part.Part;

/**
 * What one line costs: its goods, the offer they are bought from if there is one, and why there is no price if there is none.
 *
 * @param in the package whose price it has a share of; absent where it is bought alone
 */
public record LinePrice(Line line, Amount goods, Optional<PartPrice> price, Optional<PackagePrice> in) {
    /** One that is bought alone. */
    public LinePrice(Line line, Amount goods, Optional<PartPrice> price) {
        this(line, goods, price, Optional.empty());
    }

    /** The same line as a part of a package of which it bears a share. */
    LinePrice in(PackagePrice of, Money share) {
        var offer = of.offer().orElseThrow();
        return new LinePrice(
                line.in(offer.condition()),
                Amount.of(share),
                Optional.of(new PartPrice.Priced(offer.at(share), List.of())),
                Optional.of(of));
    }

    /** Prices one line; {@code held} is the listing the author holds the choice to. */
    public static LinePrice of(Line line, PriceList prices, Money zero, Optional<UUID> held) {
        if (line.choice() instanceof Choice.FreeHand free) {
            return new LinePrice(line, Amount.of(free.price().times(line.quantity())), Optional.empty());
        }
        var part = line.choice().part();
        if (part.isEmpty()) {
            return new LinePrice(line, Amount.of(zero), Optional.empty());
        }
        var price = prices.of(part.get().id(), line.quantity(), held);
        var goods = price.offer()
                .map(o -> Amount.of(o.price().times(line.quantity())))
                .or(() -> price.estimated().map(e -> e.of(line.quantity())))
                .orElseGet(() ->
                        Amount.notKnown(line.slot().label() + ", " + part.get().fullName() + ": " + price.whyNone()));
        return new LinePrice(line, goods, Optional.of(price));
    }

    /**
     * Prices one line where nothing is held, and a set at the member that wins at these prices: by the same preference and
     * tolerance, which may be another member than the one that stands in the line (rules 2). A free-hand choice counts when the author says
     * that it can be bought.
     */
    public static LinePrice ofWinner(Line line, PriceList prices, Money zero) {
        if (line.choice() instanceof Choice.FreeHand free && !free.isAvailable()) {
            return new LinePrice(
                    line,
                    Amount.notKnown(
                            line.slot().label() + ", " + free.name() + ": whether it can be bought today is not said"),
                    Optional.empty());
        }
        return of(line.with(won(prices, line.choice(), line.quantity())), prices, zero, Optional.empty());
    }

    /** The choice with the winner at these prices, each at the door, where it is a set; another choice as it is. */
    public static Choice won(PriceList prices, Choice choice, int quantity) {
        return choice instanceof Choice.VettedSet set
                ? Choice.VettedSet.of(
                        set.members(),
                        set.tolerance(),
                        part -> prices.of(part.id(), quantity, Optional.empty())
                                .offer()
                                .map(o -> o.landedAlone(quantity)))
                : choice;
    }

    public Optional<Offer> offer() {
        return price.flatMap(PartPrice::offer);
    }

    /** The same line as if its offer asked another price, for one piece or as its share of a package; the offer is there. */
    public LinePrice at(Money each) {
        var offer = offer().orElseThrow();
        return new LinePrice(
                line,
                Amount.of(in.isPresent() ? each : each.times(line.quantity())),
                Optional.of(new PartPrice.Priced(offer.at(each), List.of())),
                in);
    }

    /** Whether it is a price that its shop does not let stand in published editions. */
    public boolean isWithheld() {
        return offer().filter(o -> !o.seller().terms().mayStand()).isPresent();
    }

    /** What the goods come to after what can be claimed back; it is in no total. Absent when nothing can be. */
    public Optional<Money> afterClaim() {
        return offer().filter(o -> in.isEmpty())
                .flatMap(Offer::claimBack)
                .flatMap(back -> goods.known().map(g -> afterClaim(g, back, line.quantity())));
    }

    /** Goods after what can be claimed back for each of so many pieces. */
    public static Money afterClaim(Money goods, Money each, int quantity) {
        return goods.minus(each.times(quantity));
    }

    /** What the goods cost, if they have a price of their own: a part of a package has none. */
    public Optional<Money> ownGoods() {
        return in.isPresent() ? Optional.empty() : goods.known();
    }

    /** The price against its maker's MSRP in thousandths; absent for a part of a package, and as {@link Offer#premium} says. */
    public Optional<Integer> overMsrp() {
        return offer().filter(o -> in.isEmpty())
                .flatMap(o -> o.premium(line.choice().part().flatMap(Part::suggestedPrice)));
    }

    public Optional<Estimate> estimated() {
        return price.flatMap(PartPrice::estimated);
    }
}
