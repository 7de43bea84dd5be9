package lowfield.server.catalogue;

import static lowfield.db.Tables.FAMILY;
import static lowfield.db.Tables.MAKER;
import static lowfield.db.Tables.PRODUCT;
import static lowfield.db.Tables.VARIANT;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.PartText;
import lowfield.db.tables.records.VariantRecord;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Changes what parts are called and by which numbers they are known. */
@Component
class PartNames {
    private final DSLContext db;
    private final Parts parts;
    private final Notices notices;

    PartNames(DSLContext db, Parts parts, Notices notices) {
        this.db = db;
        this.parts = parts;
        this.notices = notices;
    }

    /** What changes; what is absent stays, and a number that is empty is none. Maker and product are of all its versions. */
    record Names(
            @Nullable String maker,
            @Nullable String product,
            @Nullable String version,
            @Nullable String gtin,
            @Nullable String makerNumber) {}

    /** The row with other names and numbers; what was changed, in a word each. */
    List<String> change(VariantRecord row, Part part, Names names) {
        var what = new ArrayList<String>();
        if (names.maker() != null || names.product() != null) {
            rename(row, part, names);
            what.add("name");
        }
        Optional.ofNullable(names.version()).ifPresent(v -> {
            row.setName(PartText.VARIANT.of(v));
            what.add("version");
        });
        if (names.product() != null || names.maker() != null || names.version() != null) {
            refuseTaken(row);
        }
        Optional.ofNullable(names.gtin()).map(String::strip).ifPresent(g -> {
            if (!g.isEmpty()) {
                parts.refuseNumber(g, row.getId());
            }
            row.setGtin(g.isEmpty() ? null : g);
            what.add("EAN/UPC");
        });
        Optional.ofNullable(names.makerNumber()).map(String::strip).ifPresent(n -> {
            row.setMakerNumber(n.isEmpty() ? null : PartText.MAKER_NUMBER.of(n));
            what.add("maker's number");
        });
        return what;
    }

    /** A product has one name: all its versions go along. */
    private void rename(VariantRecord row, Part part, Names names) {
        var maker = PartText.MAKER.of(Optional.ofNullable(names.maker()).orElse(part.maker()));
        var product =
                db.selectFrom(PRODUCT).where(PRODUCT.ID.eq(row.getProductId())).fetchSingle();
        var name = PartText.PRODUCT.of(Optional.ofNullable(names.product()).orElse(product.getName()));
        var family = db.select(FAMILY.NAME)
                .from(FAMILY)
                .where(FAMILY.ID.eq(product.getFamilyId()))
                .fetchSingle(FAMILY.NAME);
        var to = called(part.kind(), maker, name).orElseGet(() -> parts.productId(part.kind(), maker, family, name));
        if (to.equals(row.getProductId())) {
            return;
        }
        var versions = db.selectFrom(VARIANT)
                .where(VARIANT.PRODUCT_ID.eq(row.getProductId()))
                .fetch();
        for (var version : versions) {
            refuseTaken(version.getId(), to, version.getName(), maker + " " + name);
        }
        db.update(VARIANT)
                .set(VARIANT.PRODUCT_ID, to)
                .where(VARIANT.PRODUCT_ID.eq(row.getProductId()))
                .execute();
        row.setProductId(to);
        notices.changed(
                Notices.Topic.CATALOGUE,
                versions.map(VariantRecord::getId).stream().toList());
    }

    /** The product of a name, whichever family it is in. */
    private Optional<UUID> called(Kind kind, String maker, String name) {
        return db.select(PRODUCT.ID)
                .from(PRODUCT)
                .join(FAMILY)
                .on(FAMILY.ID.eq(PRODUCT.FAMILY_ID))
                .join(MAKER)
                .on(MAKER.ID.eq(FAMILY.MAKER_ID))
                .where(MAKER.NAME.eq(maker), FAMILY.KIND.eq(kind.name()), PRODUCT.NAME.eq(name))
                .limit(1)
                .fetchOptional(PRODUCT.ID);
    }

    private void refuseTaken(VariantRecord row) {
        refuseTaken(row.getId(), row.getProductId(), row.getName(), "The version " + row.getName());
    }

    private void refuseTaken(UUID self, UUID product, String version, String what) {
        RuleBroken.unless(
                !db.fetchExists(VARIANT, VARIANT.PRODUCT_ID.eq(product), VARIANT.NAME.eq(version), VARIANT.ID.ne(self)),
                "%s is in the catalogue already; merge the two if they are one.",
                what);
    }
}
