package lowfield.server.shops;

import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SHOP;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.db.tables.records.ShopRecord;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Settings;
import lowfield.server.platform.Stale;
import lowfield.server.reading.FeedForm;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shops and the product pages known at them. */
@Service
public class Shops {
    private final DSLContext db;
    private final Notices notices;
    private final Settings settings;

    Shops(DSLContext db, Notices notices, Settings settings) {
        this.db = db;
        this.notices = notices;
        this.settings = settings;
    }

    /**
     * A shop by its public host; sums are in its own currency, tax in thousandths. {@code shownDays}: for how long its
     * prices may be shown after they were seen, if it says; {@code returnDays}: for how long it takes used goods back; {@code paceMs}: the least time between two requests, a second
     * unless it is served from this machine; {@code lanes}: how many at once, 1 to 8; {@code hasPrices}: false for a maker's site; {@code earnsCommission}: whether the author earns one there, which readers are told.
     */
    public record Shop(
            @Nullable UUID id,
            String name,
            String host,
            String currency,
            String region,
            String zone,
            int taxPermille,
            @Nullable Long freeFromMinor,
            @Nullable Long shippingMinor,
            @Nullable Boolean mayStore,
            boolean mayFreeze,
            @Nullable Integer shownDays,
            @Nullable Integer returnDays,
            @Nullable Integer paceMs,
            @Nullable Integer lanes,
            @Nullable FeedForm feed,
            @Nullable Boolean hasPrices,
            @Nullable Boolean earnsCommission,
            @Nullable Integer version,
            int pages) {
        /** Whether it is a maker's site, which is read for figures and has no prices. */
        public boolean withoutPrices() {
            return Boolean.FALSE.equals(hasPrices);
        }
    }

    @Transactional
    public Shop add(Shop shop) {
        var host = checked(shop);
        RuleBroken.unless(
                !db.fetchExists(
                        SHOP, SHOP.HOST.eq(host).or(SHOP.NAME.eq(shop.name().strip()))),
                "There is a shop of this name or host already.");
        var id = Optional.ofNullable(shop.id()).orElseGet(UUID::randomUUID);
        db.insertInto(SHOP).set(SHOP.ID, id).set(figures(shop, host)).execute();
        notices.changed(Notices.Topic.OFFERS);
        return find(id);
    }

    /** Changes a shop of a version; its host and currency stay, since its prices are by them. */
    @Transactional
    public Shop change(UUID id, int version, Shop shop) {
        var now = find(id);
        var host = checked(shop);
        RuleBroken.unless(
                host.equals(now.host()) && shop.currency().equals(now.currency()),
                "A shop's host and currency stay; add another shop instead.");
        RuleBroken.unless(
                shop.withoutPrices() == now.withoutPrices(),
                "A shop stays a shop, and a maker's site one without prices.");
        RuleBroken.unless(
                !db.fetchExists(SHOP, SHOP.ID.ne(id), SHOP.NAME.eq(shop.name().strip())),
                "There is a shop of this name already.");
        var changed = db.update(SHOP)
                .set(figures(shop, host))
                .set(SHOP.VERSION, SHOP.VERSION.plus(1))
                .where(SHOP.ID.eq(id), SHOP.VERSION.eq(version))
                .execute();
        if (changed == 0) {
            throw new Stale(
                    "This shop was changed meanwhile.",
                    now,
                    shop,
                    Optional.ofNullable(now.version()).orElse(0));
        }
        notices.changed(Notices.Topic.OFFERS);
        return find(id);
    }

    /** The host in its one spelling; refuses what a shop cannot be. */
    private String checked(Shop shop) {
        RuleBroken.unless(!shop.name().isBlank() && shop.name().length() <= 80, "A shop's name has 1 to 80 letters.");
        var host = shop.host().strip().toLowerCase(Locale.ROOT);
        RuleBroken.unless(
                host.matches("[a-z0-9][a-z0-9-]*(\\.[a-z0-9-]+)+"),
                "A shop's host is like shop.example, without https:// and without a path.");
        RuleBroken.unless(!host.matches("[0-9.]+"), "A shop is named by its host, not by an address of digits.");
        Money.currencyOf(shop.currency());
        zone(shop.zone());
        Optional.ofNullable(shop.feed()).map(FeedForm::path).ifPresent(PageAddress::checkPath);
        RuleBroken.unless(!shop.withoutPrices() || shop.feed() == null, "A maker's site has no list of prices.");
        RuleBroken.unless(shop.taxPermille() >= 0 && shop.taxPermille() <= 500, "A tax rate is 0 to 50%%.");
        RuleBroken.unless(
                shop.paceMs() == null || shop.paceMs() >= 0 && shop.paceMs() <= 60_000,
                "A pace is 0 to 60,000 milliseconds between two requests.");
        RuleBroken.unless(
                shop.lanes() == null || shop.lanes() >= 1 && shop.lanes() <= 8, "At once are asked 1 to 8 pages.");
        RuleBroken.unless(
                shop.shownDays() == null || shop.shownDays() >= 0 && shop.shownDays() <= 3650,
                "For how long prices may be shown is 0 to 3,650 days.");
        RuleBroken.unless(
                shop.returnDays() == null || shop.returnDays() >= 0 && shop.returnDays() <= 365,
                "Goods are taken back for 0 to 365 days.");
        return host;
    }

