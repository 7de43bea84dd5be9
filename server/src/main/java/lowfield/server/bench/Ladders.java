package lowfield.server.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.edition.Option;
import lowfield.core.guide.Slot;
import lowfield.core.ladder.LadderStep;
import lowfield.core.ladder.LadderWarning;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.server.catalogue.Parts;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows builds beside each other: the ladder, and how far a choice that others follow would reach. */
@Service
public class Ladders {
    private final EditionLoader editions;
    private final Parts parts;

    Ladders(EditionLoader editions, Parts parts) {
        this.editions = editions;
        this.parts = parts;
    }

    /** What a part on a line would do in each build that follows it, near or far. */
    @Transactional(readOnly = true)
    public List<Views.ReachView> reach(UUID edition, UUID line, UUID part) {
        var evaluated = editions.load(edition).evaluated();
        var chosen = parts.catalogue().part(part);
        var following = evaluated.following();
        return evaluated
                .places()
                .filter(at -> following.leadsTo(at.line().id(), line))
                .map(at -> reached(evaluated, at, chosen))
                .toList();
    }

    private static Views.ReachView reached(EvaluatedEdition edition, EvaluatedEdition.Place at, Part part) {
        var impact = at.build().impacts(at.line().id()).of(part);
        return new Views.ReachView(
                ViewMaker.where(edition, at.line().id()).orElseThrow(),
                ViewMaker.sum(impact.total().total()),
                ViewMaker.standing(impact.state()),
                ViewMaker.minor(impact.trueDifference()),
                ViewMaker.trouble(impact));
    }

    /** All builds of the edition beside each other, slots down. */
    @Transactional(readOnly = true)
    public LadderViews.LadderView ladder(UUID edition) {
        var loaded = editions.load(edition);
        var columns = new ArrayList<LadderViews.ColumnView>();
        var left = Optional.<EvaluatedBuild>empty();
        for (var tier : loaded.tiers()) {
            for (var build : tier.builds()) {
                columns.add(column(loaded, tier, build, left));
                left = Optional.of(build);
            }
        }
        var slots = Arrays.stream(Slot.values())
                .filter(s -> columns.stream().anyMatch(c -> c.rungs().stream().anyMatch(r -> r.slot() == s)))
                .map(s -> new Views.SlotView(s, s.label(), s.kind()))
                .toList();
        return new LadderViews.LadderView(
                loaded.guide(),
                loaded.edition(),
                slots,
                columns,
                LadderWarning.steps(loaded.evaluated()).stream()
                        .map(LadderStep::said)
                        .toList(),
                LadderWarning.of(loaded.evaluated()).stream()
                        .map(LadderWarning::sentence)
                        .toList());
    }

    private static LadderViews.ColumnView column(
            LoadedEdition edition, EvaluatedTier tier, EvaluatedBuild build, Optional<EvaluatedBuild> left) {
        var rungs = build.lines().stream()
                .map(l -> new LadderViews.RungView(
                        l.line().id(),
                        edition.version(l),
                        l.line().slot(),
                        edition.state(l).choice(),
                        l.line().choice().label(),
                        ViewMaker.sum(l.price().goods()),
                        l.line().counted(),
                        left.stream()
                                .flatMap(b -> b.build().filled(l.line().slot()).stream())
                                .anyMatch(o -> o.choice()
                                                .key()
                                                .equals(l.line().choice().key())
                                        && o.quantity() == l.line().quantity()),
                        ViewMaker.follows(edition.evaluated(), l).orElse(null),
                        l.plan().options().stream()
                                .filter(o -> o.purpose() == Option.Purpose.EITHER)
                                .map(o -> o.part().fullName())
                                .findFirst()
                                .orElse(null)))
                .toList();
        var step =
                left.flatMap(b -> build.total().total().since(b.total().total()).likeliest());
        return new LadderViews.ColumnView(
                ViewMaker.card(edition, tier, build),
                step.map(Money::minor).orElse(null),
                (int) rungs.stream().filter(r -> !r.runsOn()).count(),
                rungs,
                Tallies.summary(build));
    }
}
