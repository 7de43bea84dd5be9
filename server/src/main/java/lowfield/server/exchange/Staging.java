package lowfield.server.exchange;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.sql.DataSource;
import lowfield.core.part.Kind;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Json;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Component;

/**
 * A file's parts on their way into the catalogue: copied into a table of the transaction, matched there with what is
 * present (by GTIN, else maker and maker's number, else names), and settled in a few statements however many they are.
 */
@Component
class Staging {
    private static final int CHUNK = 1 << 16;

    private final DSLContext db;
    private final DataSource source;
    private final Clock clock;

    Staging(DSLContext db, DataSource source, Clock clock) {
        this.db = db;
        this.source = source;
        this.clock = clock;
    }

    /** How many parts were added and how many changed. */
    record Outcome(int added, int changed) {}

    Stage open() {
        db.execute("create temporary table part_in (line bigint not null, maker text not null, family text not null,"
                + " product text not null, variant text not null, gtin text, maker_number text, release text,"
                + " suggested_minor bigint, suggested_currency text, avoid text, spec jsonb not null, id uuid,"
                + " is_new boolean not null default false) on commit drop");
        return new Stage();
    }

    /** One file's staging; closed with its transaction. */
    final class Stage implements AutoCloseable {
        private final StringBuilder buffer = new StringBuilder(CHUNK * 2);
        private @Nullable CopyIn copy;

        void add(Row row, Map<String, Object> figures) {
            var family = row.family().isEmpty() ? row.product() : row.family();
            var spec = Json.write(figures);
            var currency = row.suggestedMinor() == null
                    ? null
                    : Optional.ofNullable(row.suggestedCurrency()).orElse("EUR");
            buffer.append(Stream.of(
                            String.valueOf(row.line()),
                            row.maker(),
                            family.length() > 100 ? family.substring(0, 100) : family,
                            row.product(),
                            row.variant(),
                            row.gtin(),
                            row.makerNumber(),
                            row.release(),
                            row.suggestedMinor() == null
                                    ? null
                                    : row.suggestedMinor().toString(),
                            currency,
                            row.avoid(),
                            spec)
                    .map(Staging::cell)
                    .collect(Collectors.joining("\t", "", "\n")));
            if (buffer.length() > CHUNK) {
                flush();
            }
        }

        private void flush() {
            try {
                if (copy == null) {
                    copy = connection()
                            .unwrap(PGConnection.class)
                            .getCopyAPI()
                            .copyIn("copy part_in (line, maker, family, product, variant, gtin, maker_number, release,"
                                    + " suggested_minor, suggested_currency, avoid, spec) from stdin");
                }
                var bytes = buffer.toString().getBytes(StandardCharsets.UTF_8);
                copy.writeToCopy(bytes, 0, bytes.length);
                buffer.setLength(0);
            } catch (SQLException failed) {
                throw new IllegalStateException(failed);
            }
        }

        Outcome settle(Kind kind, Person by, Report.Faults faults) {
            flush();
            end();
            // What is matched by, and not the figures, whose statistics nobody asks for and which take longest.
            db.execute("analyze part_in (maker, family, product, variant, gtin, maker_number)");
            // Nothing is known yet of products that are added here; a loop over them would be chosen by mistake.
            db.execute("set local enable_nestloop = off");
            match(kind);
            ambiguous(kind, faults);
            if (faults.any()) {
                return new Outcome(0, 0);
            }
            return new Outcome(insert(kind), change(by));
        }

        private void end() {
            try {
                if (copy != null && copy.isActive()) {
                    copy.endCopy();
                }
            } catch (SQLException failed) {
                throw new IllegalStateException(failed);
            }
        }

        @Override
        public void close() {
            try {
                if (copy != null && copy.isActive()) {
                    copy.cancelCopy();
                }
            } catch (SQLException failed) {
                throw new IllegalStateException(failed);
            }
        }
    }

    private Connection connection() {
        return DataSourceUtils.getConnection(source);
    }

    private void match(Kind kind) {
        db.execute("update part_in p set id = coalesce(v.merged_into, v.id) from variant v where v.gtin = p.gtin");
        db.execute(
                "update part_in p set id = coalesce(v.merged_into, v.id) from variant v"
                        + " join product r on r.id = v.product_id join family f on f.id = r.family_id"
                        + " join maker m on m.id = f.maker_id"
                        + " where p.id is null and p.maker_number is not null and m.name = p.maker"
                        + " and v.maker_number = p.maker_number and f.kind = ?",
                kind.name());
        db.execute(
                "update part_in p set id = coalesce(v.merged_into, v.id) from variant v"
                        + " join product r on r.id = v.product_id join family f on f.id = r.family_id"
                        + " join maker m on m.id = f.maker_id"
                        + " where p.id is null and m.name = p.maker and r.name = p.product and v.name = p.variant"
                        + " and f.kind = ?",
                kind.name());
    }

