package lowfield.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.GoingPrice;
import lowfield.core.offer.Guard;
import lowfield.core.offer.Middle;

/**
 * What the prices of one round are held against: what was accepted in the days before, siblings of one product in one
 * condition pooled, one price a shop and day; where each kind's index stood on those days; and how far each kind has moved
 * since, as this very round sees it. A round observes everything first, so that there is no circle.
 */
public final class Grounds {
    /** What moves together; in another currency a price moves with the rate of exchange, too. */
    private record Market(String kind, String currency) {
        static Market of(String kind, Money price) {
            return new Market(kind, price.currency().getCurrencyCode());
        }
    }

    /** A price that was accepted, and the shop's day of it. */
    public record Accepted(Money price, LocalDate day) {}

    /** A price of a part in a condition that a shop had on a day, accepted. */
    public record Past(
            UUID part, UUID product, String kind, Condition condition, UUID shop, LocalDate day, Money price) {
        private Pool pool() {
            return new Pool(product, condition, price.currency().getCurrencyCode());
        }

        private Market market() {
            return Market.of(kind, price);
        }
    }

    /**
     * A price that the round has seen.
     *
     * @param own what was accepted last of the very listing
     * @param peers what others ask for the same part in the same condition, for a listing that is new; in any currency
     */
    public record Seen(
            UUID listing,
            UUID part,
            UUID product,
            String kind,
            Condition condition,
            UUID shop,
            Money price,
            Optional<Accepted> own,
            List<Money> peers) {
        /** What was accepted in another currency, before the shop changed to this one, tells nothing. */
        private Optional<Accepted> comparable() {
            return own.filter(last -> last.price().currency().equals(price.currency()));
        }

        private Pool pool() {
            return new Pool(product, condition, price.currency().getCurrencyCode());
        }

        private Market market() {
            return Market.of(kind, price);
        }
    }

    /** What is compared with what. */
    private record Pool(UUID product, Condition condition, String currency) {}

    /** A move that one shop alone tells of is believed up to an eighth, as a logarithm: what the guard lets pass anyhow. */
    private static final double MOST_ALONE = Math.log(1.12);

    private final Map<Pool, List<Guard.Past>> past = new HashMap<>();
    private final Map<Pool, List<Seen>> now;
    private final Map<Market, TreeMap<LocalDate, Double>> levels = new HashMap<>();
    private final Map<Market, Double> levelNow = new HashMap<>();

    private Grounds(List<Seen> seen, List<Past> accepted) {
        now = seen.stream().collect(Collectors.groupingBy(Seen::pool));
        var before = accepted.stream().collect(Collectors.groupingBy(Past::market));
        seen.stream().collect(Collectors.groupingBy(Seen::market)).forEach((market, prices) -> {
            var days = levels(before.getOrDefault(market, List.of()));
            levels.put(market, days);
            var last = days.isEmpty() ? 1 : days.lastEntry().getValue();
            levelNow.put(market, last * move(prices));
        });
        accepted.stream()
                .collect(Collectors.groupingBy(Past::pool))
                .forEach((pool, prices) -> past.put(
                        pool,
                        oneAShopAndDay(prices).stream()
                                .map(p -> new Guard.Past(p.price(), levelOn(p.market(), p.day())))
                                .toList()));
    }

    public static Grounds of(List<Seen> seen, List<Past> accepted) {
        return new Grounds(seen, accepted);
    }

    /** What a seen price is held against. */
    public Guard.Ground ground(Seen seen) {
        var level = levelNow.getOrDefault(seen.market(), 1.0);
        var own = seen.comparable();
        return new Guard.Ground(
                past.getOrDefault(seen.pool(), List.of()),
                own.map(a -> new Guard.Past(a.price(), levelOn(seen.market(), a.day()))),
                own.isPresent() ? Optional.empty() : peers(seen).map(m -> new Guard.Past(m, level)),
                level,
                now.getOrDefault(seen.pool(), List.of()).stream()
                        .filter(p -> !p.shop().equals(seen.shop()) && p.part().equals(seen.part()))
                        .map(Seen::price)
                        .toList());
    }

