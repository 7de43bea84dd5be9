package lowfield.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lowfield.server.kit.Stage;
import org.flywaydb.core.Flyway;
import org.jooq.CloseableDSLContext;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What becomes of what is stored when a newer version is started; in a database of its own. */
class MigrationsTest {
    private static final String NAME = "migrations_test";

    private final String url = Stage.open().url;
    private final String own = url.replaceAll("/[^/?]+(\\?|$)", "/" + NAME + "$1");

    private static CloseableDSLContext at(String url) {
        return DSL.using(
                url,
                Stage.open().cluster.admin.user(),
                Stage.open().cluster.admin.password());
    }

    @BeforeEach
    void makeDatabase() {
        try (var db = at(url)) {
            db.execute("create database " + NAME);
        }
    }

    @AfterEach
    void dropDatabase() {
        try (var db = at(url)) {
            db.execute("drop database " + NAME + " with (force)");
        }
    }

    private void migrate(String upTo) {
        Flyway.configure()
                .dataSource(
                        own,
                        Stage.open().cluster.admin.user(),
                        Stage.open().cluster.admin.password())
                .target(upTo)
                .load()
                .migrate();
    }

    private static void part(DSLContext db, String name, String gtin, String added, String spec) {
        db.execute(
                "insert into variant (product_id, name, gtin, added_at, spec) select id, ?, ?, ?::timestamptz, ?::jsonb from product",
                name,
                gtin,
                added,
                spec);
    }

    @Test
    void aNumberInTwoLengthsStaysWithThePartThatHadItFirstAndFiguresStayWhatTheyWere() {
        migrate("10");
        try (var db = at(own)) {
            db.execute("with m as (insert into maker (name) values ('Hartle') returning id),"
                    + " f as (insert into family (maker_id, kind, name) select id, 'CASE', 'Byre' from m returning id)"
                    + " insert into product (family_id, name) select id, 'Byre' from f");
            part(db, "late", "0012345678905", "2026-03-02", "{\"window\": true}");
            part(db, "first", "012345678905", "2026-03-01", "{\"volume\": 41, \"formats\": [\"ATX\"]}");
            part(db, "later", "12345678905", "2026-03-03", "{}");
            part(db, "another", "12345678906", "2026-03-04", "{}");
            part(db, "bare", null, "2026-03-05", "{\"colour\": \"n/a\"}");
            migrate("latest");
            assertThat(column(db, "name || ' ' || coalesce(gtin, 'none')"))
                    .containsExactly(
                            "first 012345678905", "late none", "later none", "another 12345678906", "bare none");
            assertThat(column(db, "spec::text"))
                    .containsExactly(
                            "{\"volume\": 41, \"formats\": [\"ATX\"]}",
                            "{\"window\": true}",
                            "{}",
                            "{}",
                            "{\"colour\": \"n/a\"}");
        }
    }

