package lowfield.server.bench;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.EDITION_BUILD;
import static lowfield.db.Tables.EDITION_TIER;
import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.LINE;
import static lowfield.db.Tables.LINE_OPTION;

import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Slot;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Service;

/** Where a part is used: choices, sets, alternatives and upgrades, in work and published. */
@Service
public class Uses {
    private final DSLContext db;

    Uses(DSLContext db) {
        this.db = db;
    }

    /** One line of an edition that holds the part. */
    public record Use(
            String guide,
            String guideName,
            UUID edition,
            int number,
            boolean published,
            UUID build,
            UUID line,
            String where) {}

    /** The newest editions first. */
    public List<Use> of(UUID part) {
        return db.select(
                        GUIDE.SLUG,
                        GUIDE.NAME,
                        EDITION.ID,
                        EDITION.NUMBER,
                        EDITION.STATE,
                        EDITION_TIER.NAME,
                        EDITION_BUILD.NAME,
                        LINE.BUILD_ID,
                        LINE.ID,
                        LINE.SLOT)
                .from(LINE)
                .join(EDITION)
                .on(EDITION.ID.eq(LINE.EDITION_ID))
                .join(GUIDE)
                .on(GUIDE.ID.eq(EDITION.GUIDE_ID))
                .join(EDITION_BUILD)
                .on(EDITION_BUILD.EDITION_ID.eq(LINE.EDITION_ID), EDITION_BUILD.BUILD_ID.eq(LINE.BUILD_ID))
                .join(EDITION_TIER)
                .on(EDITION_TIER.EDITION_ID.eq(LINE.EDITION_ID), EDITION_TIER.TIER_ID.eq(EDITION_BUILD.TIER_ID))
                .where(holds(part))
                .orderBy(EDITION.NUMBER.desc(), EDITION_TIER.POSITION, LINE.POSITION)
                .limit(200)
                .fetch(r -> new Use(
                        r.get(GUIDE.SLUG),
                        r.get(GUIDE.NAME),
                        r.get(EDITION.ID),
                        r.get(EDITION.NUMBER),
                        !r.get(EDITION.STATE).equals("IN_WORK"),
                        r.get(LINE.BUILD_ID),
                        r.get(LINE.ID),
                        r.get(EDITION_TIER.NAME) + ", " + r.get(EDITION_BUILD.NAME) + ", "
                                + Slot.valueOf(r.get(LINE.SLOT)).label()));
    }

    private static Condition holds(UUID part) {
        return DSL.condition("{0} ->> 'part' = {1}", LINE.CHOICE, DSL.val(part.toString()))
                .or(DSL.condition("{0} -> 'parts' @> to_jsonb({1}::text)", LINE.CHOICE, DSL.val(part.toString())))
                .or(DSL.exists(DSL.selectOne()
                        .from(LINE_OPTION)
                        .where(
                                LINE_OPTION.EDITION_ID.eq(LINE.EDITION_ID),
                                LINE_OPTION.LINE_ID.eq(LINE.ID),
                                LINE_OPTION.VARIANT_ID.eq(part))));
    }
}
