package lowfield.server.shops;

import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SHOP;

import java.net.URI;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.db.tables.records.ShopRecord;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shops and the product pages known at them. */
@Service
public class Shops {
    private final DSLContext db;

    Shops(DSLContext db) {
        this.db = db;
    }

    /** A shop by its public host; sums are in its own currency, tax in thousandths. */
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
            boolean mayFreeze,
            int pages) {}

    @Transactional
    public Shop add(Shop shop) {
        RuleBroken.unless(!shop.name().isBlank() && shop.name().length() <= 80, "A shop's name has 1 to 80 letters.");
        var host = shop.host().strip().toLowerCase(Locale.ROOT);
        RuleBroken.unless(
                host.matches("[a-z0-9][a-z0-9-]*(\\.[a-z0-9-]+)+"),
                "A shop's host is like shop.example, without https:// and without a path.");
        RuleBroken.unless(!host.matches("[0-9.]+"), "A shop is named by its host, not by an address of digits.");
        Money.currencyOf(shop.currency());
        zone(shop.zone());
        RuleBroken.unless(shop.taxPermille() >= 0 && shop.taxPermille() <= 500, "A tax rate is 0 to 50%%.");
        RuleBroken.unless(
                !db.fetchExists(
                        SHOP, SHOP.HOST.eq(host).or(SHOP.NAME.eq(shop.name().strip()))),
                "There is a shop of this name or host already.");
        var id = Optional.ofNullable(shop.id()).orElseGet(UUID::randomUUID);
        db.insertInto(SHOP)
                .set(SHOP.ID, id)
                .set(SHOP.NAME, shop.name().strip())
                .set(SHOP.HOST, host)
                .set(SHOP.CURRENCY, shop.currency())
                .set(SHOP.REGION, shop.region())
                .set(SHOP.ZONE, shop.zone())
                .set(SHOP.TAX_PERMILLE, shop.taxPermille())
                .set(SHOP.FREE_FROM_MINOR, shop.freeFromMinor())
                .set(SHOP.SHIPPING_MINOR, shop.shippingMinor())
                .set(SHOP.MAY_FREEZE, shop.mayFreeze())
                .execute();
        return find(id);
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
                .orderBy(SHOP.NAME)
                .fetch(r -> shop(r.into(SHOP), r.get("pages", Integer.class)));
    }

    public Shop find(UUID id) {
        return all().stream()
                .filter(s -> id.equals(s.id()))
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no such shop."));
    }

    /** Says that an address at a configured shop speaks of a part; the same address again is left as it is. */
    @Transactional
    public void addPage(UUID variant, String address) {
        var uri = address(address);
        var shop = db.selectFrom(SHOP).where(SHOP.HOST.eq(uri.getHost())).fetchOptional();
        RuleBroken.unless(shop.isPresent(), "%s is not the host of a shop here; add the shop first.", uri.getHost());
        var path = uri.getRawPath() + (uri.getRawQuery() == null ? "" : "?" + uri.getRawQuery());
        var taken = db.selectFrom(PRODUCT_PAGE)
                .where(PRODUCT_PAGE.SHOP_ID.eq(shop.get().getId()), PRODUCT_PAGE.PATH.eq(path))
                .fetchOptional();
        RuleBroken.unless(
                taken.isEmpty() || taken.get().getVariantId().equals(variant),
                "This page already speaks of another part.");
        if (taken.isEmpty()) {
            db.insertInto(PRODUCT_PAGE, PRODUCT_PAGE.SHOP_ID, PRODUCT_PAGE.VARIANT_ID, PRODUCT_PAGE.PATH)
                    .values(shop.get().getId(), variant, path)
                    .execute();
        }
    }

    private static URI address(String text) {
        try {
            var uri = URI.create(text.strip());
            RuleBroken.unless(
                    "https".equals(uri.getScheme())
                            && uri.getHost() != null
                            && uri.getUserInfo() == null
                            && text.length() <= 500,
                    "A page's address begins with https:// and a shop's host.");
            return uri;
        } catch (IllegalArgumentException malformed) {
            throw new RuleBroken("This is not an address; copy it from the browser, beginning with https://.");
        }
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
                r.getMayFreeze(),
                pages);
    }
}
