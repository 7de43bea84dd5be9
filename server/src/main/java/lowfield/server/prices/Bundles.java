package lowfield.server.prices;

import static lowfield.db.Tables.BUNDLE;
import static lowfield.db.Tables.BUNDLE_PART;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.SELLER;
import static lowfield.db.Tables.SHOP;
import static lowfield.db.Tables.VARIANT;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.money.Money;
import lowfield.core.offer.Bundle;
import lowfield.core.offer.Stock;
import lowfield.core.part.Gtin;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import lowfield.server.reading.SeenBundle;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Service;

/** Parts that sellers sell together: what each page said last. */
@Service
public class Bundles {
    private final DSLContext db;
    private final Sellers sellers;
    private final Snapshot<List<At>> snapshot;

    private record At(UUID shop, Bundle bundle) {}

    Bundles(DSLContext db, Sellers sellers, Notices notices) {
        this.db = db;
        this.sellers = sellers;
        this.snapshot = new Snapshot<>(this::load);
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.OFFERS) {
                snapshot.invalidate();
            }
        });
    }

    /** Of some shops. */
    public List<Bundle> of(Set<UUID> shops) {
        return snapshot.get().stream()
                .filter(at -> shops.contains(at.shop()))
                .map(At::bundle)
                .toList();
    }

    /** What a page shows now; what it showed before is gone. Goods that are not known here make no bundle. */
    public void keep(Sighting sighting, List<SeenBundle> seen) {
        db.deleteFrom(BUNDLE).where(BUNDLE.PAGE_ID.eq(sighting.page())).execute();
        if (seen.isEmpty()) {
            return;
        }
        var parts = parts(seen);
        var ids = sellers.of(
                sighting.shop(), seen.stream().map(SeenBundle::seller).toList());
        for (var bundle : seen) {
            var goods = new LinkedHashMap<UUID, Integer>();
            bundle.goods()
                    .forEach((gtin, n) ->
                            Optional.ofNullable(parts.get(gtin)).ifPresent(part -> goods.merge(part, n, Integer::sum)));
            if (goods.size() == bundle.goods().size()) {
                write(sighting, bundle, ids.get(bundle.seller()), goods);
            }
        }
    }

    private void write(Sighting sighting, SeenBundle bundle, UUID seller, Map<UUID, Integer> goods) {
        var key = goods.keySet().stream().map(UUID::toString).sorted().collect(Collectors.joining(","));
        var id = db.insertInto(BUNDLE)
                .set(BUNDLE.PAGE_ID, sighting.page())
                .set(BUNDLE.SELLER_ID, seller)
                .set(BUNDLE.GOODS, key)
                .set(BUNDLE.PRICE_MINOR, bundle.price().minor())
                .set(BUNDLE.CURRENCY, sighting.currency())
                .set(BUNDLE.STOCK, bundle.stock().name())
                .set(BUNDLE.MEMBERS_ONLY, bundle.membersOnly())
                .set(BUNDLE.SEEN_AT, sighting.at())
                .onConflictDoNothing()
                .returning(BUNDLE.ID)
                .fetchOptional(BUNDLE.ID);
        id.ifPresent(made -> {
            var insert =
                    db.insertInto(BUNDLE_PART, BUNDLE_PART.BUNDLE_ID, BUNDLE_PART.VARIANT_ID, BUNDLE_PART.QUANTITY);
            for (var part : goods.entrySet()) {
                insert = insert.values(made, part.getKey(), part.getValue());
            }
            insert.execute();
        });
    }

    private Map<Gtin, UUID> parts(List<SeenBundle> seen) {
        var gtins = seen.stream().flatMap(b -> b.goods().keySet().stream()).collect(Collectors.toSet());
        var parts = new HashMap<Gtin, UUID>();
        db.select(VARIANT.GTIN, VARIANT.ID)
                .from(VARIANT)
                .where(VARIANT.GTIN.isNotNull(), VARIANT.MERGED_INTO.isNull())
                .forEach(r -> {
                    var gtin = new Gtin(r.value1());
                    if (gtins.contains(gtin)) {
                        parts.put(gtin, r.value2());
                    }
                });
        return parts;
    }

    /** The page says what it said. */
    public void seenAgain(UUID page, OffsetDateTime at) {
        db.update(BUNDLE).set(BUNDLE.SEEN_AT, at).where(BUNDLE.PAGE_ID.eq(page)).execute();
    }

    private List<At> load() {
        var parts = db.select(BUNDLE_PART.BUNDLE_ID, BUNDLE_PART.VARIANT_ID, BUNDLE_PART.QUANTITY)
                .from(BUNDLE_PART)
                .fetchGroups(BUNDLE_PART.BUNDLE_ID);
        var all = new ArrayList<At>();
        db.select(BUNDLE.asterisk())
                .select(Source.COLUMNS)
                .from(BUNDLE)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(BUNDLE.PAGE_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .join(SELLER)
                .on(SELLER.ID.eq(BUNDLE.SELLER_ID))
                .orderBy(BUNDLE.ID)
                .forEach(r -> Optional.ofNullable(parts.get(r.get(BUNDLE.ID)))
                        .ifPresent(goods -> all.add(new At(
                                r.get(SHOP.ID),
                                bundle(r, goods.intoMap(BUNDLE_PART.VARIANT_ID, BUNDLE_PART.QUANTITY))))));
        return List.copyOf(all);
    }

    private static Bundle bundle(Record r, Map<UUID, Integer> goods) {
        return new Bundle(
                Source.seller(r, r.get(BUNDLE.CURRENCY)),
                goods,
                Money.of(r.get(BUNDLE.PRICE_MINOR), r.get(BUNDLE.CURRENCY)),
                Source.shipping(r).map(m -> Money.of(m, r.get(BUNDLE.CURRENCY))),
                Stock.valueOf(r.get(BUNDLE.STOCK)),
                r.get(BUNDLE.MEMBERS_ONLY),
                r.get(BUNDLE.SEEN_AT).toInstant(),
                Source.link(r));
    }
}
