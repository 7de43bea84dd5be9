package lowfield.server.history;

import static lowfield.db.Tables.ACCEPTANCE;
import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.OBSERVATION;
import static lowfield.db.Tables.PRICE_DAY;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import lowfield.core.history.PriceStanding;
import lowfield.core.offer.Condition;
import lowfield.core.part.Part;
import lowfield.server.catalogue.Parts;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Prices through time, read from the statistics of days and months; seen prices from the observations themselves. */
@Service
public class Histories {
    private static final int MONTHS = 18;
    private static final int MOST_DOUBTED = 200;
    private static final int GAP_DAYS = 21;
    private static final int HALF_YEAR = 183;
    private static final Field<Integer> EPOCH_DAY = DSL.field("{0} - date '1970-01-01'", Integer.class, PRICE_DAY.DAY);

    private final DSLContext db;
    private final Parts parts;

    Histories(DSLContext db, Parts parts) {
        this.db = db;
        this.parts = parts;
    }

    /** One day of the accepted price: the lowest that anyone could book; {@code gap}: the days before are not known; {@code mayStand}: its shop lets it stand in published editions. */
    public record Day(LocalDate day, long minor, String shop, boolean gap, boolean mayStand) {}

    /** A price that a page or list showed and that is not let count. */
    public record DoubtedPrice(OffsetDateTime at, long minor, String seller) {}

    /** Where today's price stands; thousandths of the way from the year's lowest to its highest. */
    public record StandingView(
            @Nullable Long nowMinor,
            @Nullable Long lowest90Minor,
            @Nullable LocalDate lowest90On,
            @Nullable Long yearLowMinor,
            @Nullable Long yearHighMinor,
            @Nullable Integer permilleOfYear,
            @Nullable Integer premiumPermille,
            @Nullable Long suggestedMinor) {}

    /** A part's prices over eighteen months. */
    public record PartHistory(
            UUID part,
            String name,
            String currency,
            List<Day> accepted,
            List<DoubtedPrice> doubted,
            StandingView standing) {}

    /** By what shops ask and what was typed for all guides, and for a guide where one is named. */
    @Transactional(readOnly = true)
    public PartHistory part(UUID id, Optional<UUID> guide, LocalDate today) {
        var part = parts.catalogue().part(id);
        var from = today.minusMonths(MONTHS);
        var days = days(Set.of(id), guide, from, today).getOrDefault(id, List.of());
        var prices = new TreeMap<LocalDate, Long>();
        days.forEach(d -> prices.put(d.day(), d.minor()));
        var standing = PriceStanding.of(prices, today, comparable(part, from, today));
        return new PartHistory(
                id,
                part.fullName(),
                currency(id).orElse("EUR"),
                days,
                doubted(id, from.atStartOfDay().atOffset(java.time.ZoneOffset.UTC)),
                new StandingView(
                        standing.now().orElse(null),
                        standing.lowest90().orElse(null),
                        standing.lowest90On().orElse(null),
                        standing.yearLow().orElse(null),
                        standing.yearHigh().orElse(null),
                        standing.permilleOfYear().orElse(null),
                        standing.premiumPermille().orElse(null),
                        part.suggestedPrice().map(m -> m.minor()).orElse(null)));
    }

    /** What the maker suggests, where the prices told are of new goods and in its currency; else there is no premium. */
    private Optional<Long> comparable(Part part, LocalDate from, LocalDate to) {
        return part.suggestedPrice()
                .filter(m -> currency(part.id()).equals(Optional.of(m.currency().getCurrencyCode())))
                .filter(m -> db.fetchExists(newPrices(DSL.val(part.id()), from, to)))
                .map(m -> m.minor());
    }

    private Optional<String> currency(UUID part) {
        return db.select(PRICE_DAY.CURRENCY)
                .from(PRICE_DAY)
                .where(PRICE_DAY.VARIANT_ID.eq(part))
                .orderBy(PRICE_DAY.GUIDE_ID.isNotNull())
                .limit(1)
                .fetchOptional(PRICE_DAY.CURRENCY);
    }

    /** Prices across conditions are not compared: those of new goods, and others only where it was never sold new. */
    private static Select<Record1<Integer>> newPrices(Field<UUID> part, LocalDate from, LocalDate to) {
        var any = PRICE_DAY.as("any_new");
        return DSL.selectOne()
                .from(any)
                .where(
                        any.VARIANT_ID.eq(part),
                        any.DAY.between(from, to),
                        any.CONDITION.eq(Condition.NEW.name()),
                        any.BOOKABLE_MINOR.isNotNull());
    }

