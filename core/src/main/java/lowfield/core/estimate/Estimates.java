package lowfield.core.estimate;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Estimate;
import lowfield.core.offer.Estimator;
import lowfield.core.offer.Offer;
import lowfield.core.offer.PriceList;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;

/**
 * Works estimates out from their basis (rules 2). Only an announced part has one, and a comparable part must have a real
 * price itself. The premium of a kind is the median of price / suggested price over its parts that have both, of which there
 * must be {@link #FEWEST}.
 */
public final class Estimates implements Estimator {
    public static final int FEWEST = 3;

    private final Function<UUID, Optional<Basis>> bases;
    private final Function<UUID, Part> parts;
    private final Function<Kind, List<Part>> ofKind;

    public Estimates(
            Function<UUID, Optional<Basis>> bases, Function<UUID, Part> parts, Function<Kind, List<Part>> ofKind) {
        this.bases = bases;
        this.parts = parts;
        this.ofKind = ofKind;
    }

    @Override
    public Optional<Estimate> estimate(UUID id, PriceList prices) {
        return bases.apply(id)
                .filter(basis -> parts.apply(id).release() == Release.ANNOUNCED)
                .flatMap(basis -> of(parts.apply(id), basis, prices));
    }

    private Optional<Estimate> of(Part part, Basis basis, PriceList prices) {
        if (basis instanceof Basis.Times times) {
            return price(times.comparable(), prices)
                    .flatMap(p -> estimate(
                            p.permille(times.factorPermille()),
                            basis,
                            "%s, %s, times %s"
                                    .formatted(
                                            name(times.comparable()),
                                            p,
                                            BigDecimal.valueOf(times.factorPermille(), 3)
                                                    .stripTrailingZeros()
                                                    .toPlainString())));
        }
        if (basis instanceof Basis.Step step) {
            return price(step.comparable(), prices)
                    .filter(p -> p.currency().equals(step.step().currency()))
                    .flatMap(p -> estimate(
                            p.plus(step.step()),
                            basis,
                            "%s, %s, %s %s"
                                    .formatted(
                                            name(step.comparable()),
                                            p,
                                            step.step().isNegative() ? "less" : "plus",
                                            step.step().isNegative()
                                                    ? step.step().times(-1)
                                                    : step.step())));
        }
        return part.suggestedPrice()
                .flatMap(s -> premium(part.kind(), s, prices)
                        .flatMap(permille -> estimate(
                                s.permille(permille),
                                basis,
                                "MSRP %s, times %s, which is what %s cost now against their MSRP"
                                        .formatted(
                                                s,
                                                BigDecimal.valueOf(permille, 3)
                                                        .stripTrailingZeros()
                                                        .toPlainString(),
                                                part.kind().plural()))));
    }

    private static Optional<Estimate> estimate(Money likely, Basis basis, String derivation) {
        if (likely.minor() <= 0) {
            return Optional.empty();
        }
        var spread = likely.permille(basis.spreadPermille());
        return Optional.of(new Estimate(
                new Amount.Range(likely.minus(spread), likely, likely.plus(spread)),
                "%s; give or take %s%%"
                        .formatted(
                                derivation,
                                BigDecimal.valueOf(basis.spreadPermille(), 1)
                                        .stripTrailingZeros()
                                        .toPlainString())));
    }

    private static Optional<Money> price(UUID part, PriceList prices) {
        return prices.offer(part).map(Offer::price);
    }

    private String name(UUID part) {
        return parts.apply(part).fullName();
    }

    private Optional<Integer> premium(Kind kind, Money suggested, PriceList prices) {
        var shares = ofKind.apply(kind).stream()
                .filter(p -> p.suggestedPrice()
                        .filter(s -> s.currency().equals(suggested.currency()))
                        .isPresent())
                .flatMap(p -> prices.offer(p.id()).flatMap(o -> o.premium(p.suggestedPrice())).stream())
                .map(permille -> 1000 + permille)
                .sorted()
                .toList();
        return shares.size() < FEWEST ? Optional.empty() : Optional.of(shares.get(shares.size() / 2));
    }
}
