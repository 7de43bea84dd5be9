package lowfield.server.exchange;

import static lowfield.db.Tables.FAMILY;
import static lowfield.db.Tables.MAKER;
import static lowfield.db.Tables.PRODUCT;
import static lowfield.db.Tables.VARIANT;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import lowfield.core.part.Designation;
import lowfield.core.part.Gtin;
import lowfield.core.part.Kind;
import lowfield.core.part.Register;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;

/** What the catalogue holds of a kind. A part that was merged into another is that other. */
final class Holdings {
    /** A family or a product by its own name and what it belongs to. */
    private record Under(UUID above, String name) {}

    private final Map<String, UUID> makers = new HashMap<>();
    private final Map<Under, UUID> families = new HashMap<>();
    private final Map<Under, UUID> products = new HashMap<>();
    private final Register register = new Register();
    private final Map<Gtin, Kind> elsewhere = new HashMap<>();

    private Holdings() {}

    static Holdings of(DSLContext db, Kind kind) {
        var held = new Holdings();
        db.select(MAKER.NAME, MAKER.ID).from(MAKER).forEach(r -> held.makers.put(r.value1(), r.value2()));
        db.select(FAMILY.MAKER_ID, FAMILY.NAME, FAMILY.ID)
                .from(FAMILY)
                .where(FAMILY.KIND.eq(kind.name()))
                .forEach(r -> held.families.put(new Under(r.value1(), r.value2()), r.value3()));
        db.select(PRODUCT.FAMILY_ID, PRODUCT.NAME, PRODUCT.ID)
                .from(PRODUCT)
                .join(FAMILY)
                .on(FAMILY.ID.eq(PRODUCT.FAMILY_ID))
                .where(FAMILY.KIND.eq(kind.name()))
                .forEach(r -> held.products.put(new Under(r.value1(), r.value2()), r.value3()));
        held.parts(db, kind);
        return held;
    }

    private void parts(DSLContext db, Kind kind) {
        db.select(
                        DSL.coalesce(VARIANT.MERGED_INTO, VARIANT.ID),
                        FAMILY.KIND,
                        VARIANT.GTIN,
                        MAKER.NAME,
                        VARIANT.MAKER_NUMBER,
                        PRODUCT.NAME,
                        VARIANT.NAME)
                .from(VARIANT)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                .join(FAMILY)
                .on(FAMILY.ID.eq(PRODUCT.FAMILY_ID))
                .join(MAKER)
                .on(MAKER.ID.eq(FAMILY.MAKER_ID))
                .where(FAMILY.KIND.eq(kind.name()).or(VARIANT.GTIN.isNotNull()))
                .forEach(r -> {
                    var gtin = Optional.ofNullable(r.value3()).map(Gtin::new);
                    if (r.value2().equals(kind.name())) {
                        var number = Optional.ofNullable(r.value5());
                        register.enter(r.value1(), new Designation(gtin, r.value4(), number, r.value6(), r.value7()));
                    } else {
                        elsewhere.put(gtin.orElseThrow(), Kind.valueOf(r.value2()));
                    }
                });
    }

    /** The part of the catalogue that a row speaks of; none when it is new. */
    Optional<UUID> part(FileRow row) {
        return register.find(row.designation());
    }

    /** The other kind of which the catalogue holds a part with the row's GTIN. */
    Optional<Kind> otherKind(FileRow row) {
        return row.designation().gtin().map(elsewhere::get);
    }

    UUID maker(String name, Supplier<UUID> made) {
        return makers.computeIfAbsent(name, n -> made.get());
    }

    UUID family(UUID maker, String name, Supplier<UUID> made) {
        return families.computeIfAbsent(new Under(maker, name), n -> made.get());
    }

    UUID product(UUID family, String name, Supplier<UUID> made) {
        return products.computeIfAbsent(new Under(family, name), n -> made.get());
    }
}
