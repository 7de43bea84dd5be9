package lowfield.core.total;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.Text;
import lowfield.core.guide.Line;
import lowfield.core.money.Money;
import lowfield.core.offer.Offer;

/**
 * One price that a seller asks for several lines of a build: a bundle, or a seller's machine with the parts that are in it
 * (model 21). It counts once, in the place of its members' own prices, for as long as each member stands on its line as it
 * was when the price was taken.
 *
 * @param offer the price of all of it with its seller; absent when nobody asks one any more
 * @param isBundle whether a shop's bundle is followed, so that its price is what the shop asks now
 * @param members two at least, each line once
 */
public record PackagePrice(UUID id, String name, Optional<Offer> offer, boolean isBundle, List<Member> members) {
    /** So many a build at most. */
    public static final int MOST = 6;

    /**
     * A line and what stands on it.
     *
     * @param key that of the choice
     * @param swap what the seller asks more for it, or less, than for the part that is in the package; absent for that part
     */
    public record Member(UUID line, String key, int quantity, Optional<Money> swap) {
        boolean is(Line other) {
            return other.id().equals(line)
                    && other.counted()
                    && other.quantity() == quantity
                    && other.choice().key().equals(key);
        }
    }

    public PackagePrice {
        name = name.strip();
        RuleBroken.unless(
                !name.isEmpty() && name.length() <= 80 && Text.isOne(name), "A package has a name of 1 to 80 letters.");
        members = List.copyOf(members);
        RuleBroken.unless(members.size() >= 2, "%s: a package price is for two parts or more.", name);
        var lines = new HashSet<UUID>();
        for (var member : members) {
            RuleBroken.unless(lines.add(member.line()), "%s: a line is in a package once.", name);
        }
    }

    public boolean includes(UUID line) {
        return members.stream().anyMatch(m -> m.line().equals(line));
    }

    /** The price of all of it with what swaps cost; absent when nobody asks one. */
    public Optional<Money> price() {
        return offer.map(o -> members.stream().flatMap(m -> m.swap().stream()).reduce(o.price(), Money::plus));
    }

    public Optional<Money> swap(UUID line) {
        return members.stream()
                .filter(m -> m.line().equals(line))
                .flatMap(m -> m.swap().stream())
                .findFirst();
    }

    /** Why it does not count for these lines; empty when it does. */
    Optional<Broken> broken(List<Line> lines) {
        for (var member : members) {
            var line = lines.stream().filter(l -> l.id().equals(member.line())).findFirst();
            if (line.isEmpty()) {
                return Optional.of(new Broken(this, remaining(lines), "one of its parts is no longer in the build"));
            }
            if (!member.is(line.get())) {
                return Optional.of(new Broken(this, line, "it was for another part, or another number of them, here"));
            }
        }
        return offer.isPresent()
                ? Optional.empty()
                : Optional.of(new Broken(this, remaining(lines), "no shop has it any more"));
    }

    private Optional<Line> remaining(List<Line> lines) {
        return lines.stream().filter(l -> includes(l.id())).findFirst();
    }

    /** A package that does not count, at which line that shows, and why. The line is absent when none of its lines is left. */
    public record Broken(PackagePrice of, Optional<Line> at, String why) {}

    /**
     * What each member counts: the price shared out in proportion to what they cost alone, to the last minor unit, and its
     * swap. Where one has no price of its own, the first bears it all.
     */
    Map<UUID, Money> shares(List<LinePrice> own) {
        var price = offer.orElseThrow().price();
        var inOrder = own.stream().filter(p -> includes(p.line().id())).toList();
        var weights = new ArrayList<Long>();
        for (var each : inOrder) {
            each.goods().known().map(Money::minor).ifPresent(weights::add);
        }
        var sum = weights.stream().mapToLong(w -> w).sum();
        var isShared = weights.size() == inOrder.size() && sum > 0;
        var shares = new HashMap<UUID, Money>();
        var left = price;
        for (int i = inOrder.size() - 1; i >= 0; i--) {
            var line = inOrder.get(i).line().id();
            var share = i == 0 ? left : isShared ? price.share(weights.get(i), sum) : Money.zero(price.currency());
            left = left.minus(share);
            shares.put(line, swap(line).map(share::plus).orElse(share));
        }
        return shares;
    }
}
