package lowfield.core.proofreading.sources;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.fact.Fact;
import lowfield.core.fact.FactRegistry;
import lowfield.core.fact.FactValue;
import lowfield.core.guide.Choice;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.names.NameIndex;
import lowfield.core.total.LinePrice;

/**
 * What a line's reason is held against: its choice, its alternatives and upgrades, the same slot in the neighbouring tiers and
 * in the last edition, the rest of the build, and the parts that the text names beside. A price that may not be printed is
 * left out, so that nobody is shown it as the right one.
 */
public final class LineProof {
    /** What the guide is written in, and the parts on file. */
    public record Ground(Locale locale, Currency currency, NameIndex names, Function<UUID, Optional<Part>> parts) {}

    private static final String PART = "part:";

    private final EvaluatedEdition edition;
    private final EvaluatedEdition.Place at;
    private final Ground ground;
    private final ProofContext.Parts parts = new ProofContext.Parts();
    private final List<ProofContext.Tier> tiers = new ArrayList<>();

    private LineProof(EvaluatedEdition edition, EvaluatedEdition.Place at, Ground ground) {
        this.edition = edition;
        this.at = at;
        this.ground = ground;
    }

    public static ProofContext of(EvaluatedEdition edition, EvaluatedEdition.Place at, String text, Ground ground) {
        return new LineProof(edition, at, ground).context(text);
    }

    private ProofContext context(String text) {
        var line = at.line();
        line.choice().part().ifPresent(p -> parts.add(Subject.Role.CHOICE, p, told(line.price())));
        if (line.choice() instanceof Choice.VettedSet set) {
            set.members().forEach(m -> parts.add(Subject.Role.OPTION, m, price(m)));
        }
        at.build()
                .options(line.id())
                .forEach(o -> parts.add(
                        Subject.Role.OPTION, o.impact().part(), told(o.impact().price())));
        neighbours();
        named(text);
        last();
        at.build().lines().stream()
                .filter(l -> l.slot() != line.slot())
                .forEach(l -> l.choice().part().ifPresent(p -> parts.add(Subject.Role.ELSEWHERE, p, told(l.price()))));
        ground.names().in(text).forEach(p -> parts.add(Subject.Role.NAMED, p, price(p)));
        return new ProofContext(
                ground.locale(),
                ground.currency(),
                parts.all(),
                Stream.concat(facts(), spare()).toList(),
                tiers,
                ground.names());
    }

    private void neighbours() {
        var all = edition.tiers();
        var own = all.indexOf(at.tier());
        for (int i = Math.max(0, own - 1); i <= Math.min(all.size() - 1, own + 1); i++) {
            neighbour(all.get(i), i == own ? at.build() : all.get(i).lead());
        }
        if (at.tier().lead() != at.build()) {
            same(at.tier().lead())
                    .ifPresent(l ->
                            l.choice().part().ifPresent(p -> parts.add(Subject.Role.NEIGHBOUR, p, told(l.price()))));
        }
    }

    /** What stands in the slot in tiers further away that the text names. */
    private void named(String text) {
        edition.tiers().stream()
                .filter(t -> tiers.stream().noneMatch(n -> n.name().equals(t.name())) && text.contains(t.name()))
                .forEach(t -> neighbour(t, t.lead()));
    }

    private void neighbour(EvaluatedTier tier, EvaluatedBuild build) {
        var there = same(build);
        var part = there.flatMap(l -> l.choice().part());
        part.ifPresent(
                p -> parts.add(Subject.Role.NEIGHBOUR, p, told(there.get().price())));
        tiers.add(new ProofContext.Tier(tier.name(), part));
    }

    private Optional<EvaluatedLine> same(EvaluatedBuild build) {
        return build.lines().stream().filter(l -> l.slot() == at.line().slot()).findFirst();
    }

    private void last() {
        at.build()
                .plan()
                .last()
                .flatMap(l -> Optional.ofNullable(l.lines().get(at.line().id())))
                .ifPresent(was -> Optional.of(was.key())
                        .filter(k -> k.startsWith(PART))
                        .flatMap(k -> ground.parts().apply(UUID.fromString(k.substring(PART.length()))))
                        .ifPresent(p -> parts.add(Subject.Role.LAST, p, was.price())));
    }

    private static Optional<Money> told(LinePrice price) {
        return price.isWithheld() ? Optional.empty() : price.ownGoods();
    }

    /** What another part would cost on this line. */
    private Optional<Money> price(Part part) {
        var line = at.line().line().with(new Choice.Chosen(part));
        var prices = at.build().lists().of(at.line().id()).counted();
        return told(LinePrice.of(line, prices, Money.zero(ground.currency()), Optional.empty()));
    }

    private Stream<KnownFigure> spare() {
        var present = at.build().lines().stream()
                .flatMap(l -> l.choice().figures().stream())
                .toList();
        var watts = at.build().peak().watts().value();
        return SpareRoom.of(present, watts.isPresent() ? OptionalInt.of(watts.get()) : OptionalInt.empty()).stream();
    }

    /** The sums and shares among the facts of the line; what its part has and costs is told by the part itself. */
    private Stream<KnownFigure> facts() {
        return FactRegistry.of(edition, at).values().stream()
                .filter(f -> !f.path().startsWith("spec."))
                .flatMap(f -> figure(f).stream());
    }

    private static Optional<KnownFigure> figure(Fact fact) {
        var isDifference = fact.path().endsWith(".more") || fact.path().endsWith(".less");
        var use = isDifference ? KnownFigure.Use.DIFFERENCE : KnownFigure.Use.BUILD;
        if (fact.value() instanceof FactValue.Sum sum) {
            return Optional.of(new KnownFigure(
                    Dimension.MONEY,
                    BigDecimal.valueOf(sum.sum().minor()),
                    fact.label(),
                    sum.sum().toString(),
                    use,
                    Optional.of(fact.path())));
        }
        if (fact.value() instanceof FactValue.Share share) {
            var percent = BigDecimal.valueOf(share.permille(), 1);
            return Optional.of(new KnownFigure(
                    Dimension.PERCENT,
                    percent,
                    fact.label(),
                    percent.stripTrailingZeros().toPlainString() + "%",
                    use,
                    Optional.of(fact.path())));
        }
        return fact.value() instanceof FactValue.Words words && fact.path().equals("peak")
                ? Optional.of(new KnownFigure(
                        Dimension.POWER,
                        new BigDecimal(words.words().replaceAll("\\D", "")),
                        fact.label(),
                        words.words(),
                        use,
                        Optional.of(fact.path())))
                : Optional.empty();
    }
}