    /** One part is named by two guides' drafts, one by nobody; each price was for every guide of its currency. */
    @Test
    void aTypedPriceStaysWithEveryGuideThatNamesItsPartAndElseEnds() {
        migrate("34");
        try (var db = at(own)) {
            db.execute("""
                    insert into account (id, email, name, password_hash, role, created_at) values
                      ('00000000-0000-0000-0000-00000000000a', 'a@tidewater.example', 'Ines', 'x', 'owner', now());
                    with m as (insert into maker (name) values ('Hartle') returning id),
                      f as (insert into family (maker_id, kind, name) select id, 'CASE', 'Byre' from m returning id),
                      p as (insert into product (family_id, name) select id, 'Byre' from f returning id)
                    insert into variant (id, product_id, name, added_at, spec)
                      select ('00000000-0000-0000-0000-0000000000b' || n)::uuid, id, 'v' || n, now(), '{}'
                      from p, generate_series(1, 2) n;
                    insert into shop (id, name, host, currency, region, zone, tax_permille, shipping_minor, is_own) values
                      ('00000000-0000-0000-0000-0000000000c1', 'The author''s price (EUR)', 'own-eur.invalid', 'EUR', '',
                        'UTC', 0, 0, true);
                    insert into seller (id, shop_id, name) select id, id, name from shop;
                    insert into product_page (id, shop_id, variant_id, path, by_hand)
                      select v.id, s.id, v.id, '/#' || v.id, true from variant v, shop s;
                    insert into listing (id, page_id, seller_id, condition, accepted_price_minor, accepted_currency,
                        accepted_stock, accepted_members_only, accepted_seen_at)
                      select v.id, v.id, s.id, 'NEW', 6000, 'EUR', 'IN_STOCK', false, '2026-11-30T12:00Z'
                      from variant v, shop s;
                    insert into observation (listing_id, seen_at, price_minor, currency, stock, account_id)
                      select id, accepted_seen_at, 6000, 'EUR', 'IN_STOCK', (select id from account) from listing;
                    update listing set accepted_observation = o.id from observation o where o.listing_id = listing.id;
                    insert into acceptance (listing_id, observation_id, seen_at, verdict, why, account_id, at)
                      select listing_id, id, seen_at, 'RELEASED', 'typed', account_id, seen_at from observation;
                    insert into price_day (variant_id, condition, day, shop_id, price_minor, bookable_minor, currency)
                      select v.id, 'NEW', '2026-11-30', s.id, 6000, 6000, 'EUR' from variant v, shop s;
                    insert into guide (id, slug, name, region, zone, currency, locale, schedule, policy, old_after_days,
                        created_at)
                      select ('00000000-0000-0000-0000-0000000000d' || n)::uuid, 'g' || n, 'g' || n, 'Coast', 'CET', 'EUR',
                        'en', 'monthly', '{}', 3, now() from generate_series(1, 3) n;
                    insert into edition (id, guide_id, number, period, state, policy, created_at)
                      select id, id, 1, '2026-12-01', 'IN_WORK', '{}', now() from guide;
                    insert into tier (id, guide_id) select id, id from guide;
                    insert into build (id, tier_id) select id, id from tier;
                    insert into edition_tier (edition_id, tier_id, position, name, audience, promise, band, counts_shipping)
                      select id, id, 0, 'T', '', '', 'NONE', false from guide;
                    insert into edition_build (edition_id, build_id, tier_id, position, name)
                      select id, id, id, 0, 'main build' from guide;
                    insert into line (edition_id, build_id, slot, position, choice, quantity, counted, held_listing)
                      select id, id, 'CASE', 0,
                        '{"type": "PART", "part": "00000000-0000-0000-0000-0000000000b1"}', 1, true,
                        '00000000-0000-0000-0000-0000000000b1' from guide where slug = 'g1';
                    insert into line (edition_id, build_id, slot, position, choice, quantity, counted)
                      select id, id, 'CASE', 0,
                        '{"type": "SET", "parts": ["00000000-0000-0000-0000-0000000000b1"]}', 1, true
                      from guide where slug = 'g2';
                    """);
            migrate("latest");
            assertThat(rows(db, """
                            select coalesce(g.slug, 'all') || ' ' || v.name || ' '
                                || coalesce(l.accepted_price_minor || ' ' || l.accepted_shipping_minor, 'ended')
                            from listing l join product_page p on p.id = l.page_id join variant v on v.id = p.variant_id
                            left join guide g on g.id = l.guide_id order by 1
                            """)).containsExactly("all v1 ended", "all v2 ended", "g1 v1 6000 0", "g2 v1 6000 0");
            assertThat(rows(db, """
                            select g.slug || ' ' || (h.guide_id = g.id) from line l join edition e on e.id = l.edition_id
                            join guide g on g.id = e.guide_id join listing h on h.id = l.held_listing
                            """)).containsExactly("g1 true");
            assertThat(
                            rows(
                                    db,
                                    "select coalesce(g.slug, 'all') from price_day left join guide g on g.id = guide_id order by 1"))
                    .containsExactly("g1", "g2");
            assertThat(rows(db, "select kind || ' ' || (said ->> 'minor') || ' ' || variant_id from update_notice"))
                    .containsExactly("price-ended 6000 00000000-0000-0000-0000-0000000000b2");
        }
    }

    private static List<String> rows(DSLContext db, String sql) {
        return db.fetch(sql).getValues(0, String.class);
    }

    private static List<String> column(DSLContext db, String what) {
        return db.fetch("select " + what + " from variant order by added_at").getValues(0, String.class);
    }
}
