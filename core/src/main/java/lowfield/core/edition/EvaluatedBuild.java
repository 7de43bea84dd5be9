package lowfield.core.edition;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.Lazy;
import lowfield.core.check.Finding;
import lowfield.core.check.GivenAnswers;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.check.rules.PackageMembers;
import lowfield.core.check.rules.SetMembers;
import lowfield.core.find.CandidateImpact;
import lowfield.core.find.CandidateImpacts;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.part.Part;
import lowfield.core.power.SustainedPeak;
import lowfield.core.total.BandState;
import lowfield.core.total.BundleSaving;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PackagePrice;

/**
 * A build at one moment: every line's price, the totals, what the checks say, what it draws, what the author's options would
 * do. The counted total is worked out at once, the rest when it is first asked for. Safe to ask from several threads.
 */
public final class EvaluatedBuild {
    private final BuildPlan plan;
    private final Market market;
    private final List<LinePrice> own;
    private final List<EvaluatedLine> lines;
    private final Build build;
    private final CountedTotal total;
    private final BandState state;
    private final Lazy<CountedTotal> available;
    private final Lazy<List<Finding>> findings;
    private final Lazy<SustainedPeak> peak;
    private final Lazy<CandidateImpacts.Ground> ground;
    private final Map<UUID, Lazy<List<EvaluatedOption>>> options;

    private EvaluatedBuild(BuildPlan plan, Market market) {
        this.plan = plan;
        this.market = market;
        var terms = plan.terms();
        var alone = plan.lines().stream()
                .map(l -> EvaluatedLine.of(l, market.prices().of(l.id()), terms, plan.last()))
                .toList();
        own = alone.stream().map(EvaluatedLine::price).toList();
        lines = EvaluatedLine.at(alone, plan.packages().applied(own));
        build = new Build(lines.stream().map(EvaluatedLine::line).toList(), terms.wishes())
                .in(terms.year())
                .assuming(terms.usual());
        total = CountedTotal.of(prices(), plan.counting());
        state = BandState.of(total.total(), terms.band());
        available = new Lazy<>(() -> CountedTotal.of(availablePrices(), plan.counting()));
        findings = new Lazy<>(this::check);
        peak = new Lazy<>(() -> Checks.peak(build));
        ground = new Lazy<>(this::layGround);
        options = lines.stream()
                .filter(l -> !l.plan().options().isEmpty())
                .collect(Collectors.toUnmodifiableMap(EvaluatedLine::id, l -> new Lazy<>(() -> tryOptions(l))));
    }

    public static EvaluatedBuild of(BuildPlan plan, Market market) {
        return new EvaluatedBuild(plan, market);
    }

    public UUID id() {
        return plan.id();
    }

    public String name() {
        return plan.name();
    }

    Market market() {
        return market;
    }

    public BuildPlan plan() {
        return plan;
    }

    /** Which lists of prices its lines go by. */
    public BuildPrices lists() {
        return market.prices();
    }

    /** The price of each line, in order. */
    public List<LinePrice> prices() {
        return lines.stream().map(EvaluatedLine::price).toList();
    }

    /** The parts as the checks look at them. */
    public Build build() {
        return build;
    }

    /** In the author's order. */
    public List<EvaluatedLine> lines() {
        return lines;
    }

    public CountedTotal total() {
        return total;
    }

    /** Where the counted total stands against the band. */
    public BandState state() {
        return state;
    }

    /**
     * What anyone can buy today: in stock, open to anyone, in the conditions that the guide admits, nothing held; not known
     * when a line has no such offer.
     */
    public CountedTotal available() {
        return available.get();
    }

    /** The price of each line where {@link #available} goods count, in order. */
    public List<LinePrice> availablePrices() {
        return plan.packages()
                .applied(lines.stream()
                        .map(l -> LinePrice.ofWinner(
                                l.line(),
                                market.prices().of(l.id()).available(),
                                plan.terms().zero()))
                        .toList());
    }

