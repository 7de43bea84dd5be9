package lowfield.server.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows builds beside each other: the ladder, and how far a choice that others follow would reach. */
@Service
public class Ladders {
    private final Workbench workbench;

    Ladders(Workbench workbench) {
        this.workbench = workbench;
    }

    /** What a part on a line would do in each build that follows it, near or far. */
    @Transactional(readOnly = true)
    public List<Views.ReachView> reach(UUID edition, UUID line, UUID part) {
        var sheets = workbench.sheets(edition);
        var chosen = workbench.part(part);
        var following = sheets.following();
        return sheets.tiers().stream()
                .flatMap(t -> t.builds().stream())
                .flatMap(b -> b.lines().stream())
                .map(each -> each.line().id())
                .filter(each -> following.leadsTo(each, line))
                .map(each -> reached(sheets, sheets.place(each).orElseThrow(), chosen))
                .toList();
    }

    private Views.ReachView reached(Sheets sheets, Sheets.Place at, Part part) {
        var prospect =
                workbench.prospects(sheets, at.tier(), at.build(), at.line()).of(part);
        return new Views.ReachView(
                Shown.where(sheets, at.line().line().id()).orElseThrow(),
                Shown.sum(prospect.total().total()),
                Shown.standing(prospect.state()),
                Shown.minor(prospect.trueDifference()),
                Shown.trouble(prospect));
    }

    /** All builds of the edition beside each other, slots down. */
    @Transactional(readOnly = true)
    public Views.LadderView ladder(UUID edition) {
        var sheets = workbench.sheets(edition);
        var columns = new ArrayList<Views.ColumnView>();
        var left = Optional.<Sheets.OfBuild>empty();
        for (var tier : sheets.tiers()) {
            for (var build : tier.builds()) {
                columns.add(column(sheets, tier, build, left));
                left = Optional.of(build);
            }
        }
        var slots = Arrays.stream(Slot.values())
                .filter(s -> columns.stream().anyMatch(c -> c.rungs().stream().anyMatch(r -> r.slot() == s)))
                .map(s -> new Views.SlotView(s, s.label(), s.kind()))
                .toList();
        return new Views.LadderView(sheets.guide(), sheets.edition(), slots, columns);
    }

    private static Views.ColumnView column(
            Sheets sheets, Sheets.OfTier tier, Sheets.OfBuild build, Optional<Sheets.OfBuild> left) {
        var rungs = build.lines().stream()
                .map(l -> new Views.RungView(
                        l.line().id(),
                        l.version(),
                        l.line().slot(),
                        l.state().choice(),
                        l.line().choice().label(),
                        Shown.sum(l.price().goods()),
                        l.line().counted(),
                        left.stream()
                                .flatMap(b -> b.build().filled(l.line().slot()).stream())
                                .anyMatch(o -> o.choice()
                                                .key()
                                                .equals(l.line().choice().key())
                                        && o.quantity() == l.line().quantity()),
                        Shown.follows(sheets, l).orElse(null)))
                .toList();
        var step =
                left.flatMap(b -> build.total().total().minus(b.total().total()).known());
        return new Views.ColumnView(
                Shown.card(tier, build),
                step.map(Money::minor).orElse(null),
                (int) rungs.stream().filter(r -> !r.runsOn()).count(),
                rungs,
                Tallies.summary(build));
    }
}
