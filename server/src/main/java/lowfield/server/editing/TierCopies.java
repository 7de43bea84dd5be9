package lowfield.server.editing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Following;
import lowfield.core.guide.Slot;
import lowfield.server.accounts.Person;
import lowfield.server.edition.BuildRows;
import lowfield.server.edition.BuildState;
import lowfield.server.edition.LineRows;
import lowfield.server.edition.LineRows.StoredLine;
import lowfield.server.edition.LineState;
import lowfield.server.edition.TierBlocks;
import lowfield.server.edition.TierState;
import lowfield.server.edition.VariantState;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.TierForm;
import lowfield.server.platform.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** New tiers from builds that are there: as a copy, as a follower, or as a tier of an older edition once more. */
@Service
public class TierCopies {
    private static final int MOST_TIERS = 12;

    private final TierBlocks blocks;
    private final BuildRows builds;
    private final LineRows lines;
    private final Journal journal;
    private final Editions editions;

    TierCopies(TierBlocks blocks, BuildRows builds, LineRows lines, Journal journal, Editions editions) {
        this.blocks = blocks;
        this.builds = builds;
        this.lines = lines;
        this.journal = journal;
        this.editions = editions;
    }

    /** How a new tier takes what another build has. */
    public enum How {
        /** As it stands now; each goes its own way from here. */
        COPY,
        /** Line by line, for as long as the new one does not differ. */
        FOLLOW
    }

    /** From which build, in which edition of the guide, and how. */
    public record Source(UUID edition, UUID build, How how) {}

    /** A further tier whose main build has the lines of another; returns its id. */
    @Transactional
    public UUID add(GuideInfo guide, UUID edition, TierForm form, Source source, Person by) {
        editions.forReshaping(edition);
        form.check(guide.money());
        checkOfGuide(guide, source.edition());
        RuleBroken.unless(
                source.how() == How.COPY || source.edition().equals(edition),
                "A build of another edition can be copied, not followed; what is published does not change.");
        var build = UUID.randomUUID();
        var tier = UUID.randomUUID();
        var copies = new HashMap<UUID, UUID>();
        var own = taken(source, build, copies);
        var main = frame(source, copies);
        var state = new VariantState(tier, main, own, List.of());
        return added(edition, tier, form, Map.of(build, state), ": tier added", by);
    }

    /** The other offers that the build admits, so that its lines find the prices that they had, and what stands beside them. */
    private BuildState frame(Source source, Map<UUID, UUID> copies) {
        return editions.plan(source.edition()).tiers().stream()
                .flatMap(t -> t.builds().stream())
                .filter(b -> b.id().equals(source.build()))
                .findFirst()
                .map(b -> new BuildState(
                        "main build", 0, "", b.policy(), b.beside().onto(copies::get)))
                .orElseGet(() -> new BuildState("main build", 0, "", null, null));
    }

    private SortedMap<UUID, LineState> taken(Source source, UUID build, Map<UUID, UUID> copies) {
        var all = lines.of(source.edition());
        var from = all.get(source.build());
        if (from == null) {
            throw new NotFound("There is no such build in that edition.");
        }
        var byId = byId(all);
        var following = lines.following(source.edition());
        var own = new TreeMap<UUID, LineState>();
        for (var row : from) {
            var line = source.how() == How.FOLLOW
                    ? row.state().followedFrom(build, row.id())
                    : effective(row, following, byId).alone(build);
            copies.put(row.id(), UUID.randomUUID());
            own.put(copies.get(row.id()), line);
        }
        return own;
    }

    private static Map<UUID, StoredLine> byId(Map<UUID, List<StoredLine>> all) {
        return all.values().stream()
                .flatMap(List::stream)
                .collect(Collectors.toMap(StoredLine::id, Function.identity()));
    }

    private static LineState effective(StoredLine row, Following following, Map<UUID, StoredLine> all) {
        return row.following(all.get(following.source(row.id()))).state();
    }

