package lowfield.server.edition;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.EDITION_BUILD;
import static lowfield.db.Tables.EDITION_TIER;
import static lowfield.db.Tables.TIER;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.db.tables.records.EditionTierRecord;
import lowfield.server.guide.TierRows;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Tiers of an edition as a whole: with their builds and lines, and in their order. */
@Component
public class TierBlocks {
    private final DSLContext db;
    private final TierRows tiers;
    private final BuildRows builds;

    TierBlocks(DSLContext db, TierRows tiers, BuildRows builds) {
        this.db = db;
        this.tiers = tiers;
        this.builds = builds;
    }

    public Optional<TierState> read(UUID edition, UUID tier) {
        return tiers.forUpdate(edition, tier).map(row -> {
            var all = new TreeMap<UUID, VariantState>();
            ofTier(edition, tier)
                    .forEach(b -> all.put(b, builds.variant(edition, b).orElseThrow()));
            return new TierState(TierRows.form(row), row.getPosition(), all);
        });
    }

    private List<UUID> ofTier(UUID edition, UUID tier) {
        return db.select(EDITION_BUILD.BUILD_ID)
                .from(EDITION_BUILD)
                .where(EDITION_BUILD.EDITION_ID.eq(edition), EDITION_BUILD.TIER_ID.eq(tier))
                .orderBy(EDITION_BUILD.POSITION)
                .fetch(EDITION_BUILD.BUILD_ID);
    }

    /** A number that changes with anything in the tier. */
    public int stamp(UUID edition, EditionTierRecord row) {
        return stamp(
                row.getVersion(),
                ofTier(edition, row.getTierId()).stream()
                        .map(b -> builds.stamp(builds.forUpdate(edition, b).orElseThrow()))
                        .toList());
    }

    public static int stamp(int frame, List<Integer> builds) {
        return BuildRows.stamp(frame, builds);
    }

    /** Brings a tier in, with its builds. */
    public void add(UUID edition, UUID tier, TierState state) {
        var guide = db.select(EDITION.GUIDE_ID)
                .from(EDITION)
                .where(EDITION.ID.eq(edition))
                .fetchSingle(EDITION.GUIDE_ID);
        db.insertInto(TIER)
                .set(TIER.ID, tier)
                .set(TIER.GUIDE_ID, guide)
                .onConflictDoNothing()
                .execute();
        var row = db.newRecord(EDITION_TIER);
        row.setEditionId(edition);
        row.setTierId(tier);
        row.setPosition(state.position());
        TierRows.fill(row, state.form());
        row.setVersion(1);
        row.insert();
        state.builds().forEach((id, build) -> builds.add(edition, id, build));
        var order = new java.util.ArrayList<>(order(edition).tiers());
        order.remove(tier);
        order.add(Math.min(state.position(), order.size()), tier);
        order(edition, new TierOrder(order));
    }

    /** Takes a tier out, with its builds; an edition keeps one, and what others follow stays. */
    public void remove(UUID edition, UUID tier) {
        RuleBroken.unless(order(edition).tiers().size() > 1, "An edition keeps at least one tier.");
        builds.removeAll(edition, ofTier(edition, tier));
        db.deleteFrom(EDITION_TIER)
                .where(EDITION_TIER.EDITION_ID.eq(edition), EDITION_TIER.TIER_ID.eq(tier))
                .execute();
        order(edition, order(edition));
    }

    public TierOrder order(UUID edition) {
        return new TierOrder(db.select(EDITION_TIER.TIER_ID)
                .from(EDITION_TIER)
                .where(EDITION_TIER.EDITION_ID.eq(edition))
                .orderBy(EDITION_TIER.POSITION, EDITION_TIER.TIER_ID)
                .fetch(EDITION_TIER.TIER_ID));
    }

    public void order(UUID edition, TierOrder order) {
        for (int i = 0; i < order.tiers().size(); i++) {
            db.update(EDITION_TIER)
                    .set(EDITION_TIER.POSITION, i)
                    .where(
                            EDITION_TIER.EDITION_ID.eq(edition),
                            EDITION_TIER.TIER_ID.eq(order.tiers().get(i)),
                            EDITION_TIER.POSITION.ne(i))
                    .execute();
        }
    }
}