    private Optional<Money> peers(Seen seen) {
        return GoingPrice.of(seen.peers(), seen.price().currency()).or(() -> peersNow(seen));
    }

    /**
     * What others ask for the same in this very round, when nothing is known from before. Of two that have never been seen
     * the lower is held against the higher and not the reverse: a price too high harms nobody where the cheapest counts.
     */
    private Optional<Money> peersNow(Seen seen) {
        var others = now.get(seen.pool()).stream()
                .filter(p -> p.part().equals(seen.part()) && !p.listing().equals(seen.listing()))
                .map(Seen::price)
                .toList();
        return GoingPrice.of(others, seen.price().currency())
                .filter(going -> others.size() > 1 || going.compareTo(seen.price()) > 0);
    }

    private double levelOn(Market market, LocalDate day) {
        var known = levels.getOrDefault(market, new TreeMap<>()).floorEntry(day);
        return known == null ? 1 : known.getValue();
    }

    private static Collection<Past> oneAShopAndDay(List<Past> pool) {
        var lowest = new HashMap<List<Object>, Past>();
        pool.forEach(p ->
                lowest.merge(List.of(p.shop(), p.day()), p, (a, b) -> a.price().compareTo(b.price()) <= 0 ? a : b));
        return lowest.values();
    }

    /** Where the index of a kind stood on each day that has prices. */
    private static TreeMap<LocalDate, Double> levels(List<Past> prices) {
        var days = new TreeMap<LocalDate, Map<UUID, KindIndex.Quote>>();
        var product = new HashMap<UUID, UUID>();
        prices.stream().filter(p -> p.condition() == Condition.NEW).forEach(p -> {
            product.put(p.part(), p.product());
            days.computeIfAbsent(p.day(), d -> new HashMap<>())
                    .merge(
                            p.part(),
                            new KindIndex.Quote(p.price().minor(), false),
                            (a, b) -> a.minor() <= b.minor() ? a : b);
        });
        var steps = KindIndex.of(List.copyOf(days.values()), product::get);
        var levels = new TreeMap<LocalDate, Double>();
        var day = days.keySet().iterator();
        steps.forEach(step -> levels.put(day.next(), step.level()));
        return levels;
    }

    /**
     * By what factor the kind has moved since it was last accepted, as this round sees it. A market that moves, moves at more
     * shops than one: of the shops that each have enough products, every one tells its median, and of these the middle counts,
     * of two the lesser move; so that a shop that is wrong throughout moves no kind. What no two shops tell counts as the
     * median over all products, but for no more than {@link #MOST_ALONE}; none when too few products tell.
     */
    private static double move(List<Seen> seen) {
        var shops = seen.stream().collect(Collectors.groupingBy(Seen::shop)).values().stream()
                .map(Grounds::moves)
                .filter(moves -> moves.size() >= KindIndex.FEWEST)
                .map(Middle::of)
                .sorted(Comparator.comparingDouble(Math::abs))
                .toList();
        if (shops.size() >= 2) {
            return Math.exp(shops.get((shops.size() - 1) / 2));
        }
        var all = moves(seen);
        return all.size() < KindIndex.FEWEST
                ? 1
                : Math.exp(Math.max(-MOST_ALONE, Math.min(MOST_ALONE, Middle.of(all))));
    }

    /** By how much each product has moved, as a logarithm. */
    private static List<Double> moves(List<Seen> seen) {
        var ofProduct = new HashMap<UUID, List<Double>>();
        seen.forEach(p -> p.comparable()
                .ifPresent(last -> ofProduct
                        .computeIfAbsent(p.product(), x -> new ArrayList<>())
                        .add(Math.log((double) p.price().minor() / last.price().minor()))));
        return ofProduct.values().stream().map(Middle::of).toList();
    }
}
