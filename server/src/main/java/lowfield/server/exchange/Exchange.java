package lowfield.server.exchange;

import static lowfield.db.Tables.FAMILY;
import static lowfield.db.Tables.PRODUCT;
import static lowfield.db.Tables.VARIANT;

import java.io.InputStream;
import java.io.Writer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.part.Gtin;
import lowfield.core.part.Kind;
import lowfield.core.part.PartText;
import lowfield.core.part.Release;
import lowfield.core.part.spec.Spec;
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
    private static final Set<String> RELEASES =
            Arrays.stream(Release.values()).map(Enum::name).collect(Collectors.toSet());

    private final DSLContext db;
    private final Parts parts;
    private final CopyPipeline intake;
    private final Notices notices;

    Exchange(DSLContext db, Parts parts, CopyPipeline intake, Notices notices) {
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
            Consumer<FileRow> sink = row -> {
                RuleBroken.unless(++rows[0] <= MOST_ROWS, "A file holds at most %,d parts; split it.", MOST_ROWS);
                sound(kind, row, seen, faults)
                        .ifPresent(spec -> taking.add(row, kind.schema().write(spec), faults));
            };
            if (form == Form.CSV) {
                CsvFile.read(kind, file, faults, sink);
            } else {
                JsonFile.read(file, faults, sink);
            }
            var outcome = faults.any() ? new CopyPipeline.Outcome(0, 0) : taking.settle(by);
            var report = new Report(
                    rows[0],
                    outcome.added(),
                    outcome.changed(),
                    faults.any() ? 0 : rows[0] - outcome.added() - outcome.changed(),
                    faults.list(),
                    faults.isFull());
            if (dry || !report.isSound()) {
                TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
            } else {
                notices.changed(Notices.Topic.CATALOGUE);
            }
            return report;
        }
    }

    /** The row's figures when nothing is wrong with the row. */
    private static Optional<Spec> sound(Kind kind, FileRow row, Set<Object> seen, Report.Faults faults) {
        var before = faults.count();
        words(row, faults);
        for (var key : row.designation().own()) {
            if (!seen.add(key)) {
                faults.add(row.line(), "product", row.product(), "a part that stands in the file once");
            }
        }
        var outcome = kind.schema().tried(row.spec());
        outcome.wrong().forEach(w -> faults.add(row.line(), w.field(), w.value(), w.rule()));
        return faults.count() == before ? Optional.of(outcome.spec()) : Optional.empty();
    }

    private static void words(FileRow row, Report.Faults faults) {
        fits(row, "maker", PartText.MAKER, row.maker(), faults);
        fits(row, "product_family", PartText.FAMILY, row.family(), faults);
        fits(row, "product", PartText.PRODUCT, row.product(), faults);
        fits(row, "variant", PartText.VARIANT, row.variant(), faults);
        if (row.makerNumber() != null) {
            fits(row, "maker_number", PartText.MAKER_NUMBER, row.makerNumber(), faults);
        }
        if (row.avoid() != null) {
            fits(row, "avoid", PartText.AVOID, row.avoid(), faults);
        }
        if (row.gtin() != null && !Gtin.isOne(row.gtin())) {
            faults.add(row.line(), "gtin", row.gtin(), Gtin.RULE);
        }
        if (row.release() != null && !RELEASES.contains(row.release())) {
            faults.add(row.line(), "release", row.release(), "ANNOUNCED, ON_SALE, ENDING or GONE");
        }
    }

    private static void fits(FileRow row, String column, PartText words, String given, Report.Faults faults) {
        words.missed(given).ifPresent(rule -> faults.add(row.line(), column, given, rule));
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
