package lowfield.core.total;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.offer.Bundle;

/**
 * Advice beside a build's total (rules 2 and 10): counted lines that one seller sells together for less than they count
 * there. No total has it in it. A bundle that is more than {@link #MOST_OFF} below the sum of its parts is in doubt, since
 * nothing guards its price, and is not told.
 *
 * @param lines the lines that it stands for
 * @param saves goods against goods, above zero; shipping is as for any seller
 */
public record BundleSaving(Bundle bundle, List<UUID> lines, Money saves) {
    /** In thousandths. */
    public static final int MOST_OFF = 400;

    /** What of some bundles would make a build cheaper, the most saved first; what a seller shows on several pages, once. */
    public static List<BundleSaving> of(List<LinePrice> lines, List<Bundle> bundles) {
        var told = new HashSet<List<Object>>();
        return bundles.stream()
                .flatMap(b -> of(lines, b).stream())
                .sorted(Comparator.comparing(BundleSaving::saves)
                        .reversed()
                        .thenComparing(t -> t.bundle().seller().label()))
                .filter(t ->
                        told.add(List.of(t.bundle().seller().id(), t.bundle().parts())))
                .toList();
    }

    private static Optional<BundleSaving> of(List<LinePrice> lines, Bundle bundle) {
        var left = new HashMap<>(bundle.parts());
        var taken = new HashSet<UUID>();
        var goods = Money.zero(bundle.price().currency());
        for (var line : lines) {
            var part = line.line().choice().part().map(p -> p.id());
            if (part.isPresent() && fits(line, left, part.get(), bundle)) {
                left.remove(part.get());
                taken.add(line.line().id());
                goods = goods.plus(line.goods().known().orElseThrow());
            }
        }
        var saves = goods.minus(bundle.price());
        var isTold = left.isEmpty() && saves.minor() > 0 && saves.compareTo(goods.permille(MOST_OFF)) <= 0;
        return isTold ? Optional.of(new BundleSaving(bundle, List.copyOf(taken), saves)) : Optional.empty();
    }

    private static boolean fits(LinePrice line, Map<UUID, Integer> left, UUID part, Bundle bundle) {
        return line.in().isEmpty()
                && line.line().counted()
                && Integer.valueOf(line.line().quantity()).equals(left.get(part))
                && line.goods()
                        .known()
                        .filter(g -> g.currency().equals(bundle.price().currency()))
                        .isPresent();
    }
}
