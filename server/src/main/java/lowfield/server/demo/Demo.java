package lowfield.server.demo;

import static lowfield.db.Tables.COMMAND;
import static lowfield.db.Tables.OBSERVATION;

import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
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
import lowfield.server.guide.ChartChoice;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.EnergyForm;
import lowfield.server.guide.GuideForm;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.platform.Clocks.MovableClock;
import lowfield.server.press.Preflights;
import lowfield.server.press.Press;
import lowfield.server.prices.Acceptances;
import lowfield.server.prices.EstimateBases;
import lowfield.server.prices.EstimateForm;
import lowfield.server.prices.Rounds;
import lowfield.server.prices.TypedPrices;
import lowfield.server.shops.Shops;
import lowfield.server.triage.Mover;
import lowfield.server.triage.Triage;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
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
    private final TypedPrices typed;
    private final EstimateBases estimates;
    private final Triage triage;
    private final DemoFacts facts;

    Demo(
            DSLContext db,
            MovableClock clock,
            DemoMarket market,
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
            Press press,
            TypedPrices typed,
            EstimateBases estimates,
            Triage triage,
            DemoFacts facts) {
        this.facts = facts;
        this.db = db;
        this.clock = clock;
        this.market = market;
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
        this.typed = typed;
        this.estimates = estimates;
        this.triage = triage;
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
        data.estimates()
                .forEach(e -> estimates.set(
                        id(made, e.part()),
                        Optional.of(new EstimateForm(
                                EstimateForm.Type.TIMES,
                                id(made, e.comparable()),
                                e.factorPermille(),
                                null,
                                null,
                                e.spreadPermille()))));
        var guide = guide(data, madeShops);
        var day = data.historyFrom();
        for (var issue : data.issues()) {
            while (morning(day).isBefore(issue.round())) {
                pricesOf(day, guide, author);
                day = day.plusDays(data.historyEveryDays());
            }
            issue(data, issue, guide, madeShops, made, author);
        }
        facts.load(made, author);
    }

    private static Instant morning(LocalDate day) {
        return day.atTime(5, 30).toInstant(ZoneOffset.UTC);
    }

    /** Between editions the shops' lists are read, so that prices have a history. */
    private void pricesOf(LocalDate day, GuideInfo guide, Person author) {
        market.moveTo(morning(day));
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

    private void issue(
            DemoData data,
            DemoData.Issue issue,
            GuideInfo guide,
            Map<String, Shops.Shop> madeShops,
            Map<String, UUID> made,
            Person author) {
        market.moveTo(issue.round());
        var edition = editions.of(guide.id()).isEmpty()
                ? firstEdition(data, issue, guide, made, author)
                : editions.next(guide, issue.pressOn());
        rounds.runNow(guide.id(), RoundPlan.Scope.ALL);
        if (issue.published() != null) {
            releaseAll(guide, author);
        }
        issue.changes().forEach(change -> change(edition, build(edition, change.tier()), change, made, author));
        Optional.ofNullable(issue.variants()).orElse(List.of()).forEach(v -> variant(edition, v, made, author));
        if (issue.published() == null) {
            data.typed()
                    .forEach(t -> typed.add(
                            id(made, t.part()),
                            t.price().at(madeShops.get(t.shop()).id()),
                            author));
            halfOf(edition, author);
        } else {
            clock.moveTo(issue.published());
            waive(data, edition, author);
            var result = press.publish(edition.id(), author);
            LOG.info("Edition {} published", result.edition());
        }
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
        var waiting = acceptances.waiting(guide.id()).stream()
                .map(Acceptances.SetAside::id)
                .toList();
        if (!waiting.isEmpty()) {
            acceptances.release(waiting, true, "dearer than its siblings, and always was", author);
        }
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
        var charts = List.of(
                new ChartChoice(ChartChoice.Of.KIND, "MEMORY"),
                new ChartChoice(ChartChoice.Of.TIER, tier(edition, "Mate").toString()));
        variants.charts(edition.id(), charts, editions.byId(edition.id()).version(), author);
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
        variant.lines().forEach(change -> change(edition, build, change, made, author));
    }

    private void change(
            EditionInfo edition, UUID build, DemoData.Change change, Map<String, UUID> made, Person author) {
        var view = line(edition, build, change.slot()).orElseThrow();
        var patch = new LinePatch(
                choice(change, made),
                null,
                null,
                null,
                change.reason(),
                null,
                options(change, view, made),
                null,
                null,
                null);
        editing.edit(edition.id(), view.id(), patch, view.version(), author);
    }

    private static @Nullable ChoiceState choice(DemoData.Change change, Map<String, UUID> made) {
        if (change.anyOf() != null) {
            var members = change.anyOf().stream().map(key -> id(made, key)).toList();
            return new ChoiceState(ChoiceState.Type.SET, null, null, null, null, null, members, change.tolerance());
        }
        return change.part() == null ? null : ChoiceState.part(id(made, change.part()));
    }

    /** Further options behind those that are there. */
    private static @Nullable List<OptionState> options(
            DemoData.Change change, Views.LineView view, Map<String, UUID> made) {
        return change.more() == null
                ? null
                : Stream.concat(
                                view.options().stream(),
                                change.more().stream()
                                        .map(o -> new OptionState(
                                                OptionState.Purpose.valueOf(o.purpose()),
                                                id(made, o.part()),
                                                o.note())))
                        .toList();
    }

    private static UUID id(Map<String, UUID> made, String key) {
        return Optional.ofNullable(made.get(key))
                .orElseThrow(() -> new IllegalStateException("The demo has no part " + key));
    }

    private UUID build(EditionInfo edition, String tier) {
        return card(edition, tier).build();
    }

    private UUID tier(EditionInfo edition, String tier) {
        return card(edition, tier).tier();
    }

    private Views.BuildCard card(EditionInfo edition, String tier) {
        return viewing.desk(guides.byId(edition.guide())).cards().stream()
                .filter(c -> c.tierName().equals(tier))
                .findFirst()
                .orElseThrow();
    }

    private Optional<Views.LineView> line(EditionInfo edition, UUID build, lowfield.core.guide.Slot slot) {
        return viewing.bench(edition.id(), build, Optional.empty()).lines().stream()
                .filter(l -> l.slot() == slot)
                .findFirst();
    }
}
