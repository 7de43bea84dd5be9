package lowfield.server.exchange;

import static lowfield.db.Tables.FAMILY;
import static lowfield.db.Tables.PRODUCT;
import static lowfield.db.Tables.VARIANT;

import java.io.InputStream;
import java.io.Writer;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.Gtin;
import lowfield.core.part.Kind;
import lowfield.core.part.Release;
import lowfield.core.part.Spec;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** Takes parts in from a file, all of them or none, and gives them out. The same file a second time changes nothing. */
@Service
public class Exchange {
    /** The written forms. */
    public enum Form {
        CSV,
        JSON
    }

    private static final int MOST_ROWS = 200_000;

    private final DSLContext db;
    private final Parts parts;
    private final Intake intake;
    private final Notices notices;

    Exchange(DSLContext db, Parts parts, Intake intake, Notices notices) {
        this.db = db;
        this.parts = parts;
        this.intake = intake;
        this.notices = notices;
    }

    /** Reads the file and tells what it would do; only when that is wanted and nothing is wrong is it done. */
    @Transactional
    public Report take(Kind kind, Form form, InputStream file, boolean dry, Person by) {
        var faults = new Report.Faults();
        var seen = new HashSet<Object>();
        try (var taking = intake.open(kind)) {
            var rows = new int[1];
            java.util.function.Consumer<Row> sink = row -> {
                RuleBroken.unless(++rows[0] <= MOST_ROWS, "A file holds at most %,d parts; split it.", MOST_ROWS);
                sound(kind, row, seen, faults)
                        .ifPresent(spec -> taking.add(row, kind.schema().write(spec), faults));
            };
            if (form == Form.CSV) {
                CsvFile.read(kind, file, faults, sink);
            } else {
                JsonFile.read(file, faults, sink);
            }
            var outcome = faults.any() ? new Intake.Outcome(0, 0) : taking.settle(by);
            var report = new Report(
                    rows[0],
                    outcome.added(),
                    outcome.changed(),
                    faults.any() ? 0 : rows[0] - outcome.added() - outcome.changed(),
                    faults.list(),
                    faults.more());
            if (dry || !report.isSound()) {
                TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
            } else {
                notices.changed(Notices.Topic.CATALOGUE);
            }
            return report;
        }
    }

    /** The row's figures when nothing is wrong with the row. */
    private static Optional<Spec> sound(Kind kind, Row row, Set<Object> seen, Report.Faults faults) {
        var named = length(row, "maker", row.maker(), 1, 80, faults)
                & length(row, "product", row.product(), 1, 160, faults)
                & length(row, "product_family", row.family(), 0, 100, faults)
                & length(row, "variant", row.variant(), 0, 80, faults)
                & length(
                        row,
                        "maker_number",
                        Optional.ofNullable(row.makerNumber()).orElse(""),
                        0,
                        80,
                        faults)
                & (row.avoid() == null || length(row, "avoid", row.avoid(), 3, 500, faults));
        if (row.gtin() != null && !Gtin.isOne(row.gtin())) {
            faults.add(row.line(), "gtin", row.gtin(), Gtin.RULE);
            named = false;
        }
        if (row.release() != null
                && java.util.Arrays.stream(Release.values())
                        .noneMatch(r -> r.name().equals(row.release()))) {
            faults.add(row.line(), "release", row.release(), "ANNOUNCED, ON_SALE, ENDING or GONE");
            named = false;
        }
        named &= suggested(row, faults);
        for (var key : row.designation().own()) {
            if (!seen.add(key)) {
                faults.add(row.line(), "product", row.product(), "a part that stands in the file once");
                named = false;
            }
        }
        var outcome = kind.schema().tried(row.spec());
        outcome.wrong().forEach(w -> faults.add(row.line(), w.field(), w.value(), w.rule()));
        return named && outcome.wrong().isEmpty() ? Optional.of(outcome.spec()) : Optional.empty();
    }

    private static boolean suggested(Row row, Report.Faults faults) {
        if (row.suggestedMinor() == null) {
            return true;
        }
        var code = Optional.ofNullable(row.suggestedCurrency()).orElse("EUR");
        try {
            Money.price(row.suggestedMinor(), code);
            return true;
        } catch (RuleBroken no) {
            faults.add(
                    row.line(),
                    "suggested_price",
                    row.suggestedMinor() + " " + code,
                    "a price above zero and up to 10,000,000 in a currency of ISO 4217 such as EUR");
            return false;
        }
    }

    private static boolean length(Row row, String column, String value, int least, int most, Report.Faults faults) {
        var fits = value.length() >= least && value.length() <= most && value.indexOf('\0') < 0;
        if (!fits) {
            faults.add(row.line(), column, value, "%d to %d letters".formatted(least, most));
        }
        return fits;
    }

    /** Writes all parts of a kind. */
    public void give(Kind kind, Form form, Writer out) throws java.io.IOException {
        var shelf = parts.catalogue().shelf(kind);
        if (form == Form.CSV) {
            CsvFile.write(kind, shelf.parts(), names(kind), out);
        } else {
            JsonFile.write(kind, shelf.parts(), names(kind), out);
        }
    }

    private Map<UUID, Names> names(Kind kind) {
        var names = new HashMap<UUID, Names>();
        db.select(VARIANT.ID, FAMILY.NAME, PRODUCT.NAME, VARIANT.GTIN, VARIANT.MAKER_NUMBER)
                .from(VARIANT)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                .join(FAMILY)
                .on(FAMILY.ID.eq(PRODUCT.FAMILY_ID))
                .where(FAMILY.KIND.eq(kind.name()))
                .forEach(r -> names.put(
                        r.value1(),
                        new Names(
                                r.value2(),
                                r.value3(),
                                Optional.ofNullable(r.value4()).orElse(""),
                                Optional.ofNullable(r.value5()).orElse(""))));
        return names;
    }
}