    /** Rows that are one part of the catalogue together, or one of another kind. */
    private void ambiguous(Kind kind, Report.Faults faults) {
        db.fetch("select max(line), count(*), min(product) from part_in where id is not null group by id"
                        + " having count(*) > 1 order by 1 limit 201")
                .forEach(r -> faults.add(
                        r.get(0, Long.class),
                        "product",
                        r.get(2, String.class),
                        "one row for one part; %d rows are the same part of the catalogue"
                                .formatted(r.get(1, Long.class))));
        db.fetch(
                        "select p.line, p.product, f.kind from part_in p join variant v on v.id = p.id"
                                + " join product r on r.id = v.product_id join family f on f.id = r.family_id"
                                + " where f.kind <> ? order by 1 limit 201",
                        kind.name())
                .forEach(r -> faults.add(
                        r.get(0, Long.class),
                        "product",
                        r.get(1, String.class),
                        "a " + kind.label() + "; in the catalogue it is of the kind "
                                + Kind.valueOf(r.get(2, String.class)).label()));
    }

    private int insert(Kind kind) {
        db.execute(
                "insert into maker (name) select distinct maker from part_in where id is null on conflict do nothing");
        db.execute(
                "insert into family (maker_id, kind, name) select distinct m.id, ?, p.family from part_in p"
                        + " join maker m on m.name = p.maker where p.id is null on conflict do nothing",
                kind.name());
        db.execute(
                "insert into product (family_id, name) select distinct f.id, p.product from part_in p"
                        + " join maker m on m.name = p.maker"
                        + " join family f on f.maker_id = m.id and f.kind = ? and f.name = p.family"
                        + " where p.id is null on conflict do nothing",
                kind.name());
        return db.execute(
                "insert into variant (product_id, name, gtin, maker_number, release, suggested_minor, suggested_currency,"
                        + " avoid, spec, added_at) select r.id, p.variant, p.gtin, p.maker_number,"
                        + " coalesce(p.release, 'ON_SALE'), p.suggested_minor, p.suggested_currency, p.avoid, p.spec, ?::timestamptz"
                        + " from part_in p join maker m on m.name = p.maker"
                        + " join family f on f.maker_id = m.id and f.kind = ? and f.name = p.family"
                        + " join product r on r.family_id = f.id and r.name = p.product where p.id is null",
                now(),
                kind.name());
    }

    /** An empty cell leaves what is there; only rows that say something new change anything. */
    private int change(Person by) {
        return db.execute(
                "with changed as (update variant v set spec = v.spec || p.spec,"
                        + " gtin = coalesce(p.gtin, v.gtin), maker_number = coalesce(p.maker_number, v.maker_number),"
                        + " release = coalesce(p.release, v.release),"
                        + " suggested_minor = coalesce(p.suggested_minor, v.suggested_minor),"
                        + " suggested_currency = coalesce(p.suggested_currency, v.suggested_currency),"
                        + " avoid = coalesce(p.avoid, v.avoid), version = v.version + 1"
                        + " from part_in p, variant o where v.id = p.id and o.id = v.id and ("
                        + " (v.spec || p.spec) <> v.spec or coalesce(p.gtin, v.gtin) is distinct from v.gtin"
                        + " or coalesce(p.maker_number, v.maker_number) is distinct from v.maker_number"
                        + " or coalesce(p.release, v.release) <> v.release"
                        + " or coalesce(p.suggested_minor, v.suggested_minor) is distinct from v.suggested_minor"
                        + " or coalesce(p.avoid, v.avoid) is distinct from v.avoid)"
                        + " returning v.id, o.spec as before, v.spec as after)"
                        + " insert into part_change (variant_id, account_id, at, what, before, after)"
                        + " select id, ?::uuid, ?::timestamptz, 'from a file', jsonb_build_object('spec', before),"
                        + " jsonb_build_object('spec', after) from changed",
                by.id(),
                now());
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    /** As COPY's text form wants it. */
    private static String cell(@Nullable String value) {
        return value == null
                ? "\\N"
                : value.replace("\\", "\\\\")
                        .replace("\t", "\\t")
                        .replace("\n", "\\n")
                        .replace("\r", "\\r");
    }
}
