package lowfield.core.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lowfield.core.Text;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.find.CandidateImpact;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.part.Replacement;

/**
 * An upgrade against simply taking the next tier: where the upgraded build costs as much as that tier's main build, which of
 * them is better at what.
 *
 * @param by how much less the next tier's main build costs; below zero where it costs a little more
 * @param ahead in which figures the next tier is ahead of the upgraded build
 * @param behind in which it is behind
 */
public record NextTier(String name, Money by, List<String> ahead, List<String> behind) {
    /** Totals this close (in thousandths) are as good as one. */
    private static final int CLOSE_PERMILLE = 20;

    private static final Set<Slot> DECIDING =
            Set.of(Slot.GRAPHICS_CARD, Slot.PROCESSOR, Slot.MEMORY, Slot.SYSTEM_DRIVE);

    /** Absent where there is no next tier, a total is not known, or the upgraded build costs clearly less. */
    public static Optional<NextTier> of(EvaluatedEdition edition, EvaluatedEdition.Place at, CandidateImpact impact) {
        var tiers = edition.tiers();
        var next = tiers.indexOf(at.tier()) + 1;
        if (next == 0 || next >= tiers.size()) {
            return Optional.empty();
        }
        var upper = tiers.get(next);
        var total = impact.total().total().known();
        var theirs = upper.lead().total().total().known();
        return total.flatMap(mine -> theirs.filter(t -> mine.minor() * 1000 >= t.minor() * (1000L - CLOSE_PERMILLE))
                .map(t -> compared(upper, mine.minus(t), at, impact)));
    }

    private static NextTier compared(EvaluatedTier upper, Money by, EvaluatedEdition.Place at, CandidateImpact impact) {
        var ahead = new ArrayList<String>();
        var behind = new ArrayList<String>();
        for (var line : at.build().lines()) {
            if (DECIDING.contains(line.slot()) && line.line().counted()) {
                var here = line.id().equals(at.line().id())
                        ? Optional.of(impact.part())
                        : line.choice().part();
                here.flatMap(h -> there(upper, line, h).map(t -> Replacement.of(h, t)))
                        .ifPresent(exchange -> {
                            var slot = " (" + Text.inSentence(line.slot().label()) + ")";
                            exchange.gains().forEach(g -> ahead.add(g + slot));
                            exchange.losses().forEach(l -> behind.add(l + slot));
                        });
            }
        }
        return new NextTier(upper.name(), by, List.copyOf(ahead), List.copyOf(behind));
    }

    private static Optional<Part> there(EvaluatedTier upper, EvaluatedLine line, Part here) {
        return upper.lead().lines().stream()
                .filter(l -> l.slot() == line.slot())
                .flatMap(l -> l.choice().part().stream())
                .filter(p -> p.kind() == here.kind())
                .findFirst();
    }

    /** "Mate costs 12.00 EUR less and has 16 GB instead of 12 GB (graphics card); it is behind in nothing of weight." */
    public String said() {
        var cost = by.minor() == 0
                ? "costs the same"
                : "costs " + (by.isNegative() ? by.times(-1) + " more" : by + " less");
        return "%s, the next tier, %s%s%s."
                .formatted(
                        name,
                        cost,
                        ahead.isEmpty()
                                ? " and is ahead in no figure of weight"
                                : " and has " + String.join(", ", ahead),
                        behind.isEmpty() ? "" : "; against that it has " + String.join(", ", behind));
    }
}
