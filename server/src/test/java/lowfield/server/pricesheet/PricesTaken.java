package lowfield.server.pricesheet;

import java.util.List;
import lowfield.server.kit.Stage;
import org.jooq.DSLContext;

/** Takes out what tests typed, so that other tests' builds do not count it. */
final class PricesTaken {
    private static final String LISTINGS =
            "(select id from listing where guide_id is not null or page_id in (select id from product_page where by_hand))";

    private final DSLContext db;

    PricesTaken(Stage stage) {
        db = stage.bean(DSLContext.class);
    }

    /** How many prices were typed for a guide. */
    int kept() {
        return db.fetchOne(
                        "select count(*) from observation where account_id is not null and listing_id in (select id from listing where guide_id is not null)")
                .into(Integer.class);
    }

    void out() {
        db.execute("update line set held_listing = null where held_listing in " + LISTINGS);
        db.execute(
                "delete from price_day where guide_id is not null or (variant_id, shop_id) in (select variant_id, shop_id from product_page where by_hand)");
        for (var table : List.of("acceptance", "observation")) {
            db.execute("delete from " + table + " where listing_id in " + LISTINGS);
        }
        db.execute("delete from listing where id in " + LISTINGS);
        db.execute("delete from product_page where by_hand");
    }
}
