package lowfield.server.prices;

import static lowfield.db.Tables.LISTING;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SHOP;

import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.offer.Seller;
import lowfield.db.tables.records.ListingRecord;
import lowfield.db.tables.records.ShopRecord;
import lowfield.server.platform.NotFound;
import lowfield.server.shops.OwnShop;
import lowfield.server.shops.PageAddress;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Where a typed price is of: the listing of its part, seller, condition and guide, made when it is first needed. */
@Component
class TypedPlaces {
    private final DSLContext db;
    private final Sellers sellers;
    private final ShopsAsSellers shops;
    private final OwnShop own;

    TypedPlaces(DSLContext db, Sellers sellers, ShopsAsSellers shops, OwnShop own) {
        this.shops = shops;
        this.db = db;
        this.sellers = sellers;
        this.own = own;
    }

    /** A listing with its shop's zone; the link only where the listing's page is no address. */
    record Place(UUID listing, ZoneId zone, Optional<String> link) {}

    /** Whether a listing counts for a guide, or for all where none is named. */
    static Condition isFor(@Nullable UUID guide) {
        return guide == null
                ? LISTING.GUIDE_ID.isNull()
                : LISTING.GUIDE_ID.isNull().or(LISTING.GUIDE_ID.eq(guide));
    }

    /** Refuses a page of another part, a link to another host than the shop's, and another currency than the shop's. */
    Place of(UUID part, TypedPrice typed) {
        var address = typed.address().map(PageAddress::of);
        var shop = shop(typed, address);
        typed.checkAt(shop.getIsOwn() ? "This desk" : shop.getName(), shop.getCurrency());
        var path = shop.getIsOwn() ? Optional.<String>empty() : address.map(a -> pathAt(shop, a));
        var page = page(shop, part, path.orElse("/#" + part));
        return new Place(
                listing(page, seller(shop, typed), typed.condition().name(), typed.guide()),
                ZoneId.of(shop.getZone()),
                typed.address().filter(a -> shop.getIsOwn()));
    }

    /** Who sells by a typed price, without anything being made. */
    Seller seller(TypedPrice typed) {
        var shop = known(typed, typed.address().map(PageAddress::of));
        var name = typed.namedSeller().orElse(Seller.NOBODY);
        if (shop.isEmpty()) {
            return new Seller(UUID.randomUUID(), name, typed.isByPerson() ? "" : name, Optional.empty());
        }
        var itself = shops.of(shop.map(ShopRecord::getId), typed.currency());
        return name.isEmpty() || name.equals(itself.shop())
                ? itself
                : new Seller(UUID.randomUUID(), name, itself.shop(), Optional.empty(), itself.terms());
    }

    /** What is typed, else what the shop takes for what it sells itself; absent where it is unknown. */
    Optional<Money> shipping(TypedPrice typed) {
        return Optional.ofNullable(typed.shippingMinor())
                .or(() -> known(typed, typed.address().map(PageAddress::of))
                        .filter(s ->
                                typed.namedSeller().map(s.getName()::equals).orElse(true))
                        .map(ShopRecord::getShippingMinor))
                .map(m -> Money.of(m, typed.currency()));
    }

    /** The shop that is named, else the one whose page is linked, else none of the desk. */
    private ShopRecord shop(TypedPrice typed, Optional<PageAddress> address) {
        return known(typed, address).orElseGet(() -> own.of(typed.currency()));
    }

    private Optional<ShopRecord> known(TypedPrice typed, Optional<PageAddress> address) {
        if (typed.shop() != null) {
            return Optional.of(db.selectFrom(SHOP)
                    .where(SHOP.ID.eq(typed.shop()), SHOP.HAS_PRICES.isTrue(), SHOP.IS_OWN.isFalse())
                    .fetchOptional()
                    .orElseThrow(() -> new NotFound("There is no such shop.")));
        }
        return address.filter(a -> !typed.isByPerson())
                .flatMap(a -> db.selectFrom(SHOP)
                        .where(SHOP.HOST.eq(a.host()), SHOP.HAS_PRICES.isTrue(), SHOP.CURRENCY.eq(typed.currency()))
                        .fetchOptional());
    }

    private static String pathAt(ShopRecord shop, PageAddress address) {
        RuleBroken.unless(
                address.host().equals(shop.getHost()),
                "The link begins with https://%s/, or is left out.",
                shop.getHost());
        return address.path();
    }

    private UUID page(ShopRecord shop, UUID part, String path) {
        db.insertInto(
                        PRODUCT_PAGE,
                        PRODUCT_PAGE.SHOP_ID,
                        PRODUCT_PAGE.VARIANT_ID,
                        PRODUCT_PAGE.PATH,
                        PRODUCT_PAGE.BY_HAND)
                .values(shop.getId(), part, path, true)
                .onConflictDoNothing()
                .execute();
        var page = db.selectFrom(PRODUCT_PAGE)
                .where(PRODUCT_PAGE.SHOP_ID.eq(shop.getId()), PRODUCT_PAGE.PATH.eq(path))
                .fetchSingle();
        RuleBroken.unless(page.getVariantId().equals(part), "This page already speaks of another part.");
        return page.getId();
    }

    private UUID seller(ShopRecord shop, TypedPrice typed) {
        var name = typed.namedSeller();
        if (typed.isByPerson()) {
            return sellers.person(shop.getId(), name.orElseThrow());
        }
        var named = name.orElse(shop.getName());
        return Optional.ofNullable(sellers.of(shop.getId(), List.of(named)).get(named))
                .orElseThrow();
    }

    /** The same offer as a guide has it: the listing itself where it is the guide's, else one of its own. */
    UUID ofGuide(ListingRecord known, UUID guide) {
        return guide.equals(known.getGuideId())
                ? known.getId()
                : listing(known.getPageId(), known.getSellerId(), known.getCondition(), guide);
    }

    private UUID listing(UUID page, UUID seller, String condition, @Nullable UUID guide) {
        db.insertInto(LISTING)
                .set(LISTING.PAGE_ID, page)
                .set(LISTING.SELLER_ID, seller)
                .set(LISTING.CONDITION, condition)
                .set(LISTING.GUIDE_ID, guide)
                .onConflictDoNothing()
                .execute();
        return db.select(LISTING.ID)
                .from(LISTING)
                .where(
                        LISTING.PAGE_ID.eq(page),
                        LISTING.SELLER_ID.eq(seller),
                        LISTING.CONDITION.eq(condition),
                        LISTING.GUIDE_ID.isNotDistinctFrom(guide))
                .fetchSingle()
                .value1();
    }
}
