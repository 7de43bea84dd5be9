package lowfield.server.demo;

import static lowfield.db.Tables.COMMAND;
import static lowfield.db.Tables.OBSERVATION;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import lowfield.core.guide.RoundPlan;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.PricePolicy;
import lowfield.core.offer.SellerKind;
import lowfield.core.offer.Stock;
import lowfield.core.part.Release;
import lowfield.server.accounts.Accounts;
import lowfield.server.accounts.Person;
import lowfield.server.bench.ChoiceState;
import lowfield.server.bench.Editing;
import lowfield.server.bench.LinePatch;
import lowfield.server.bench.OptionState;
import lowfield.server.bench.Variants;
import lowfield.server.bench.Viewing;
import lowfield.server.bench.Views;
import lowfield.server.catalogue.Parts;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.EnergyForm;
import lowfield.server.guide.GuideForm;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.platform.Clocks.MovableClock;
import lowfield.server.platform.Settings;
import lowfield.server.press.Preflights;
import lowfield.server.press.Press;
import lowfield.server.prices.Acceptances;
import lowfield.server.prices.Rounds;
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

    private final HttpClient http = HttpClient.newHttpClient();
    private final DSLContext db;
    private final MovableClock clock;
    private final Settings settings;
    private final Accounts accounts;
    private final Shops shops;
    private final Parts parts;
    private final Guides guides;
    private final Editions editions;
    private final Editing editing;
    private final Variants variants;
    private final Viewing viewing;
    private final Rounds rounds;
    private final Acceptances acceptances;
    private final Preflights preflights;
    private final Press press;

    Demo(
            DSLContext db,
            MovableClock clock,
            Settings settings,
            Accounts accounts,
            Shops shops,
            Parts parts,
            Guides guides,
            Editions editions,
            Editing editing,
            Variants variants,
            Viewing viewing,
            Rounds rounds,
            Acceptances acceptances,
            Preflights preflights,
            Press press) {
        this.db = db;
        this.clock = clock;
        this.settings = settings;
        this.accounts = accounts;
        this.shops = shops;
        this.parts = parts;
        this.guides = guides;
        this.editions = editions;
        this.editing = editing;
        this.variants = variants;
        this.viewing = viewing;
        this.rounds = rounds;
        this.acceptances = acceptances;
        this.preflights = preflights;
        this.press = press;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        var data = DemoData.read();
        if (accounts.isEmpty()) {
            load(data);
        }
        clock.moveTo(later(data.now()));
        market(clock.instant());
        var follow = Executors.newSingleThreadScheduledExecutor(work -> {
            var thread = new Thread(work, "market-clock");
            thread.setDaemon(true);
            return thread;
        });
        follow.scheduleWithFixedDelay(this::followMarket, 1, 1, TimeUnit.SECONDS);
    }

    /** When somebody moves the market's day on, the desk's clock goes along, to the same hour of that day. */
    private void followMarket() {
        try {
            var day = LocalDate.parse(ask("/control/clock", "GET"));
            var here = clock.instant().atZone(ZoneId.of("CET"));
            if (day.isAfter(here.toLocalDate())) {
                clock.moveTo(here.with(day).toInstant());
                LOG.info("The market moved on to {}", day);
            }
        } catch (IllegalStateException | java.time.DateTimeException away) {
            LOG.debug("The market's clock could not be read: {}", away.getMessage());
        }
    }

    /** The demo's moment, or the last thing that happened in it. */
    private Instant later(Instant base) {
        var edited = db.select(DSL.max(COMMAND.AT)).from(COMMAND).fetchSingle().value1();
        var seen = db.select(DSL.max(OBSERVATION.SEEN_AT))
                .from(OBSERVATION)
                .fetchSingle()
                .value1();
        return java.util.stream.Stream.of(Optional.ofNullable(edited), Optional.ofNullable(seen))
                .flatMap(Optional::stream)
                .map(OffsetDateTime::toInstant)
                .filter(base::isBefore)
                .max(Instant::compareTo)
                .orElse(base);
    }

    private void load(DemoData data) {
        LOG.info("Loading the demo's world: {} editions", data.issues().size());
        var people = data.people().stream()
                .map(p -> accounts.create(p.email(), p.name(), p.password(), Person.Role.valueOf(p.role())))
                .toList();
        var author = people.get(0);
        clock.moveTo(morning(data.historyFrom()));
        var madeShops = new HashMap<String, Shops.Shop>();
        data.shops().forEach((letter, shop) -> madeShops.put(letter, shops.add(shop)));
        var made = parts(madeShops);
        var guide = guide(data, madeShops);
        var day = data.historyFrom();
        for (var issue : data.issues()) {
            while (morning(day).isBefore(issue.round())) {
                pricesOf(day, guide, author);
                day = day.plusDays(data.historyEveryDays());
            }
            issue(data, issue, guide, made, author);
        }
    }

    private static Instant morning(LocalDate day) {
        return day.atTime(5, 30).toInstant(ZoneOffset.UTC);
    }

    /** Between editions the shops' lists are read, so that prices have a history. */
    private void pricesOf(LocalDate day, GuideInfo guide, Person author) {
        clock.moveTo(morning(day));
        market(clock.instant());
        rounds.runNow(guide.id(), RoundPlan.Scope.FEEDS);
        releaseAll(guide, author);
    }

    private Map<String, UUID> parts(Map<String, Shops.Shop> madeShops) {
        var made = new HashMap<String, UUID>();
        for (var file : DemoData.parts()) {
            var suggested = file.suggested() == null ? null : Money.of(file.suggested() * 100L, "EUR");
            var release = file.release() == null ? Release.ON_SALE : Release.valueOf(file.release());
            var part = parts.add(new Parts.NewPart(
                    file.kind(),
                    file.maker(),
                    file.family(),
                    file.name(),
                    file.variant(),
                    file.gtin(),
                    null,
                    release,
                    suggested,
                    file.avoid(),
                    file.spec()));
            made.put(file.key(), part.id());
            file.shops()
                    .forEach(letter -> shops.addPage(
                            part.id(), "https://" + madeShops.get(letter).host() + "/p/" + file.key()));
        }
        return made;
    }

    private GuideInfo guide(DemoData data, Map<String, Shops.Shop> madeShops) {
        var words = data.guide();
        var policy = new PricePolicy(
                java.util.Set.of(Condition.NEW, Condition.REFURBISHED),
                java.util.Set.of(Stock.IN_STOCK, Stock.LIMITED),
                false,
                words.greatestAgeDays(),
                java.util.Set.of(SellerKind.values()),
                java.util.Set.of(),
                words.usedReturnDays());
        var bought = madeShops.values().stream().map(Shops.Shop::id).collect(java.util.stream.Collectors.toSet());
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
                new RoundPlan(RoundPlan.Often.BY_HAND, java.time.LocalTime.of(5, 30), RoundPlan.Scope.ALL)));
    }

    private void issue(DemoData data, DemoData.Issue issue, GuideInfo guide, Map<String, UUID> made, Person author) {
        clock.moveTo(issue.round());
        market(issue.round());
        var edition = editions.of(guide.id()).isEmpty()
                ? firstEdition(data, issue, guide, made, author)
                : editions.next(guide, issue.pressOn());
        rounds.runNow(guide.id(), RoundPlan.Scope.ALL);
        if (issue.published() != null) {
            releaseAll(guide, author);
        }
        issue.changes().forEach(change -> change(edition, change, made, author));
        Optional.ofNullable(issue.variants()).orElse(List.of()).forEach(v -> variant(edition, v, made, author));
        if (issue.published() != null) {
            clock.moveTo(issue.published());
            waive(data, edition, author);
            var result = press.publish(edition.id(), author);
            LOG.info("Edition {} published", result.edition());
        }
    }

    private void waive(DemoData data, EditionInfo edition, Person author) {
        for (var gate : preflights.of(edition.id())) {
            if (!gate.open()) {
                var reason = data.waived()
                        .getOrDefault(gate.gate().name(), data.waived().get("OTHER"));
                preflights.waive(edition.id(), gate.gate(), reason, gate.version(), author);
            }
        }
    }

    /** In the editions that are out everything that was set aside was looked at, and it was right. */
    private void releaseAll(GuideInfo guide, Person author) {
        acceptances
                .waiting(guide.id())
                .forEach(p -> acceptances.release(p.id(), true, "dearer than its siblings, and always was", author));
    }

    private EditionInfo firstEdition(
            DemoData data, DemoData.Issue issue, GuideInfo guide, Map<String, UUID> made, Person author) {
        var month = issue.pressOn().withDayOfMonth(1);
        var edition = editions.first(
                guide,
                month,
                issue.pressOn(),
                data.tiers().stream().map(DemoData.Tier::form).toList());
        for (var tier : data.tiers()) {
            var build = build(edition, tier.form().name());
            for (var line : tier.lines()) {
                write(data, edition, build, line, made, author);
            }
        }
        return edition;
    }

    private void write(
            DemoData data, EditionInfo edition, UUID build, DemoData.Line line, Map<String, UUID> made, Person author) {
        var view = line(edition, build, line.slot()).orElseGet(() -> {
            editing.addLine(edition.id(), build, line.slot(), author);
            return line(edition, build, line.slot()).orElseThrow();
        });
        var options = Optional.ofNullable(line.options()).orElse(List.of()).stream()
                .map(o -> new OptionState(OptionState.Purpose.valueOf(o.purpose()), id(made, o.part()), o.note()))
                .toList();
        var reason = line.reason() != null
                ? line.reason()
                : data.reasons().get(Optional.ofNullable(line.part()).orElse(""));
        editing.edit(
                edition.id(),
                view.id(),
                new LinePatch(
                        choice(line, made),
                        line.quantity(),
                        line.counted(),
                        null,
                        reason,
                        null,
                        options,
                        null,
                        null,
                        null),
                view.version(),
                author);
    }

    private static ChoiceState choice(DemoData.Line line, Map<String, UUID> made) {
        if (line.part() != null) {
            return ChoiceState.part(id(made, line.part()));
        }
        var type = ChoiceState.Type.valueOf(Optional.ofNullable(line.type()).orElse("NONE"));
        return new ChoiceState(type, null, line.what(), line.price(), null, line.what(), null, null);
    }

    private void variant(EditionInfo edition, DemoData.Variant variant, Map<String, UUID> made, Person author) {
        var build = variants.add(edition.id(), build(edition, variant.tier()), variant.name(), author);
        for (var change : variant.lines()) {
            var view = line(edition, build, change.slot()).orElseThrow();
            var choice = ChoiceState.part(id(made, change.part()));
            var patch = new LinePatch(choice, null, null, null, change.reason(), null, null, null, null, null);
            editing.edit(edition.id(), view.id(), patch, view.version(), author);
        }
    }

    private void change(EditionInfo edition, DemoData.Change change, Map<String, UUID> made, Person author) {
        var view = line(edition, build(edition, change.tier()), change.slot()).orElseThrow();
        var patch = new LinePatch(
                ChoiceState.part(id(made, change.part())),
                null,
                null,
                null,
                change.reason(),
                null,
                null,
                null,
                null,
                null);
        editing.edit(edition.id(), view.id(), patch, view.version(), author);
    }

    private static UUID id(Map<String, UUID> made, String key) {
        return Optional.ofNullable(made.get(key))
                .orElseThrow(() -> new IllegalStateException("The demo has no part " + key));
    }

    private UUID build(EditionInfo edition, String tier) {
        return viewing.desk(guides.byId(edition.guide())).cards().stream()
                .filter(c -> c.tierName().equals(tier))
                .findFirst()
                .orElseThrow()
                .build();
    }

    private Optional<Views.LineView> line(EditionInfo edition, UUID build, lowfield.core.guide.Slot slot) {
        return viewing.bench(edition.id(), build).lines().stream()
                .filter(l -> l.slot() == slot)
                .findFirst();
    }

    /** Tells the market which day it is; the market is spoken to only over HTTP. */
    private void market(Instant moment) {
        var day = moment.atZone(ZoneId.of("CET")).toLocalDate();
        ask("/control/clock?day=" + day, "PUT");
    }

    private String ask(String control, String method) {
        var request = HttpRequest.newBuilder(URI.create(settings.demoMarket() + control))
                .method(method, HttpRequest.BodyPublishers.noBody())
                .build();
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofString()).body();
        } catch (java.io.IOException away) {
            throw new IllegalStateException("The demo's market does not answer at " + settings.demoMarket(), away);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("stopped", stop);
        }
    }
}