    /** The same where a line that is pinned to an offer is bought there or not at all. */
    public List<LinePrice> availableAsPinned() {
        return plan.packages()
                .applied(lines.stream()
                        .map(l -> {
                            var prices = market.prices().of(l.id()).available();
                            return l.plan().held().isPresent()
                                    ? LinePrice.of(
                                            l.line(),
                                            prices,
                                            plan.terms().zero(),
                                            l.plan().held())
                                    : LinePrice.ofWinner(
                                            l.line(), prices, plan.terms().zero());
                        })
                        .toList());
    }

    /** What the checks say, and last of vetted sets whose other members would be trouble, and of packages that ended. */
    public List<Finding> findings() {
        return findings.get();
    }

    public SustainedPeak peak() {
        return peak.get();
    }

    /** What taking each alternative and upgrade of a line would do, in the author's order. */
    public List<EvaluatedOption> options(UUID line) {
        return Optional.ofNullable(options.get(line)).map(Lazy::get).orElse(List.of());
    }

    /** The packages whose price counts in it. */
    public List<PackagePrice> packages() {
        return plan.packages().whole(build.lines());
    }

    /** What sellers sell together of it for less. */
    public List<BundleSaving> together() {
        return BundleSaving.of(prices(), market.bundles().get());
    }

    /** What any part would do on a line. */
    public CandidateImpacts impacts(UUID line) {
        return new CandidateImpacts(ground.get(), line);
    }

    /** What any part would do beside what stands on a line, as one more of its kind; its slot has room for that. */
    public CandidateImpacts impactsBeside(EvaluatedLine line) {
        var slot = line.slot().further().orElseThrow();
        var id = UUID.nameUUIDFromBytes(("beside " + line.id()).getBytes(StandardCharsets.UTF_8));
        return new CandidateImpacts(ground.get().with(new Line(id, slot, new Choice.Empty(), 1, true)), id);
    }

    /** What the author answered to a finding of this build. */
    public Optional<GivenAnswers.Answer> answer(Finding finding) {
        return plan.answers().to(finding, findings());
    }

    /** Whether slots are still to be filled, so that a total under the band says nothing yet. */
    public boolean isUnfinished() {
        return findings().stream().anyMatch(f -> Checks.isEmptySlot(f) && f.verdict() == Verdict.CLASH);
    }

    /** What is chosen on some of its lines, in its order. */
    public List<String> labels(List<UUID> of) {
        return lines.stream()
                .filter(l -> of.contains(l.id()))
                .map(l -> l.choice().label())
                .toList();
    }

    private List<Finding> check() {
        var own = Checks.on(build);
        return Stream.of(own, SetMembers.on(build, own, this::isAvailable), PackageMembers.on(build, plan.packages()))
                .flatMap(List::stream)
                .toList();
    }

    /** Whether anyone can buy the part today for that line. */
    private boolean isAvailable(Line line, Part part) {
        return market.prices()
                .of(line.id())
                .available()
                .of(part.id(), line.quantity(), Optional.empty())
                .offer()
                .isPresent();
    }

    private CandidateImpacts.Ground layGround() {
        var terms = plan.terms();
        return new CandidateImpacts.Ground(
                build,
                findings(),
                own,
                plan.packages(),
                total,
                terms.band(),
                l -> LinePrice.of(l, market.prices().of(l.id()).counted(), terms.zero(), Optional.empty()),
                this::costOfOne,
                market.forSale(),
                this::isAvailable);
    }

    /** One piece at the edition's prices in minor units; more than anything costs where it has no price. */
    private long costOfOne(Part part) {
        return market.prices()
                .ofEdition()
                .counted()
                .of(part.id())
                .offer()
                .map(o -> o.price().minor())
                .orElse(Long.MAX_VALUE / 8);
    }

    private List<EvaluatedOption> tryOptions(EvaluatedLine line) {
        var instead = impacts(line.id());
        var beside = new Lazy<>(() -> impactsBeside(line));
        return line.plan().options().stream()
                .map(o -> new EvaluatedOption(o, (o.adds() ? beside.get() : instead).of(o.part())))
                .toList();
    }

    /** An alternative or upgrade, and what taking it would do. */
    public record EvaluatedOption(Option option, CandidateImpact impact) {}
}
