package lowfield.server.catalogue;

import static lowfield.db.Tables.VARIANT;

import java.util.Optional;
import java.util.UUID;
import lowfield.core.part.Gtin;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Finds parts by the numbers that makers and shops know them by. */
@Component
public class PartNumbers {
    private final DSLContext db;

    PartNumbers(DSLContext db) {
        this.db = db;
    }

    /** By GTIN, else by a maker's number that only one part has. */
    public Optional<UUID> part(Optional<String> gtin, Optional<String> makerNumber) {
        return gtin.flatMap(this::byGtin).or(() -> makerNumber.flatMap(this::byMakerNumber));
    }

    /** Those of the whole catalogue, for whoever asks for many. */
    public PartCodes codes() {
        return new PartCodes(db.select(VARIANT.ID, VARIANT.GTIN, VARIANT.MAKER_NUMBER)
                .from(VARIANT)
                .where(VARIANT.MERGED_INTO.isNull())
                .fetch(r -> new PartCodes.Coded(
                        r.value1(), Optional.ofNullable(r.value2()).map(Gtin::new), Optional.ofNullable(r.value3()))));
    }

    private Optional<UUID> byGtin(String gtin) {
        return db.select(VARIANT.ID)
                .from(VARIANT)
                .where(
                        DSL.ltrim(VARIANT.GTIN, DSL.inline("0")).eq(new Gtin(gtin).digits()),
                        VARIANT.MERGED_INTO.isNull())
                .fetchOptional(VARIANT.ID);
    }

    private Optional<UUID> byMakerNumber(String number) {
        var found = db.select(VARIANT.ID)
                .from(VARIANT)
                .where(DSL.lower(VARIANT.MAKER_NUMBER).eq(number.toLowerCase(java.util.Locale.ROOT)))
                .and(VARIANT.MERGED_INTO.isNull())
                .limit(2)
                .fetch(VARIANT.ID);
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }
}
