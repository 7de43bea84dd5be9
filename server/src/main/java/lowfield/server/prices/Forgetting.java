package lowfield.server.prices;

import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/**
 * Forgets what shops do not allow to be kept (rules 2): of a listing there, everything seen before the price that counts,
 * and what was worked out from it by day. What was published stays; whether that may be is asked for itself.
 */
@Component
public class Forgetting {
    private static final String PASSED = """
            delete from %s seen using listing l, product_page p, shop s
            where l.id = seen.listing_id and p.id = l.page_id and s.id = p.shop_id
              and not s.may_store and seen.seen_at < l.accepted_seen_at
            """;
    private static final String DAYS = """
            delete from price_day d using shop s where s.id = d.shop_id and not s.may_store
            """;

    private final DSLContext db;

    Forgetting(DSLContext db) {
        this.db = db;
    }

    public void whatMayNotBeKept() {
        Stream.of(PASSED.formatted("acceptance"), PASSED.formatted("observation"), DAYS)
                .forEach(statement -> db.query(statement).execute());
    }
}
