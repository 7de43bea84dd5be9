package lowfield.core.proofreading;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import lowfield.core.reason.ReasonBasis;
import lowfield.core.reason.ReasonBasis.Claim;

/**
 * How a written reason stands against the data of today.
 *
 * @param slips what it says otherwise than the data, but for what the author meant as it stands
 * @param changes what it relied on and is no longer so; not empty: the reason is stale
 * @param move how far the price moved since, where that was much
 * @param isReadWhole whether it was read to its end
 * @param facts typed figures that facts of the line say just so
 */
public record ReasonState(
        List<Slip> slips,
        List<BasisChange> changes,
        Optional<BasisChange> move,
        boolean isReadWhole,
        List<TypedFact> facts) {
    /** A price may move so far before the author is asked to read the reason once more. */
    private static final BigDecimal MUCH = new BigDecimal("0.10");

    /** Of a reason that was read to its end. */
    public ReasonState(List<Slip> slips, List<BasisChange> changes, Optional<BasisChange> move) {
        this(slips, changes, move, true, List.of());
    }

    public ReasonState {
        slips = List.copyOf(slips);
        changes = List.copyOf(changes);
        facts = List.copyOf(facts);
    }

    public static ReasonState fine() {
        return new ReasonState(List.of(), List.of(), Optional.empty());
    }

    /** By a reading of its text today. */
    public static ReasonState of(ReasonBasis basis, Reading now) {
        return new ReasonState(
                now.without(basis.meant()).slips(), changes(basis, now), move(basis, now), now.isWhole(), now.facts());
    }

    /** What of it is no longer so, by a reading of the same text today. */
    private static List<BasisChange> changes(ReasonBasis basis, Reading now) {
        return basis.claims().stream()
                .filter(c -> !c.isOwnPrice() && !c.value().equals(Reading.UNKNOWN))
                .flatMap(c -> change(c, basis, now).stream())
                .toList();
    }

    private static Optional<BasisChange> change(Claim was, ReasonBasis basis, Reading now) {
        var is = find(now.claims(), was.key());
        var slip = now.slips().stream()
                .filter(s -> was.key().equals(Reading.key(s.start())))
                .findFirst();
        if (is.filter(c -> isSame(c, was)).isPresent()
                || slip.filter(s -> basis.meant().contains(s.key())).isPresent()) {
            return Optional.empty();
        }
        var said = now.today(was.about()).or(() -> is.map(Claim::said)).orElse("no longer so");
        return Optional.of(new BasisChange(was.about(), was.said(), said))
                .filter(c -> !c.was().equals(c.now()));
    }

    /** Whether it stands as it stood; what a figure says rightly must still be said of the same thing. */
    private static boolean isSame(Claim is, Claim was) {
        return is.value().equals(was.value()) && (!was.isFigure() || is.about().equals(was.about()));
    }

    /** How the choice's price moved by more than a tenth since; absent where it did not, or was or is not known. */
    private static Optional<BasisChange> move(ReasonBasis basis, Reading now) {
        return find(basis.claims(), Claim.OWN_PRICE)
                .flatMap(was -> find(now.claims(), Claim.OWN_PRICE)
                        .filter(is -> isFar(new BigDecimal(was.value()), new BigDecimal(is.value())))
                        .map(is -> new BasisChange("price", was.said(), is.said())));
    }

    private static boolean isFar(BigDecimal was, BigDecimal is) {
        return is.subtract(was).abs().compareTo(was.multiply(MUCH)) > 0;
    }

    private static Optional<Claim> find(List<Claim> among, String key) {
        return among.stream().filter(c -> c.key().equals(key)).findFirst();
    }
}
