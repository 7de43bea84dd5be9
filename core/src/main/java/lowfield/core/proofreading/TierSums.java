package lowfield.core.proofreading;

import java.util.List;
import java.util.Optional;
import lowfield.core.money.Money;

/**
 * The sums of a build that a text may state: what a text of an edition, a tier or a build is held against beside parts.
 *
 * @param name as readers know it
 * @param total absent where it is unknown or may not be printed
 * @param last its total in the last edition
 * @param band its ends, rising, with the figure between them where it is one with a tolerance
 * @param peak sustained peak, in watts
 * @param isOwn whether the text is about it where it names none
 */
public record TierSums(
        String name,
        Optional<Money> total,
        Optional<Money> last,
        List<Money> band,
        Optional<Integer> peak,
        boolean isOwn) {
    public TierSums {
        band = List.copyOf(band);
    }

    /** By how much the total moved since the last edition, without its sign. */
    public Optional<Money> change() {
        return total.flatMap(now -> last.map(was -> apart(now, was)));
    }

    /** What is left up to the end of the band; absent where the total is over it. */
    public Optional<Money> left() {
        return total.filter(t -> !band.isEmpty() && band.get(band.size() - 1).minor() >= t.minor())
                .map(t -> apart(band.get(band.size() - 1), t));
    }

    /** What the total is over the end of the band. */
    public Optional<Money> over() {
        return total.filter(t -> !band.isEmpty() && band.get(band.size() - 1).minor() < t.minor())
                .map(t -> apart(t, band.get(band.size() - 1)));
    }

    /** How far the total is from each figure of its band. */
    public List<Money> apart() {
        return total.stream().flatMap(t -> band.stream().map(b -> apart(b, t))).toList();
    }

    static Money apart(Money one, Money other) {
        return new Money(Math.abs(one.minor() - other.minor()), one.currency());
    }
}
