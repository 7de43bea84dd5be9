package lowfield.core.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import lowfield.core.check.FigureRef;
import lowfield.core.check.Finding;
import lowfield.core.check.rules.Checks;
import lowfield.core.check.rules.PackageMembers;
import lowfield.core.check.rules.SetMembers;
import lowfield.core.guide.Band;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.total.BandState;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PackagePrices;

/**
 * Works out what each of many parts would do on one line of one build, alone and with what it forces. A clash that other
 * parts would mend makes the candidate dearer instead of unfit: the cheapest set of changes that mends it is found, and kept
 * for other candidates that look the same to every check that decides.
 */
public final class CandidateImpacts {
    /** How many checks the searches for all candidates of a line may run together: of a large catalogue each may run fewer. */
    private static final int CHECKS_FOR_ALL = 500_000;

    private static final int MOST_CHECKS = 20_000;
    private static final int LEAST_CHECKS = 60;

    private final Ground ground;
    private final UUID line;
    private final boolean isUnfinished;
    private final Map<List<Object>, ForcedChanges.Chain> chains = new ConcurrentHashMap<>();
    private final List<FigureRef<?, ?>> read;
    private final LikeParts alike;
    private final int mostChecks;

    /**
     * The build as it stands: its findings, what each line costs alone, in order, its packages, its total, how a line is
     * priced, what one piece of a part costs in minor units, the parts of a kind that can be bought, cheapest first, and whether anyone can
     * buy a part for a line today.
     */
    public record Ground(
            Build build,
            List<Finding> findings,
            List<LinePrice> own,
            PackagePrices packages,
            CountedTotal total,
            Band band,
            Function<Line, LinePrice> pricing,
            ToLongFunction<Part> pieces,
            Function<Kind, List<Part>> forSale,
            BiPredicate<Line, Part> isAvailable) {
        /** The same with one more line, on which nothing is chosen yet. */
        public Ground with(Line empty) {
            var prices = new ArrayList<>(own);
            prices.add(pricing.apply(empty));
            return new Ground(
                    build.adding(empty),
                    findings,
                    prices,
                    packages,
                    total,
                    band,
                    pricing,
                    pieces,
                    forSale,
                    isAvailable);
        }
    }

    public CandidateImpacts(Ground ground, UUID line) {
        this.ground = ground;
        this.line = line;
        this.alike = new LikeParts(ground.forSale(), this::goods, this::sold);
        var own = line().slot();
        var candidates = Math.max(1, ground.forSale().apply(own.kind()).size());
        this.mostChecks = Math.max(LEAST_CHECKS, Math.min(MOST_CHECKS, CHECKS_FOR_ALL / candidates));
        this.read = Checks.deciding(own.kind());
        this.isUnfinished = Arrays.stream(Slot.values())
                .anyMatch(
                        s -> s.needed() && s != own && ground.build().filled(s).isEmpty());
    }

    /** Whether other slots than the line's own are still to be filled, so that a total under the band says nothing yet. */
    boolean isUnfinished() {
        return isUnfinished;
    }

    Ground ground() {
        return ground;
    }

    Line line() {
        return ground.build().line(line).orElseThrow();
    }

    /** What taking the part would do, in full. */
    public CandidateImpact of(Part part) {
        var outcome = outcome(part);
        var price = price(part);
        var total = total(price, outcome.forcedPrices());
        var state = BandState.of(total.total(), ground.band());
        return new CandidateImpact(
                part,
                price,
                outcome.forced(),
                total,
                state,
                total.total().since(ground.total().total()),
                beside(outcome.alone(), outcome.build()),
                beside(outcome.withForced(), outcome.forcedBuild()),
                outcome.isTooLong(),
                outline(outcome).group(total.total(), state, isUnfinished));
    }

    /** An impact with what is new about vetted sets, whose members the changed build may not suit, and about packages. */
    private Impact beside(Impact impact, Build after) {
        var packages = Impact.between(ground.findings(), PackageMembers.on(after, ground.packages()), line);
        var hasSets = after.lines().stream().anyMatch(l -> l.choice() instanceof Choice.VettedSet);
        return hasSets
                ? impact.and(Impact.between(
                                ground.findings(), SetMembers.on(after, Checks.on(after), ground.isAvailable()), line))
                        .and(packages)
                : impact.and(packages);
    }