    private Map<Field<?>, Object> figures(Shop shop, String host) {
        var figures = new HashMap<Field<?>, Object>();
        figures.put(SHOP.NAME, shop.name().strip());
        figures.put(SHOP.HOST, host);
        figures.put(SHOP.CURRENCY, shop.currency());
        figures.put(SHOP.REGION, shop.region());
        figures.put(SHOP.ZONE, shop.zone());
        figures.put(SHOP.TAX_PERMILLE, shop.taxPermille());
        figures.put(SHOP.FREE_FROM_MINOR, shop.freeFromMinor());
        figures.put(SHOP.SHIPPING_MINOR, shop.shippingMinor());
        figures.put(SHOP.MAY_STORE, !Boolean.FALSE.equals(shop.mayStore()));
        figures.put(SHOP.MAY_FREEZE, shop.mayFreeze());
        figures.put(SHOP.SHOWN_DAYS, shop.shownDays());
        figures.put(SHOP.RETURN_DAYS, shop.returnDays());
        figures.put(
                SHOP.PACE_MS,
                Optional.ofNullable(shop.paceMs())
                        .orElse(settings.localShopAddresses().containsKey(host) ? 0 : 1000));
        figures.put(SHOP.LANES, Optional.ofNullable(shop.lanes()).orElse(2));
        figures.put(SHOP.HAS_PRICES, !shop.withoutPrices());
        figures.put(SHOP.EARNS_COMMISSION, Boolean.TRUE.equals(shop.earnsCommission()));
        figures.put(SHOP.FEED, shop.feed() == null ? null : JSONB.valueOf(Json.write(shop.feed())));
        return figures;
    }

    public static ZoneId zone(String name) {
        try {
            return ZoneId.of(name);
        } catch (DateTimeException unknown) {
            throw new RuleBroken("\"%s\" is not a time zone; write one such as CET or UTC."
                    .formatted(name.length() > 40 ? name.substring(0, 40) + "…" : name));
        }
    }

    public List<Shop> all() {
        var pages = DSL.field(DSL.selectCount().from(PRODUCT_PAGE).where(PRODUCT_PAGE.SHOP_ID.eq(SHOP.ID)));
        return db.select(SHOP.asterisk(), pages.as("pages"))
                .from(SHOP)
                .where(SHOP.IS_OWN.isFalse())
                .orderBy(SHOP.NAME)
                .fetch(r -> shop(r.into(SHOP), r.get("pages", Integer.class)));
    }

    public Shop find(UUID id) {
        return all().stream()
                .filter(s -> id.equals(s.id()))
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no such shop."));
    }

    /**
     * Says that an address at a configured shop speaks of a part; the same address again, and one of a
     * maker's site, which has no prices, is left as it is. The page's id; absent where there is none.
     */
    @Transactional
    public Optional<UUID> addPage(UUID variant, String address) {
        var page = PageAddress.of(address);
        var path = page.path();
        var shop = db.selectFrom(SHOP)
                .where(SHOP.HOST.eq(page.host()), SHOP.IS_OWN.isFalse())
                .fetchOptional();
        RuleBroken.unless(shop.isPresent(), "%s is not the host of a shop here; add the shop first.", page.host());
        if (!shop.get().getHasPrices()) {
            return Optional.empty();
        }
        var taken = db.selectFrom(PRODUCT_PAGE)
                .where(PRODUCT_PAGE.SHOP_ID.eq(shop.get().getId()), PRODUCT_PAGE.PATH.eq(path))
                .fetchOptional();
        RuleBroken.unless(
                taken.isEmpty() || taken.get().getVariantId().equals(variant),
                "This page already speaks of another part.");
        if (taken.isPresent()) {
            return Optional.of(taken.get().getId());
        }
        return Optional.of(db.insertInto(PRODUCT_PAGE, PRODUCT_PAGE.SHOP_ID, PRODUCT_PAGE.VARIANT_ID, PRODUCT_PAGE.PATH)
                .values(shop.get().getId(), variant, path)
                .returning(PRODUCT_PAGE.ID)
                .fetchSingle()
                .getId());
    }

    /** The part that an address is known to speak of. */
    public Optional<UUID> partAt(PageAddress page) {
        return db.select(PRODUCT_PAGE.VARIANT_ID)
                .from(PRODUCT_PAGE)
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .where(SHOP.HOST.eq(page.host()), PRODUCT_PAGE.PATH.eq(page.path()))
                .fetchOptional(PRODUCT_PAGE.VARIANT_ID);
    }

    private static Shop shop(ShopRecord r, int pages) {
        return new Shop(
                r.getId(),
                r.getName(),
                r.getHost(),
                r.getCurrency(),
                r.getRegion(),
                r.getZone(),
                r.getTaxPermille(),
                r.getFreeFromMinor(),
                r.getShippingMinor(),
                r.getMayStore(),
                r.getMayFreeze(),
                r.getShownDays(),
                r.getReturnDays(),
                r.getPaceMs(),
                r.getLanes(),
                r.getFeed() == null ? null : Json.read(r.getFeed().data(), FeedForm.class),
                r.getHasPrices(),
                r.getEarnsCommission(),
                r.getVersion(),
                pages);
    }
}
