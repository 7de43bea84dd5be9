package lowfield.server.exchange;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import lowfield.core.part.Kind;
import lowfield.core.part.PartText;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Json;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * A file's parts on their way into the catalogue. What is new is copied straight to its place, and what a file says of parts
 * that are there into a table of the transaction, from which they are changed in one statement.
 */
@Component
class CopyPipeline {
    private static final long ONE_AT_A_TIME = 0x10f1e1d0L;

    private final DSLContext db;
    private final DataSource source;
    private final Clock clock;

    CopyPipeline(DSLContext db, DataSource source, Clock clock) {
        this.db = db;
        this.source = source;
        this.clock = clock;
    }

    /** How many parts were added and how many changed. */
    record Outcome(int added, int changed) {}

    /** Begins to take parts of a kind in, in the present transaction; another file waits until it is through. */
    Taking open(Kind kind) {
        db.execute("select pg_advisory_xact_lock(?)", ONE_AT_A_TIME);
        db.execute("create temporary table known_in (id uuid not null, gtin text, maker_number text, release text,"
                + " suggested_minor bigint, suggested_currency text, avoid text, spec json not null) on commit drop");
        var holdings = Holdings.of(db, kind);
        // What a row refers to is looked up for each: by its index, and not by a plan made when there were few.
        db.execute("set local enable_seqscan = off");
        db.execute("discard plans");
        return new Taking(kind, holdings);
    }

    /** One file; closed before its transaction ends. */
    final class Taking implements AutoCloseable {
        private final Kind kind;
        private final Holdings holdings;
        private final Instant now = clock.instant();
        private final OrderedIds ids = new OrderedIds(now, new SecureRandom());
        private final Map<UUID, Long> lines = new HashMap<>();
        private final Handover handover = Handover.open(source);
        private Batch filling = Batch.first();
        private int added;

        private Taking(Kind kind, Holdings holdings) {
            this.kind = kind;
            this.holdings = holdings;
        }

        /** Takes a row in, unless the catalogue says that it cannot be what it says. */
        void add(FileRow row, Map<String, Object> figures, Report.Faults faults) {
            var other = holdings.otherKind(row);
            if (other.isPresent()) {
                faults.add(
                        row.line(),
                        "product",
                        row.product(),
                        "a " + kind.label() + "; in the catalogue it is of the kind "
                                + other.get().label());
                return;
            }
            var known = holdings.part(row);
            var twice = known.map(part -> lines.putIfAbsent(part, row.line()));
            if (twice.isPresent()) {
                faults.add(
                        row.line(),
                        "product",
                        row.product(),
                        "one row for one part; line %d is the same part of the catalogue".formatted(twice.get()));
            } else if (!faults.any()) {
                known.ifPresentOrElse(part -> known(part, row, figures), () -> made(row, figures));
                if (filling.isFull()) {
                    handOver();
                }
            }
        }

        private void known(UUID part, FileRow row, Map<String, Object> figures) {
            filling.known()
                    .add(
                            part,
                            row.gtin(),
                            row.makerNumber(),
                            row.release(),
                            minor(row),
                            currency(row),
                            row.avoid(),
                            Json.bytes(figures));
        }

        private void made(FileRow row, Map<String, Object> figures) {
            added++;
            filling.parts()
                    .add(
                            ids.next(),
                            product(row),
                            row.variant(),
                            now,
                            row.gtin(),
                            row.makerNumber(),
                            Optional.ofNullable(row.release()).orElse("ON_SALE"),
                            minor(row),
                            currency(row),
                            row.avoid(),
                            Json.bytes(figures));
        }

        private UUID product(FileRow row) {
            var maker = holdings.maker(row.maker(), () -> inserted(filling.makers(), row.maker()));
            var name = PartText.family(row.family(), row.product());
            var family = holdings.family(maker, name, () -> inserted(filling.families(), maker, kind.name(), name));
            return holdings.product(family, row.product(), () -> inserted(filling.products(), family, row.product()));
        }

        private UUID inserted(CopyRows rows, Object... cells) {
            var id = ids.next();
            var all = new Object[cells.length + 1];
            all[0] = id;
            System.arraycopy(cells, 0, all, 1, cells.length);
            rows.add(all);
            return id;
        }

        private void handOver() {
            handover.add(filling);
            filling = filling.next();
        }

        /** Lets what was taken in stand, as far as the transaction does. */
        Outcome settle(Person by) {
            handOver();
            handover.settle();
            db.execute("set local enable_seqscan to default");
            return new Outcome(added, change(by, now));
        }

        @Override
        public void close() {
            handover.close();
        }
    }

    private static @Nullable Long minor(FileRow row) {
        return row.suggested() == null ? null : row.suggested().minor();
    }

    private static @Nullable String currency(FileRow row) {
        return row.suggested() == null ? null : row.suggested().currency().getCurrencyCode();
    }

    /** An empty cell leaves what is there; only rows that say something new change anything. */
    private int change(Person by, Instant now) {
        return db.execute(
                "with changed as (update variant v set spec = (v.spec::jsonb || p.spec::jsonb)::json,"
                        + " gtin = coalesce(p.gtin, v.gtin), maker_number = coalesce(p.maker_number, v.maker_number),"
                        + " release = coalesce(p.release, v.release),"
                        + " suggested_minor = coalesce(p.suggested_minor, v.suggested_minor),"
                        + " suggested_currency = coalesce(p.suggested_currency, v.suggested_currency),"
                        + " avoid = coalesce(p.avoid, v.avoid), version = v.version + 1"
                        + " from known_in p, variant o where v.id = p.id and o.id = v.id and ("
                        + " v.spec::text <> p.spec::text and (v.spec::jsonb || p.spec::jsonb) <> v.spec::jsonb"
                        + " or ltrim(coalesce(p.gtin, v.gtin), '0') is distinct from ltrim(v.gtin, '0')"
                        + " or coalesce(p.maker_number, v.maker_number) is distinct from v.maker_number"
                        + " or coalesce(p.release, v.release) <> v.release"
                        + " or coalesce(p.suggested_minor, v.suggested_minor) is distinct from v.suggested_minor"
                        + " or coalesce(p.suggested_currency, v.suggested_currency) is distinct from v.suggested_currency"
                        + " or coalesce(p.avoid, v.avoid) is distinct from v.avoid)"
                        + " returning v.id, o.spec as before, v.spec as after)"
                        + " insert into part_change (variant_id, account_id, at, what, before, after)"
                        + " select id, ?::uuid, ?::timestamptz, 'from a file', jsonb_build_object('spec', before),"
                        + " jsonb_build_object('spec', after) from changed",
                by.id(),
                OffsetDateTime.ofInstant(now, ZoneOffset.UTC));
    }
}