    /** What is left to say of all parts that look the same to the checks: whether they fit, and what else they force. */
    record Outline(boolean clashes, boolean undecided, boolean forces, List<LinePrice> forced) {
        CandidateImpact.Group group(Amount total, BandState state, boolean isUnfinished) {
            return CandidateImpact.Group.of(clashes, undecided, forces, total, state, isUnfinished);
        }
    }

    Outline outline(Part part) {
        return outline(outcome(part));
    }

    private static Outline outline(Outcome outcome) {
        return new Outline(
                !outcome.withForced().clashes().isEmpty(),
                !outcome.withForced().undecided().isEmpty(),
                outcome.isTooLong() || !outcome.forced().isEmpty(),
                outcome.forcedPrices());
    }

    LinePrice price(Part part) {
        return ground.pricing().apply(line().with(new Choice.Chosen(part)));
    }

    private record Outcome(
            Build build,
            Impact alone,
            Build forcedBuild,
            Impact withForced,
            boolean isTooLong,
            List<CandidateImpact.Forced> forced,
            List<LinePrice> forcedPrices) {}

    private Outcome outcome(Part part) {
        var candidate = offered(line().with(new Choice.Chosen(part)));
        var build = ground.build().replacing(candidate);
        var alone = Impact.ofReplacing(ground.build(), ground.findings(), candidate);
        var chain = chain(part, candidate);
        var forced = new ArrayList<CandidateImpact.Forced>();
        var prices = new ArrayList<LinePrice>();
        for (var change : chain.changes()) {
            var price = ground.pricing()
                    .apply(SlotLines.first(chain.build(), change.slot()).orElseThrow());
            prices.add(price);
            forced.add(new CandidateImpact.Forced(
                    change.slot(), change.part(), price, change.why().evidence()));
        }
        var left = forced.isEmpty() ? alone : Impact.between(ground.findings(), Checks.on(chain.build()), line);
        return new Outcome(
                build, alone, chain.build(), left, !chain.isSolved(), List.copyOf(forced), List.copyOf(prices));
    }

    /** The line as the offer that counts sells it. */
    private Line offered(Line one) {
        return ground.pricing()
                .apply(one)
                .offer()
                .map(offer -> one.soldAs(offer.sold()))
                .orElse(one);
    }

    /** How a part that may be forced is sold. */
    private Object sold(Part part) {
        var slot = ForcedChanges.MENDABLE.stream()
                .filter(s -> s.kind() == part.kind())
                .findFirst()
                .orElseThrow();
        return offered(SlotLines.having(ground.build(), slot, part)).sold();
    }

    /** What the part forces; parts that look the same to the checks force the same, each with its own name in the findings. */
    private ForcedChanges.Chain chain(Part part, Line candidate) {
        var build = ground.build().replacing(candidate);
        var known = chains.computeIfAbsent(
                look(part, candidate),
                look -> new ForcedChanges(
                                ground.findings(), build, line, alike::of, this::goods, this::offered, mostChecks)
                        .follow());
        var with = build;
        for (var change : known.changes()) {
            with = SlotLines.with(with, offered(SlotLines.having(with, change.slot(), change.part())));
        }
        return new ForcedChanges.Chain(known.changes(), with, known.isSolved());
    }

    /** What one piece costs, in minor units; the most of all without a price. */
    private long goods(Part part) {
        return ground.pieces().applyAsLong(part);
    }

    private List<Object> look(Part part, Line candidate) {
        var look = new ArrayList<Object>();
        look.add(candidate.sold());
        for (var reading : read) {
            look.add(reading.of(part));
        }
        return look;
    }

    /** The build's total with a price on the line and those of what it forces. */
    CountedTotal total(LinePrice price, List<LinePrice> forced) {
        return CountedTotal.of(
                ground.packages().applied(prices(price, forced)), ground.total().counting());
    }

    /** What every line costs alone: the present ones but for what was changed. */
    private List<LinePrice> prices(LinePrice price, List<LinePrice> forced) {
        var prices = new ArrayList<LinePrice>(ground.own().size() + 1);
        for (var present : ground.own()) {
            var slot = present.line().slot();
            if (present.line().id().equals(line)) {
                prices.add(price);
            } else if (forced.stream().noneMatch(f -> f.line().slot() == slot)) {
                prices.add(present);
            }
        }
        prices.addAll(forced);
        return prices;
    }
}
