package lowfield.server.demo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import lowfield.core.guide.RoundPlan;
import lowfield.server.accounts.Person;
import lowfield.server.editing.Variants;
import lowfield.server.guide.ChartChoice;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.platform.Clocks.MovableClock;
import lowfield.server.press.Press;
import lowfield.server.press.PublishChecks;
import lowfield.server.prices.Acceptances;
import lowfield.server.prices.SetAsidePrices;
import lowfield.server.prices.TypedPrices;
import lowfield.server.round.Rounds;
import lowfield.server.triage.Mover;
import lowfield.server.triage.Triage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Brings the demo's editions out, one after the other, as its author did. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoIssues {
    private static final Logger LOG = LoggerFactory.getLogger(DemoIssues.class);

    private final MovableClock clock;
    private final DemoMarket market;
    private final DemoBench bench;
    private final Editions editions;
    private final Variants variants;
    private final Rounds rounds;
    private final Acceptances acceptances;
    private final SetAsidePrices setAside;
    private final PublishChecks checks;
    private final Press press;
    private final TypedPrices typed;
    private final Triage triage;

    DemoIssues(
            MovableClock clock,
            DemoMarket market,
            DemoBench bench,
            Editions editions,
            Variants variants,
            Rounds rounds,
            Acceptances acceptances,
            SetAsidePrices setAside,
            PublishChecks checks,
            Press press,
            TypedPrices typed,
            Triage triage) {
        this.clock = clock;
        this.market = market;
        this.bench = bench;
        this.editions = editions;
        this.variants = variants;
        this.rounds = rounds;
        this.acceptances = acceptances;
        this.setAside = setAside;
        this.checks = checks;
        this.press = press;
        this.typed = typed;
        this.triage = triage;
    }

    /** The round of one edition, what its author changed, and how it was published, if it is out. */
    EditionInfo issue(DemoData data, DemoData.Issue issue, GuideInfo guide, DemoWorld world) {
        var author = world.author();
        market.moveTo(issue.round());
        var edition = editions.of(guide.id()).isEmpty()
                ? firstEdition(data, issue, guide, world)
                : editions.next(guide, null, issue.pressOn());
        rounds.runNow(guide.id(), RoundPlan.Scope.ALL);
        if (issue.published() != null) {
            releaseAll(guide, author);
        }
        issue.changes().forEach(change -> bench.change(edition, bench.build(edition, change.tier()), change, world));
        Optional.ofNullable(issue.variants()).orElse(List.of()).forEach(v -> bench.variant(edition, v, world));
        if (issue.published() == null) {
            data.typed()
                    .forEach(t -> typed.add(
                            world.part(t.part()),
                            t.price().at(world.shop(t.shop()).id(), guide.id()),
                            author));
            halfOf(edition, author);
            oneException(edition, author);
        } else {
            clock.moveTo(issue.published());
            letThrough(data, edition, author);
            var result = press.publish(edition.id(), press.proof(edition.id()), author);
            LOG.info("Edition {} published", result.edition());
        }
        return edition;
    }

    /** Between editions the shops' lists are read, so that prices have a history. */
    void prices(Instant at, GuideInfo guide, Person author) {
        market.moveTo(at);
        rounds.runNow(guide.id(), RoundPlan.Scope.FEEDS);
        releaseAll(guide, author);
    }

    private EditionInfo firstEdition(DemoData data, DemoData.Issue issue, GuideInfo guide, DemoWorld world) {
        var month = issue.pressOn().withDayOfMonth(1);
        var edition = editions.first(
                guide,
                month,
                issue.pressOn(),
                data.tiers().stream().map(DemoData.Tier::form).toList());
        for (var tier : data.tiers()) {
            var build = bench.build(edition, tier.form().name());
            for (var line : tier.lines()) {
                bench.write(data, edition, build, line, world);
            }
        }
        var charts = List.of(
                new ChartChoice(ChartChoice.Of.KIND, "MEMORY"),
                new ChartChoice(ChartChoice.Of.TIER, bench.tier(edition, "Mate").toString()));
        variants.charts(edition.id(), charts, editions.byId(edition.id()).version(), world.author());
        return edition;
    }

    /** Of what only moved, every second thing is decided already; what is gone, over or set aside still waits. */
    private void halfOf(EditionInfo edition, Person author) {
        var moved = triage.queue(edition.id()).open().stream()
                .filter(m -> m.form() == Mover.Form.MOVED || m.form() == Mover.Form.PREMIUM)
                .toList();
        for (int i = 0; i < moved.size(); i += 2) {
            triage.decide(
                    edition.id(),
                    moved.get(i).key(),
                    moved.get(i).fingerprint(),
                    Mover.Decision.KEEP,
                    "still the right one",
                    author);
        }
    }

    private void letThrough(DemoData data, EditionInfo edition, Person author) {
        for (var check : checks.of(edition.id())) {
            if (!check.passes()) {
                var reason = data.exceptions()
                        .getOrDefault(check.check().name(), data.exceptions().get("OTHER"));
                var problems = check.problems().stream()
                        .map(PublishChecks.ProblemView::id)
                        .toList();
                checks.except(edition.id(), problems, reason, true, author);
            }
        }
    }

    /** The first problem of the first check that fails by at least three has its exception; the others wait. */
    private void oneException(EditionInfo edition, Person author) {
        checks.of(edition.id()).stream()
                .filter(c -> c.problems().size() >= 3)
                .findFirst()
                .ifPresent(c -> checks.except(
                        edition.id(),
                        List.of(c.problems().get(0).id()),
                        "Looked at on the third; it stays as it is this month.",
                        false,
                        author));
    }

    /** In the editions that are out everything that was set aside was looked at, and it was right. */
    private void releaseAll(GuideInfo guide, Person author) {
        var waiting = setAside.of(guide.id()).stream()
                .map(SetAsidePrices.SetAside::id)
                .toList();
        if (!waiting.isEmpty()) {
            acceptances.release(waiting, true, "dearer than its siblings, and always was", author);
        }
    }
}
