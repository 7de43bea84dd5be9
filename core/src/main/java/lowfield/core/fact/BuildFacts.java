package lowfield.core.fact;

import java.util.Optional;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.total.BandState;
import lowfield.core.total.LinePrice;

/** A line's build: its totals, and how it stands against its neighbours. */
final class BuildFacts {
    private final EvaluatedEdition edition;
    private final EvaluatedTier tier;
    private final EvaluatedBuild build;
    private final EvaluatedLine line;
    private final FactList facts;

    BuildFacts(EvaluatedEdition edition, EvaluatedEdition.Place at, FactList facts) {
        this.edition = edition;
        this.tier = at.tier();
        this.build = at.build();
        this.line = at.line();
        this.facts = facts;
    }

    void build() {
        facts.add("tier", "this tier", new FactValue.Words(tier.nameOf(build.id())));
        facts.add("total", "the total", FactList.total(build));
        facts.against("total.change", "the total against the last edition", FactList.change(build));
        facts.add("left", "what is left in the band", left());
        facts.add("over", "what it is over its band by", over());
        facts.add("platform", "CPU, cooler and motherboard together", FactList.platform(build));
        facts.add("peak", "sustained peak", FactList.peak(build));
    }

    private FactValue left() {
        if (FactList.hides(build)) {
            return new FactValue.Withheld();
        }
        return build.state() instanceof BandState.Inside inside
                ? new FactValue.Sum(inside.left())
                : FactList.notKnown("the total is not inside its band");
    }

    private FactValue over() {
        if (FactList.hides(build)) {
            return new FactValue.Withheld();
        }
        return build.state() instanceof BandState.Over over
                ? new FactValue.Sum(over.by())
                : FactList.notKnown("the total is not over its band");
    }

    void neighbours() {
        var tiers = edition.tiers();
        var at = tiers.indexOf(tier);
        neighbour(
                "below",
                "the tier below",
                at > 0 ? Optional.of(tiers.get(at - 1).lead()) : Optional.empty());
        neighbour(
                "above",
                "the tier above",
                at + 1 < tiers.size() ? Optional.of(tiers.get(at + 1).lead()) : Optional.empty());
        if (tier.lead() != build) {
            neighbour("main", "the main build", Optional.of(tier.lead()));
        }
    }

    private void neighbour(String path, String name, Optional<EvaluatedBuild> other) {
        if (other.isEmpty()) {
            return;
        }
        var there = other.get();
        facts.add(
                path + ".name",
                name,
                new FactValue.Words(edition.tierOf(there.id())
                        .map(t -> t.nameOf(there.id()))
                        .orElse("")));
        facts.add(path + ".total", "total of " + name, FactList.total(there));
        facts.against(path + ".total", "this total against " + name, totals(there));
        there.lines().stream().filter(l -> l.slot() == line.slot()).findFirst().ifPresent(same -> {
            facts.add(
                    path + ".part",
                    "the choice in " + name,
                    new FactValue.Words(same.choice().label()));
            facts.add(path + ".price", "its price in " + name, FactList.sum(same.price()));
            facts.against(path, "this price against " + name, difference(line.price(), same.price()));
        });
    }

    private Difference totals(EvaluatedBuild there) {
        var other = there.total().total().known();
        return new Difference(
                build.total().total().known().flatMap(mine -> other.map(mine::minus)),
                FactList.hides(build) || FactList.hides(there),
                "a price is missing");
    }

    private static Difference difference(LinePrice mine, LinePrice other) {
        var there = other.ownGoods();
        return new Difference(
                mine.ownGoods().flatMap(m -> there.map(m::minus)),
                mine.isWithheld() || other.isWithheld(),
                "a price is missing, or included in a package");
    }
}