    /**
     * A tier of an older edition with all its builds, as they stood there; it goes on as the same tier, with its history. What
     * followed a build of another tier stands alone.
     */
    @Transactional
    public UUID reopen(GuideInfo guide, UUID edition, UUID older, UUID tier, Person by) {
        editions.forReshaping(edition);
        checkOfGuide(guide, older);
        RuleBroken.unless(
                !blocks.order(edition).tiers().contains(tier), "This tier is in the edition already; edit it there.");
        var then = blocks.read(older, tier).orElseThrow(() -> new NotFound("There is no such tier in that edition."));
        var all = byId(lines.of(older));
        var following = lines.following(older);
        var inside = then.builds().values().stream()
                .flatMap(b -> b.lines().keySet().stream())
                .collect(Collectors.toSet());
        var now = new HashMap<UUID, VariantState>();
        then.builds().forEach((id, build) -> {
            var own = new TreeMap<UUID, LineState>();
            build.lines().forEach((line, state) -> {
                var follows = state.follows();
                own.put(
                        line,
                        follows == null || inside.contains(follows)
                                ? state
                                : effective(all.get(line), following, all).alone(id));
            });
            now.put(id, new VariantState(tier, build.build(), own, build.answers()));
        });
        return added(edition, tier, then.form(), now, ": tier reopened", by);
    }

    private UUID added(UUID edition, UUID tier, TierForm form, Map<UUID, VariantState> builds, String what, Person by) {
        var position = blocks.order(edition).tiers().size();
        RuleBroken.unless(position < MOST_TIERS, "An edition has 1 to %d tiers.", MOST_TIERS);
        var state = new TierState(form, position, new TreeMap<>(builds));
        blocks.add(edition, tier, state);
        journal.record(
                new Journal.Entry(edition, null, Target.WHOLE_TIER, tier, form.name() + what, null, state), by, false);
        return tier;
    }

    private void checkOfGuide(GuideInfo guide, UUID edition) {
        if (!editions.byId(edition).guide().equals(guide.id())) {
            throw new NotFound("This guide has no such edition.");
        }
    }

    /** Where a variant was made in some tiers at once, and which tiers were passed over, with the reason. */
    public record Spread(List<UUID> builds, List<String> passedOver) {}

    /**
     * The same variant in every other tier: it follows its tier's main build, but for the slots in which the pattern differs
     * from its own, which follow the pattern.
     */
    @Transactional
    public Spread spread(UUID edition, UUID pattern, Person by) {
        editions.forReshaping(edition);
        var like = builds.variant(edition, pattern)
                .orElseThrow(() -> new NotFound("There is no such build in this edition."));
        RuleBroken.unless(like.build().position() > 0, "Choose a variant; every tier has a main build of its own.");
        var differing = like.lines().entrySet().stream()
                .filter(l -> l.getValue().follows() == null)
                .collect(Collectors.toMap(
                        l -> l.getValue().slot(), Map.Entry::getKey, (first, second) -> first, TreeMap::new));
        RuleBroken.unless(
                !differing.isEmpty(), "%s differs nowhere yet.", like.build().name());
        var made = new ArrayList<UUID>();
        var passedOver = new ArrayList<String>();
        for (var tier : editions.plan(edition).tiers()) {
            if (tier.id().equals(like.tier())) {
                continue;
            }
            if (tier.builds().stream()
                    .anyMatch(b -> b.name().equals(like.build().name()))) {
                passedOver.add(tier.form().name() + " has one of this name already");
            } else if (tier.builds().size() >= Variants.MOST) {
                passedOver.add(tier.form().name() + " has " + Variants.MOST + " builds already");
            } else {
                made.add(variant(
                        edition,
                        tier.id(),
                        tier.builds().get(0).id(),
                        tier.builds().size(),
                        like,
                        differing,
                        by));
            }
        }
        return new Spread(made, passedOver);
    }

    private UUID variant(
            UUID edition, UUID tier, UUID main, int position, VariantState like, Map<Slot, UUID> differing, Person by) {
        var build = UUID.randomUUID();
        var own = new TreeMap<UUID, LineState>();
        var copies = new HashMap<UUID, UUID>();
        for (var row : lines.of(edition).getOrDefault(main, List.of())) {
            var source = differing.getOrDefault(row.state().slot(), row.id());
            var copy = UUID.randomUUID();
            own.put(copy, row.state().followedFrom(build, source));
            if (source.equals(row.id())) {
                copies.put(row.id(), copy);
            }
        }
        differing.forEach((slot, line) -> {
            if (own.values().stream().noneMatch(l -> l.slot() == slot)) {
                own.put(UUID.randomUUID(), like.lines().get(line).followedFrom(build, line));
            }
        });
        var state = new VariantState(
                tier,
                new BuildState(
                        like.build().name(),
                        position,
                        "",
                        like.build().policy(),
                        BuildRows.state(builds.forUpdate(edition, main).orElseThrow())
                                .extrasOnto(copies)),
                own,
                List.of());
        builds.add(edition, build, state);
        journal.record(
                new Journal.Entry(
                        edition, build, Target.VARIANT, build, state.build().name() + ": variant made", null, state),
                by,
                false);
        return build;
    }
}
