package lowfield.server.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lowfield.core.guide.RoundPlan;
import lowfield.core.guide.Slot;
import lowfield.core.offer.PricePolicy;
import lowfield.server.guide.BandForm;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideForm;
import lowfield.server.guide.Guides;
import lowfield.server.guide.TierForm;
import lowfield.server.press.Press;
import lowfield.server.press.PublishChecks;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * The demo's second guide, of machines that are lent out by the week: builds around a seller's machine, with a bundle, an
 * owned card, a used CPU, an announced card and a tier whose prices are all typed. Its parts and reasons are those of the
 * first guide's builds at that time.
 */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoHire {
    private static final LocalDate FIRST = LocalDate.of(2026, 10, 1);
    private static final LocalDate SECOND = LocalDate.of(2026, 12, 1);
    /** Which tier takes its parts from which of the first guide's. */
    private static final Map<String, String> LIKE =
            Map.of("Quayside", "Bosun", "Breakwater", "Mate", "Slipway", "Deckhand");

    private final Guides guides;
    private final Editions editions;
    private final PublishChecks checks;
    private final Press press;
    private final DemoHireBuilds builds;
    private final DemoHirePrices prices;
    private final DemoPictures pictures;
    private final DemoBench bench;

    DemoHire(
            Guides guides,
            Editions editions,
            PublishChecks checks,
            Press press,
            DemoHireBuilds builds,
            DemoHirePrices prices,
            DemoPictures pictures,
            DemoBench bench) {
        this.guides = guides;
        this.editions = editions;
        this.checks = checks;
        this.press = press;
        this.builds = builds;
        this.prices = prices;
        this.pictures = pictures;
        this.bench = bench;
    }

    /** What its author does when an edition of the first guide is out, or in work. */
    void beside(DemoData.Issue issue, EditionInfo other, DemoWorld world) {
        var month = issue.pressOn().withDayOfMonth(1);
        if (month.equals(FIRST)) {
            publish(first(other, world), world);
        } else if (month.equals(SECOND)) {
            second(world);
        }
    }

    private EditionInfo first(EditionInfo other, DemoWorld world) {
        pictures.load(world);
        var guide = guides.create(form(world));
        var edition = editions.first(
                guide,
                FIRST,
                FIRST,
                List.of(
                        tier("Quayside", "Lent to anyone who asks", "1080p at high rates", 100_000, 115_000),
                        tier("Breakwater", "For those who bring their own screen", "1440p", 140_000, 156_000),
                        tier("Slipway", "Kept for school weeks", "1080p", 53_000, 60_000)));
        LIKE.forEach((own, like) -> builds.copy(edition, own, bench.build(other, like), other, world));
        builds.machine(edition, "Quayside", "Harbour machine", 36_900, Slot.MEMORY, 3_000, world);
        builds.machine(edition, "Breakwater", "Harbour machine, large", 47_900, Slot.POWER_SUPPLY, 2_500, world);
        prices.byHand(edition, "Slipway", world);
        return edition;
    }

    private static GuideForm form(DemoWorld world) {
        return new GuideForm(
                "Harbour Hire",
                "Home coast",
                "CET",
                "EUR",
                "en",
                "every two months",
                "Harbour Hire lends machines out by the week. The seller of the machine gives it the discount that is shown.",
                PricePolicy.usual(),
                10,
                world.shops().values().stream().map(s -> s.id()).collect(Collectors.toSet()),
                null,
                List.of(),
                new RoundPlan(RoundPlan.Often.BY_HAND, LocalTime.of(5, 30), RoundPlan.Scope.ALL),
                null,
                null,
                false);
    }

    private static TierForm tier(String name, String audience, String promise, long from, long to) {
        return new TierForm(
                name,
                audience,
                promise,
                new BandForm(BandForm.Type.FROM_TO, from, to, null, null),
                true,
                null,
                true,
                null,
                null);
    }

    private void publish(EditionInfo edition, DemoWorld world) {
        for (var check : checks.of(edition.id())) {
            if (!check.passes()) {
                var problems = check.problems().stream()
                        .map(PublishChecks.ProblemView::id)
                        .toList();
                checks.except(edition.id(), problems, "the machines are out already", true, world.author());
            }
        }
        press.publish(edition.id(), press.proof(edition.id()), world.author());
    }

    /** November was skipped. */
    private void second(DemoWorld world) {
        var guide = guides.bySlug("harbour-hire");
        var edition = editions.next(guide, SECOND, SECOND);
        builds.ownCard(edition, world);
        builds.usedCpu(edition, world);
        builds.announced(edition, world);
        builds.takeBundle(edition, world);
    }
}
