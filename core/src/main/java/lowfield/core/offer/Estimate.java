package lowfield.core.offer;

import lowfield.core.money.Amount;

/**
 * What an announced part is thought to cost until somebody sells it (rules 2), and how that was worked out: "Vane 60 by
 * Hartle, 309.00 EUR, times 1.15; give or take 8%".
 */
public record Estimate(Amount.Range price, String derivation) {
    /** Of so many pieces. */
    public Amount of(int quantity) {
        return new Amount.Range(
                price.low().times(quantity),
                price.likely().times(quantity),
                price.high().times(quantity));
    }
}
