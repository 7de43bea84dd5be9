package lowfield.server.prices;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.FAMILY;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRODUCT;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SHOP;
import static lowfield.db.Tables.VARIANT;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.history.KindIndex;
import lowfield.core.money.Money;
import lowfield.core.offer.Guard;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** What the prices of one round are held against: what was accepted before, and how each kind has moved since. */
@Component
class PastPrices {
    private static final int DAYS = 90;

    private final DSLContext db;

    PastPrices(DSLContext db) {
        this.db = db;
    }

    /** A price of a part in a condition at a shop on a day. */
    record Priced(
            long observation,
            UUID listing,
            UUID part,
            UUID product,
            String kind,
            String condition,
            UUID shop,
            LocalDate day,
            Money price) {
        /** What is compared with what: siblings of one product, in one condition and currency. */
        private List<Object> pool() {
            return List.of(product, condition, price.currency());
        }
    }

    /** The price that was accepted last of a listing, and the shop's day of it. */
    record Accepted(Money price, LocalDate day) {}

    /** Everything that is needed to judge the prices that a round has seen. */
    Of of(UUID round, OffsetDateTime since) {
        var seen = priced(OBSERVATION.ROUND_ID.eq(round).and(OBSERVATION.SEEN_AT.ge(since)));
        var accepted = priced(OBSERVATION
                .SEEN_AT
                .ge(since.minusDays(DAYS))
                .and(OBSERVATION.ID.in(db.select(ACCEPTANCE.OBSERVATION_ID)
                        .from(ACCEPTANCE)
                        .where(
                                ACCEPTANCE.VERDICT.in("ACCEPTED", "RELEASED"),
                                ACCEPTANCE.SEEN_AT.ge(since.minusDays(DAYS))))));
        return new Of(seen, accepted);
    }

    private List<Priced> priced(Condition which) {
        return db.select(
                        OBSERVATION.ID,
                        LISTING.ID,
                        VARIANT.ID,
                        VARIANT.PRODUCT_ID,
                        FAMILY.KIND,
                        LISTING.CONDITION,
                        PRODUCT_PAGE.SHOP_ID,
                        OBSERVATION.SEEN_AT,
                        OBSERVATION.PRICE_MINOR,
                        OBSERVATION.CURRENCY,
                        SHOP.ZONE)
                .from(OBSERVATION)
                .join(LISTING)
                .on(LISTING.ID.eq(OBSERVATION.LISTING_ID))
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .join(VARIANT)
                .on(VARIANT.ID.eq(PRODUCT_PAGE.VARIANT_ID))
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                .join(FAMILY)
                .on(FAMILY.ID.eq(PRODUCT.FAMILY_ID))
                .where(which, OBSERVATION.PRICE_MINOR.isNotNull())
                .fetch(r -> new Priced(
                        r.value1(),
                        r.value2(),
                        r.value3(),
                        r.value4(),
                        r.value5(),
                        r.value6(),
                        r.value7(),
                        dayOf(r.value8(), r.value11()),
                        Money.of(r.value9(), r.value10())));
    }

    /** The shop's own day of a moment. */
    static LocalDate dayOf(OffsetDateTime moment, String zone) {
        return moment.atZoneSameInstant(ZoneId.of(zone)).toLocalDate();
    }

    /** The grounds of one round. */
    static final class Of {
        private final Map<List<Object>, List<Priced>> past;
        private final Map<List<Object>, List<Priced>> now;
        private final Map<String, TreeMap<LocalDate, Double>> levels = new HashMap<>();
        private final Map<String, Double> levelNow = new HashMap<>();
        private final Map<Long, Priced> byObservation;

        private Of(List<Priced> seen, List<Priced> accepted) {
            past = accepted.stream().collect(Collectors.groupingBy(Priced::pool));
            now = seen.stream().collect(Collectors.groupingBy(Priced::pool));
            byObservation = seen.stream().collect(Collectors.toMap(Priced::observation, p -> p));
            var before = accepted.stream().collect(Collectors.groupingBy(Priced::kind));
            seen.stream().collect(Collectors.groupingBy(Priced::kind)).forEach((kind, prices) -> {
                var days = levels(before.getOrDefault(kind, List.of()));
                levels.put(kind, days);
                var last = days.isEmpty() ? 1 : days.lastEntry().getValue();
                levelNow.put(kind, last * move(before.getOrDefault(kind, List.of()), prices));
            });
        }

        /** What a seen price is held against; {@code own} is when and at what its listing was last accepted. */
        Guard.Ground ground(long observation, Optional<Accepted> own, Optional<Money> peers) {
            var seen = byObservation.get(observation);
            var level = levelNow.getOrDefault(seen.kind(), 1.0);
            return new Guard.Ground(
                    oneAShopAndDay(past.getOrDefault(seen.pool(), List.of())).stream()
                            .map(p -> new Guard.Past(p.price(), levelOn(seen.kind(), p.day())))
                            .toList(),
                    own.map(a -> new Guard.Past(a.price(), levelOn(seen.kind(), a.day()))),
                    peers.map(m -> new Guard.Past(m, level)),
                    level,
                    now.get(seen.pool()).stream()
                            .filter(p ->
                                    !p.shop().equals(seen.shop()) && p.part().equals(seen.part()))
                            .map(Priced::price)
                            .toList());
        }

        private double levelOn(String kind, LocalDate day) {
            var known = levels.getOrDefault(kind, new TreeMap<>()).floorEntry(day);
            return known == null ? 1 : known.getValue();
        }

        private static Collection<Priced> oneAShopAndDay(List<Priced> pool) {
            var lowest = new HashMap<List<Object>, Priced>();
            pool.forEach(p -> lowest.merge(
                    List.of(p.shop(), p.day()), p, (a, b) -> a.price().compareTo(b.price()) <= 0 ? a : b));
            return lowest.values();
        }

        /** Where the kind's index stood on each day that has prices. */
        private static TreeMap<LocalDate, Double> levels(List<Priced> prices) {
            var days = new TreeMap<LocalDate, Map<UUID, KindIndex.Quote>>();
            var product = new HashMap<UUID, UUID>();
            prices.stream().filter(p -> p.condition().equals("NEW")).forEach(p -> {
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
         * By what factor the kind has moved since it was last accepted, as this round sees it: the median over its products,
         * so that a few wrong prices do not move it; none when too few products tell.
         */
        private static double move(List<Priced> before, List<Priced> seen) {
            var last = new HashMap<UUID, Priced>();
            before.forEach(p -> last.merge(p.listing(), p, (a, b) -> a.day().isAfter(b.day()) ? a : b));
            var ofProduct = new HashMap<UUID, List<Double>>();
            seen.forEach(p -> Optional.ofNullable(last.get(p.listing()))
                    .filter(l -> l.price().currency().equals(p.price().currency()))
                    .ifPresent(l -> ofProduct
                            .computeIfAbsent(p.product(), x -> new ArrayList<>())
                            .add(Math.log((double) p.price().minor() / l.price().minor()))));
            var logs = ofProduct.values().stream().map(Of::median).sorted().toList();
            return logs.size() < KindIndex.FEWEST ? 1 : Math.exp(median(logs));
        }

        private static double median(List<Double> values) {
            var sorted = values.stream().sorted().toList();
            var middle = sorted.size() / 2;
            return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
        }
    }
}
