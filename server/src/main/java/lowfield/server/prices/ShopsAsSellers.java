package lowfield.server.prices;

import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.core.offer.Seller;
import lowfield.core.offer.Terms;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import lowfield.server.shops.OwnShop;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Each shop as the seller of what it sells itself; kept until prices or shops change. */
@Component
public class ShopsAsSellers {
    private final DSLContext db;
    private final Snapshot<Map<UUID, Seller>> all;

    ShopsAsSellers(DSLContext db, Notices notices) {
        this.db = db;
        this.all = new Snapshot<>(this::load);
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.OFFERS) {
                all.invalidate();
            }
        });
    }

    /** A shop, or nobody in particular where there is none. */
    public Seller of(Optional<UUID> shop, String currency) {
        var id = shop.orElseGet(() -> OwnShop.id(currency));
        return Optional.ofNullable(all.get().get(id)).orElseGet(() -> nobody(id));
    }

    private static Seller nobody(UUID id) {
        return new Seller(id, Seller.NOBODY, Seller.NOBODY, Optional.empty());
    }

    private Map<UUID, Seller> load() {
        var sellers = new HashMap<UUID, Seller>();
        db.select(SHOP, SELLER.ID)
                .from(SHOP)
                .leftJoin(SELLER)
                .on(SELLER.SHOP_ID.eq(SHOP.ID), SELLER.NAME.eq(SHOP.NAME))
                .forEach(r -> {
                    var shop = r.value1();
                    var id = Optional.ofNullable(r.value2())
                            .orElseGet(() -> UUID.nameUUIDFromBytes(
                                    ("seller " + shop.getId()).getBytes(StandardCharsets.UTF_8)));
                    var name = shop.getIsOwn() ? Seller.NOBODY : shop.getName();
                    sellers.put(
                            shop.getId(),
                            new Seller(
                                    id,
                                    name,
                                    name,
                                    Optional.ofNullable(shop.getFreeFromMinor())
                                            .map(m -> Money.of(m, shop.getCurrency())),
                                    new Terms(
                                            shop.getRegion(),
                                            Optional.ofNullable(shop.getReturnDays()),
                                            shop.getMayFreeze(),
                                            Optional.ofNullable(shop.getShownDays()))));
                });
        return Map.copyOf(sellers);
    }
}
