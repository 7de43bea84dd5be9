package lowfield.server.editing;

import java.util.ArrayList;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Person;
import lowfield.server.edition.TierBlocks;
import lowfield.server.edition.TierOrder;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.guide.TierForm;
import lowfield.server.guide.TierRows;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Edits of whole tiers, each one command of the journal: they come, change, change places and go. */
@Service
public class Tiers {
    private final TierRows tiers;
    private final TierBlocks blocks;
    private final Targets targets;
    private final Journal journal;
    private final Editions editions;
    private final Guides guides;

    Tiers(TierRows tiers, TierBlocks blocks, Targets targets, Journal journal, Editions editions, Guides guides) {
        this.tiers = tiers;
        this.blocks = blocks;
        this.targets = targets;
        this.journal = journal;
        this.editions = editions;
        this.guides = guides;
    }

    /** A further tier with a main build of empty slots; returns its id. */
    @Transactional
    public UUID add(GuideInfo guide, UUID edition, TierForm form, Person by) {
        var tier = editions.addTier(guide, edition, form);
        var after = blocks.read(edition, tier).orElseThrow();
        journal.record(entry(edition, Target.WHOLE_TIER, tier, form.name() + ": tier added", null, after), by, false);
        return tier;
    }

    /** Changes what is said of a tier. */
    @Transactional
    public void edit(UUID edition, UUID tier, TierForm form, int expected, Person by) {
        var info = editions.forReshaping(edition);
        form.band().band(guides.byId(info.guide()).money());
        var row = tiers.forUpdate(edition, tier).orElseThrow(() -> new NotFound("There is no such tier."));
        var before = TierRows.form(row);
        if (row.getVersion() != expected) {
            throw new Stale("The tier was changed meanwhile.", before, form, row.getVersion());
        }
        targets.writeTier(edition, tier, form);
        journal.record(entry(edition, Target.TIER, tier, form.name() + ": tier", before, form), by, false);
    }

    /** Takes a tier out with its builds, as it was read at the expected stamp. */
    @Transactional
    public void remove(UUID edition, UUID tier, int expected, Person by) {
        editions.forReshaping(edition);
        var row = tiers.forUpdate(edition, tier).orElseThrow(() -> new NotFound("This tier is gone already."));
        var now = blocks.stamp(edition, row);
        if (now != expected) {
            throw new Stale("This tier was changed meanwhile; it was not removed.", TierRows.form(row), "removed", now);
        }
        var before = blocks.read(edition, tier).orElseThrow();
        blocks.remove(edition, tier);
        journal.record(
                entry(edition, Target.WHOLE_TIER, tier, row.getName() + ": tier removed", before, null), by, false);
    }

    /** Puts a tier at another place, from 0 on, as its form was read at the expected version. */
    @Transactional
    public void move(UUID edition, UUID tier, int to, int expected, Person by) {
        editions.forReshaping(edition);
        var row = tiers.forUpdate(edition, tier).orElseThrow(() -> new NotFound("This tier is gone already."));
        if (row.getVersion() != expected) {
            throw new Stale("The tier was changed meanwhile.", TierRows.form(row), "moved", row.getVersion());
        }
        var before = blocks.order(edition);
        RuleBroken.unless(
                to >= 0 && to < before.tiers().size(),
                "There are %d places.",
                before.tiers().size());
        var order = new ArrayList<>(before.tiers());
        order.remove(tier);
        order.add(to, tier);
        var after = new TierOrder(order);
        blocks.order(edition, after);
        journal.record(
                entry(edition, Target.TIER_ORDER, edition, row.getName() + ": tier moved", before, after), by, false);
    }

    private static Journal.Entry entry(
            UUID edition,
            Target target,
            UUID id,
            String label,
            @org.jspecify.annotations.Nullable Object before,
            @org.jspecify.annotations.Nullable Object after) {
        return new Journal.Entry(edition, null, target, id, label, before, after);
    }
}