    /** The last half year of many parts at once; a part without a price is absent. */
    @Transactional(readOnly = true)
    public Map<UUID, List<Day>> halfYears(Collection<UUID> parts, UUID guide, LocalDate today) {
        return parts.isEmpty() ? Map.of() : days(parts, Optional.of(guide), today.minusDays(HALF_YEAR), today);
    }

    /** Of each day the lowest of all shops. Days come as numbers, which are read many times faster than dates. */
    private Map<UUID, List<Day>> days(Collection<UUID> parts, Optional<UUID> guide, LocalDate from, LocalDate to) {
        var days = new HashMap<UUID, List<Day>>();
        db.select(PRICE_DAY.VARIANT_ID, EPOCH_DAY, PRICE_DAY.BOOKABLE_MINOR, SHOP.NAME, SHOP.MAY_STAND)
                .distinctOn(PRICE_DAY.VARIANT_ID, PRICE_DAY.DAY)
                .from(PRICE_DAY)
                .join(SHOP)
                .on(SHOP.ID.eq(PRICE_DAY.SHOP_ID))
                .where(
                        PRICE_DAY.VARIANT_ID.in(parts),
                        PRICE_DAY.GUIDE_ID.isNull().or(PRICE_DAY.GUIDE_ID.eq(guide.orElse(null))),
                        PRICE_DAY.DAY.between(from, to),
                        PRICE_DAY.BOOKABLE_MINOR.isNotNull(),
                        PRICE_DAY
                                .CONDITION
                                .eq(Condition.NEW.name())
                                .or(DSL.notExists(newPrices(PRICE_DAY.VARIANT_ID, from, to))))
                .orderBy(PRICE_DAY.VARIANT_ID, PRICE_DAY.DAY, PRICE_DAY.BOOKABLE_MINOR)
                .forEach(r -> {
                    var own = days.computeIfAbsent(r.value1(), part -> new ArrayList<>());
                    var day = LocalDate.ofEpochDay(r.value2());
                    own.add(new Day(day, r.value3(), r.value4(), isAfterGap(own, day), r.value5()));
                });
        return days;
    }

    private static boolean isAfterGap(List<Day> days, LocalDate day) {
        return !days.isEmpty()
                && days.get(days.size() - 1).day().plusDays(GAP_DAYS).isBefore(day);
    }

    /** What was set aside or rejected, and is not decided otherwise since; the latest ones. */
    private List<DoubtedPrice> doubted(UUID part, OffsetDateTime since) {
        var newer = ACCEPTANCE.as("newer");
        var doubted = new ArrayList<DoubtedPrice>(db.select(OBSERVATION.SEEN_AT, OBSERVATION.PRICE_MINOR, SELLER.NAME)
                .from(ACCEPTANCE)
                .join(LISTING)
                .on(LISTING.ID.eq(ACCEPTANCE.LISTING_ID))
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(LISTING.PAGE_ID))
                .join(SELLER)
                .on(SELLER.ID.eq(LISTING.SELLER_ID))
                .join(OBSERVATION)
                .on(OBSERVATION.ID.eq(ACCEPTANCE.OBSERVATION_ID).and(OBSERVATION.SEEN_AT.eq(ACCEPTANCE.SEEN_AT)))
                .where(
                        PRODUCT_PAGE.VARIANT_ID.eq(part),
                        ACCEPTANCE.VERDICT.in(DSL.inline("SET_ASIDE"), DSL.inline("REJECTED")),
                        ACCEPTANCE.SEEN_AT.ge(since),
                        OBSERVATION.PRICE_MINOR.isNotNull(),
                        DSL.notExists(DSL.selectOne()
                                .from(newer)
                                .where(
                                        newer.OBSERVATION_ID.eq(ACCEPTANCE.OBSERVATION_ID),
                                        newer.SEEN_AT.eq(ACCEPTANCE.SEEN_AT),
                                        newer.ID.gt(ACCEPTANCE.ID))))
                .orderBy(OBSERVATION.SEEN_AT.desc())
                .limit(MOST_DOUBTED)
                .fetch(r -> new DoubtedPrice(r.value1(), r.value2(), r.value3())));
        Collections.reverse(doubted);
        return doubted;
    }
}
