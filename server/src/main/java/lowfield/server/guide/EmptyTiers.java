package lowfield.server.guide;

import static lowfield.db.Tables.BUILD;
import static lowfield.db.Tables.EDITION_BUILD;
import static lowfield.db.Tables.EDITION_TIER;
import static lowfield.db.Tables.LINE;
import static lowfield.db.Tables.TIER;

import java.util.Arrays;
import java.util.Map;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Slot;
import lowfield.server.platform.Json;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** New tiers in which nothing is chosen yet: a main build with an empty line for each slot that a computer needs. */
@Component
class EmptyTiers {
    private final DSLContext db;

    EmptyTiers(DSLContext db) {
        this.db = db;
    }

    UUID add(GuideInfo guide, UUID edition, TierForm form) {
        form.check(guide.money());
        var tier = UUID.randomUUID();
        var build = UUID.randomUUID();
        var position = db.fetchCount(EDITION_TIER, EDITION_TIER.EDITION_ID.eq(edition));
        RuleBroken.unless(position < 12, "An edition has 1 to 12 tiers.");
        db.insertInto(TIER).set(TIER.ID, tier).set(TIER.GUIDE_ID, guide.id()).execute();
        db.insertInto(BUILD).set(BUILD.ID, build).set(BUILD.TIER_ID, tier).execute();
        var row = db.newRecord(EDITION_TIER);
        row.setEditionId(edition);
        row.setTierId(tier);
        row.setPosition(position);
        TierRows.fill(row, form);
        row.setVersion(1);
        row.insert();
        db.insertInto(
                        EDITION_BUILD,
                        EDITION_BUILD.EDITION_ID,
                        EDITION_BUILD.BUILD_ID,
                        EDITION_BUILD.TIER_ID,
                        EDITION_BUILD.POSITION,
                        EDITION_BUILD.NAME)
                .values(edition, build, tier, 0, "main build")
                .execute();
        Arrays.stream(Slot.values()).filter(Slot::needed).forEach(slot -> emptyLine(edition, build, slot));
        return tier;
    }

    private void emptyLine(UUID edition, UUID build, Slot slot) {
        db.insertInto(
                        LINE,
                        LINE.EDITION_ID,
                        LINE.BUILD_ID,
                        LINE.SLOT,
                        LINE.POSITION,
                        LINE.CHOICE,
                        LINE.QUANTITY,
                        LINE.COUNTED)
                .values(edition, build, slot.name(), slot.position(), Json.jsonb(Map.of("type", "EMPTY")), 1, true)
                .execute();
    }
}
