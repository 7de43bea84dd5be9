package lowfield.server.catalogue;

import static lowfield.db.Tables.CHIP;
import static lowfield.db.Tables.PRODUCT;
import static lowfield.db.Tables.VARIANT;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.part.Kind;
import lowfield.server.accounts.Person;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Chips of graphics cards and CPUs: seen, named, and made one where two names mean the same. */
@Service
public class Chips {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_MAKER = 80;

    private final DSLContext db;
    private final Corrections corrections;

    Chips(DSLContext db, Corrections corrections) {
        this.db = db;
        this.corrections = corrections;
    }

    /** A chip, and how many parts have it. */
    public record Chip(UUID id, Kind kind, String name, String maker, int parts, int version) {}

    /** Every chip that a part has, by kind and name. */
    @Transactional(readOnly = true)
    public List<Chip> all() {
        var parts = DSL.count(VARIANT.ID);
        return db.select(CHIP.asterisk(), parts)
                .from(CHIP)
                .join(PRODUCT)
                .on(PRODUCT.CHIP_ID.eq(CHIP.ID))
                .join(VARIANT)
                .on(VARIANT.PRODUCT_ID.eq(PRODUCT.ID), VARIANT.MERGED_INTO.isNull())
                .groupBy(CHIP.ID)
                .orderBy(CHIP.KIND, DSL.lower(CHIP.NAME))
                .fetch(r -> new Chip(
                        r.get(CHIP.ID),
                        Kind.valueOf(r.get(CHIP.KIND)),
                        r.get(CHIP.NAME),
                        r.get(CHIP.MAKER),
                        r.get(parts),
                        r.get(CHIP.VERSION)));
    }

    /**
     * Names a chip and its maker. A new name goes to every part that has the chip; the name of another chip makes the two
     * one.
     */
    @Transactional
    public void name(UUID id, String name, String maker, int expected, Person by) {
        var words = name.strip();
        RuleBroken.unless(
                !words.isEmpty() && words.length() <= LONGEST_NAME, "A chip's name has 1 to %d letters.", LONGEST_NAME);
        RuleBroken.unless(maker.length() <= LONGEST_MAKER, "A chip's maker takes at most %d letters.", LONGEST_MAKER);
        var chip = db.selectFrom(CHIP)
                .where(CHIP.ID.eq(id))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such chip."));
        if (chip.getVersion() != expected) {
            throw new Stale(
                    "This chip was changed meanwhile; nothing of yours was written over it.",
                    chip.getName(),
                    words,
                    chip.getVersion());
        }
        var old = chip.getName();
        var other = db.selectFrom(CHIP)
                .where(CHIP.KIND.eq(chip.getKind()), DSL.lower(CHIP.NAME).eq(words.toLowerCase(java.util.Locale.ROOT)))
                .and(CHIP.ID.ne(id))
                .fetchOptional();
        if (other.isEmpty()) {
            chip.setName(words);
        }
        chip.setMaker(maker.strip());
        chip.setVersion(chip.getVersion() + 1);
        chip.update();
        if (!old.equals(words)) {
            rename(id, other.map(o -> o.getName()).orElse(words), by);
        }
        if (other.isPresent()) {
            db.update(PRODUCT)
                    .set(PRODUCT.CHIP_ID, other.get().getId())
                    .where(PRODUCT.CHIP_ID.eq(id))
                    .execute();
            chip.delete();
        }
    }

    private void rename(UUID chip, String name, Person by) {
        db.select(VARIANT.ID, VARIANT.VERSION)
                .from(VARIANT)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                .where(PRODUCT.CHIP_ID.eq(chip), VARIANT.MERGED_INTO.isNull())
                .orderBy(VARIANT.ID)
                .fetch()
                .forEach(r -> corrections.correct(
                        r.value1(),
                        Corrections.Correction.ofFigures(Map.of("chip", name), "chip renamed"),
                        r.value2(),
                        by));
    }
}
