package lowfield.server.demo;

import static lowfield.db.Tables.COMMAND;
import static lowfield.db.Tables.OBSERVATION;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.guide.RoundPlan;
import lowfield.core.offer.Condition;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.SellerKind;
import lowfield.core.offer.Stock;
import lowfield.server.accounts.Accounts;
import lowfield.server.accounts.Person;
import lowfield.server.guide.Editions;
import lowfield.server.guide.EnergyForm;
import lowfield.server.guide.GuideForm;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.platform.Clocks.MovableClock;
import lowfield.server.shops.Shops;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Loads the demo once: moves the market's day and the own clock from edition to edition, runs each round over HTTP, edits
 * and publishes as an author would. Later starts only set the clock to where the demo's world was left.
 */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class Demo implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(Demo.class);

    private final DSLContext db;
    private final MovableClock clock;
    private final DemoMarket market;
    private final Accounts accounts;
    private final Guides guides;
    private final DemoCatalogue catalogue;
    private final DemoIssues issues;
    private final DemoHire hire;
    private final DemoWords words;
    private final Editions editions;
    private final DemoFacts facts;

    Demo(
            DSLContext db,
            MovableClock clock,
            DemoMarket market,
            Accounts accounts,
            Guides guides,
            DemoCatalogue catalogue,
            DemoIssues issues,
            DemoHire hire,
            DemoFacts facts,
            DemoWords words,
            Editions editions) {
        this.db = db;
        this.clock = clock;
        this.market = market;
        this.accounts = accounts;
        this.guides = guides;
        this.catalogue = catalogue;
        this.issues = issues;
        this.hire = hire;
        this.facts = facts;
        this.words = words;
        this.editions = editions;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        var data = DemoData.read();
        if (accounts.isEmpty()) {
            load(data);
        }
        market.moveTo(later(data.now()));
        market.follow();
    }

    /** The demo's moment, or the last thing that happened in it. */
    private Instant later(Instant base) {
        var edited = db.select(DSL.max(COMMAND.AT)).from(COMMAND).fetchSingle().value1();
        var seen = db.select(DSL.max(OBSERVATION.SEEN_AT))
                .from(OBSERVATION)
                .fetchSingle()
                .value1();
        return Stream.of(Optional.ofNullable(edited), Optional.ofNullable(seen))
                .flatMap(Optional::stream)
                .map(OffsetDateTime::toInstant)
                .filter(base::isBefore)
                .max(Instant::compareTo)
                .orElse(base);
    }

    private void load(DemoData data) {
        var editions = data.issues().size();
        LOG.info("World: people and parts");
        var people = data.people().stream()
                .map(p -> accounts.create(p.email(), p.name(), p.password(), Person.Role.valueOf(p.role())))
                .toList();
        clock.moveTo(morning(data.historyFrom()));
        var world = catalogue.made(data, people.get(0));
        var guide = guide(data, world);
        var day = data.historyFrom();
        var number = 0;
        for (var issue : data.issues()) {
            LOG.info("World: edition {} of {}", ++number, editions);
            while (morning(day).isBefore(issue.round())) {
                LOG.info("World: edition {} of {}, prices of {}", number, editions, day);
                issues.prices(morning(day), guide, world.author());
                day = day.plusDays(data.historyEveryDays());
            }
            hire.beside(issue, issues.issue(data, issue, guide, world), world);
        }
        LOG.info("World: texts and pictures");
        words.write(this.editions.inWork(guide.id()).orElseThrow(), world);
        words.readAgain("harbour-hire", world);
        facts.load(world);
    }

    private static Instant morning(LocalDate day) {
        return day.atTime(5, 30).toInstant(ZoneOffset.UTC);
    }

    private GuideInfo guide(DemoData data, DemoWorld world) {
        var words = data.guide();
        var policy = new PricePolicy(
                Set.of(Condition.NEW, Condition.REFURBISHED),
                Set.of(Stock.IN_STOCK, Stock.LIMITED),
                false,
                words.greatestAgeDays(),
                Set.of(SellerKind.values()),
                Set.of(),
                words.usedReturnDays());
        var bought = world.shops().values().stream().map(Shops.Shop::id).collect(Collectors.toSet());
        return guides.create(new GuideForm(
                words.name(),
                words.region(),
                words.zone(),
                words.currency(),
                words.locale(),
                words.schedule(),
                words.disclosure(),
                policy,
                words.oldAfterDays(),
                bought,
                new EnergyForm(3, 3, 2800),
                words.readerRegions(),
                new RoundPlan(RoundPlan.Often.BY_HAND, LocalTime.of(5, 30), RoundPlan.Scope.ALL),
                null,
                null,
                true));
    }
}
