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

    private static List<String> column(DSLContext db, String what) {
        return db.fetch("select " + what + " from variant order by added_at").getValues(0, String.class);
    }
}
