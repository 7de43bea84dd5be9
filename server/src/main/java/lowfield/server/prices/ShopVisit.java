package lowfield.server.prices;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.function.BooleanSupplier;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.outbound.Robots;
import lowfield.server.outbound.StoredBody;
import lowfield.server.outbound.Wanted;
import lowfield.server.platform.LostDatabase;
import lowfield.server.reading.FeedForm;
import lowfield.server.reading.FeedReader;
import lowfield.server.reading.PageReader;
import lowfield.server.reading.PageReading;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * One visit to one shop on behalf of all running rounds: its list first, then the pages that wait, at its pace and with its
 * lanes. ValueTable answer is written down in one transaction with its place in the round, so that a visit that is cut off at any
 * moment can be gone on with: no offer twice, none lost.
 */
@Component
class ShopVisit {
    private static final Logger LOG = LoggerFactory.getLogger(ShopVisit.class);
    private static final int AT_ONCE = 40;
    private static final int MOST_TRIES = 3;
    private static final Duration ROBOTS_AGE = Duration.ofHours(12);

    private final Visits visits;
    private final DatabaseRetry patience;
    private final Observations observations;
    private final Bundles bundles;
    private final FeedIntake intake;
    private final PoliteFetcher manners;
    private final Clock clock;
    private final ExecutorService lanes = Executors.newCachedThreadPool(r -> {
        var thread = new Thread(r, "round");
        thread.setDaemon(true);
        return thread;
    });

    ShopVisit(
            Visits visits,
            DatabaseRetry patience,
            Observations observations,
            Bundles bundles,
            FeedIntake intake,
            PoliteFetcher manners,
            Clock clock) {
        this.visits = visits;
        this.patience = patience;
        this.observations = observations;
        this.bundles = bundles;
        this.intake = intake;
        this.manners = manners;
        this.clock = clock;
    }

    /**
     * Works until nothing waits at the shop, or until {@code leased} says that another visits it now. Gives when to come
     * again if the shop asked to be left alone.
     */
    Optional<Instant> visit(UUID id, BooleanSupplier leased) throws InterruptedException {
        var shop = patience.with(() -> visits.shop(id));
        if (shop.restingUntil().filter(Instant.now()::isBefore).isPresent()) {
            return shop.restingUntil();
        }
        var rules = rules(shop);
        for (var round : patience.with(() -> visits.feeds(id))) {
            feed(round, shop, rules);
        }
        var pacer = new Pacer(
                rules.delay().filter(d -> d.compareTo(shop.pace()) > 0).orElse(shop.pace()));
        while (leased.getAsBoolean()) {
            var tasks = patience.with(() -> visits.pages(id, AT_ONCE));
            if (tasks.isEmpty()) {
                return Optional.empty();
            }
            var until = batch(shop, rules, pacer, tasks);
            if (until.isPresent()) {
                return until;
            }
        }
        return Optional.empty();
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    // ---- what the shop allows ----------------------------------------------------------------------

    private Robots rules(Shop shop) {
        var fresh = shop.robotsReadAt()
                .filter(at -> at.isAfter(Instant.now().minus(ROBOTS_AGE)))
                .flatMap(at -> shop.robots());
        return fresh.or(() -> robots(shop))
                .map(text -> Robots.of(shop.host(), text))
                .orElseGet(Robots::unreachable);
    }

    /** The file as it is now; empty without one, and what was known of it, if anything, when it cannot be had. */
    private Optional<String> robots(Shop shop) {
        var fetched = manners.fetch(new Wanted(shop.host(), "/robots.txt", Optional.empty(), Wanted.Form.ROBOTS));
        if (fetched instanceof Fetched.Page page) {
            patience.run(() -> visits.keepRobots(shop.id(), page.html(), Instant.now()));
            return Optional.of(page.html());
        }
        if (fetched instanceof Fetched.Failed failed && !failed.passing()) {
            patience.run(() -> visits.keepRobots(shop.id(), "", Instant.now()));
            return Optional.of("");
        }
        return shop.robots();
    }

    // ---- the list ----------------------------------------------------------------------------------

    private void feed(UUID round, Shop shop, Robots rules) {
        var form = shop.feed();
        if (form.isEmpty()) {
            closeFeed(round, shop, "the shop has no list any more");
            return;
        }
        if (!rules.allow(shop.host(), form.get().path())) {
            closeFeed(round, shop, rules.why());
            return;
        }
        var fetched = manners.fetch(new Wanted(shop.host(), form.get().path(), Optional.empty(), Wanted.Form.LIST));
        if (!(fetched instanceof Fetched.Listed list)) {
            closeFeed(round, shop, sentence(fetched));
            return;
        }
        try (var body = list.body()) {
            take(round, shop, form.get(), body);
        } catch (RuleBroken unreadable) {
            closeFeed(round, shop, unreadable.getMessage());
        } catch (Gone meanwhile) {
            LOG.info("The list of {} was not needed any more", shop.name());
        } catch (RuntimeException unforeseen) {
            refuseAway(unforeseen);
            LOG.warn("The list of {} could not be taken in", shop.name(), unforeseen);
            closeFeed(
                    round,
                    shop,
                    unforeseen instanceof DatabaseRetry.Refused
                            ? "what the list says could not be kept"
                            : "the list could not be taken in (%s); the server's log has more"
                                    .formatted(what(unforeseen)));
        }
    }

    private void take(UUID round, Shop shop, FeedForm form, StoredBody body) {
        var matching = patience.with(() -> intake.matching(shop.id()));
        var read = new FeedReader(shop.name(), shop.host(), Money.currencyOf(shop.currency()), form)
                .read(body.reader(), matching::add);
        patience.transaction(() -> {
            var taken = intake.take(round, shop.id(), shop.currency(), now(), matching);
            var sentence = join(taken.sentence(), read.sentence());
            if (!visits.closeFeed(round, shop.id(), "READ", sentence, read.lines(), taken.matched())) {
                throw new Gone();
            }
        });
    }

    /** A database that is away is no fault of what is read: the visit is gone on with later. */
    private static void refuseAway(RuntimeException unforeseen) {
        if (LostDatabase.isCause(unforeseen)) {
            throw unforeseen;
        }
    }

    private static String what(RuntimeException unforeseen) {
        return unforeseen.getClass().getSimpleName();
    }

    private void closeFeed(UUID round, Shop shop, String sentence) {
        patience.transaction(() -> visits.closeFeed(round, shop.id(), "FAILED", sentence, 0, 0));
    }

    private static String join(String one, String other) {
        return one.isEmpty() || other.isEmpty() ? one + other : one + "; " + other;
    }

    private static String sentence(Fetched fetched) {
        if (fetched instanceof Fetched.Later later) {
            return later.sentence();
        }
        return fetched instanceof Fetched.Failed failed ? failed.sentence() : "";
    }

    // ---- pages -------------------------------------------------------------------------------------

    /** Some pages, each in a lane of its own; ends early when the shop asks to be left alone. */
    private Optional<Instant> batch(Shop shop, Robots rules, Pacer pacer, java.util.List<Visits.PageTask> tasks)
            throws InterruptedException {
        var free = new Semaphore(shop.lanes());
        var rest = new java.util.concurrent.atomic.AtomicReference<Optional<Instant>>(Optional.empty());
        var broken = new java.util.concurrent.atomic.AtomicReference<Optional<RuntimeException>>(Optional.empty());
        for (var task : tasks) {
            if (!rules.allow(shop.host(), task.path())) {
                close(task, PageReading.nothing(rules.why()));
                continue;
            }
            free.acquire();
            pacer.await();
            if (rest.get().isPresent()
                    || broken.get().isPresent()
                    || !patience.with(() -> visits.isRunning(task.round()))) {
                free.release();
                break;
            }
            lanes.execute(() -> {
                try {
                    pageOrWhy(shop, task).ifPresent(until -> rest.set(Optional.of(until)));
                } catch (RuntimeException unforeseen) {
                    broken.set(Optional.of(unforeseen));
                } finally {
                    free.release();
                }
            });
        }
        free.acquire(shop.lanes());
        if (broken.get().isPresent()) {
            throw broken.get().get();
        }
        return rest.get();
    }

    /** A page that fails in a way nobody foresaw is told and left; the round goes on without it. */
    private Optional<Instant> pageOrWhy(Shop shop, Visits.PageTask task) {
        try {
            return page(shop, task);
        } catch (RuntimeException unforeseen) {
            refuseAway(unforeseen);
            LOG.warn("A page of {} could not be taken in", shop.name(), unforeseen);
            close(
                    task,
                    PageReading.nothing("the page could not be taken in (%s); the server's log has more"
                            .formatted(what(unforeseen))));
            return Optional.empty();
        }
    }

    /** Reads one page and writes down what it says; gives until when the shop asks to be left alone, if it does. */
    private Optional<Instant> page(Shop shop, Visits.PageTask task) {
        var fetched = manners.fetch(Wanted.page(shop.host(), task.path(), task.etag()));
        if (fetched instanceof Fetched.Later later && task.tries() + 1 < MOST_TRIES) {
            var until = Instant.now().plus(later.patience());
            patience.transaction(() -> {
                visits.triedAgain(task.round(), task.page());
                visits.rest(shop.id(), until);
            });
            return Optional.of(until);
        }
        var sighting = new Sighting(task.round(), shop.id(), task.page(), shop.currency(), now());
        if (fetched instanceof Fetched.Unchanged) {
            write(shop, task, () -> {
                if (visits.close(task.round(), task.page(), "READ", "")) {
                    observations.keepUnchanged(sighting, task.etagAt().orElseThrow());
                    bundles.seenAgain(task.page(), sighting.at());
                }
            });
        } else if (fetched instanceof Fetched.Page page) {
            var reading = read(shop, task, page);
            write(shop, task, () -> keep(sighting, reading, page.etag()));
        } else {
            close(task, PageReading.nothing(sentence(fetched)));
        }
        return Optional.empty();
    }

    /** A page that says what the database refuses is told and left; the round goes on without it. */
    private void write(Shop shop, Visits.PageTask task, Runnable what) {
        try {
            patience.transaction(what);
        } catch (DatabaseRetry.Refused refused) {
            LOG.warn("What a page of {} says was refused by the database", shop.name(), refused);
            close(task, PageReading.nothing("what the page says could not be kept"));
        }
    }

    private static PageReading read(Shop shop, Visits.PageTask task, Fetched.Page page) {
        try {
            return new PageReader(shop.name(), Money.currencyOf(shop.currency())).read(page.html(), task.identity());
        } catch (RuntimeException hostile) {
            LOG.warn("A page of {} could not be read", shop.name(), hostile);
            return PageReading.nothing("the page could not be read");
        }
    }

    private void keep(Sighting sighting, PageReading reading, Optional<String> etag) {
        var state = reading.offers().isEmpty() ? "FAILED" : "READ";
        if (visits.close(sighting.round(), sighting.page(), state, String.join("; ", reading.refused()))) {
            observations.keep(sighting, reading.offers());
            bundles.keep(sighting, reading.bundles());
            var whole = reading.refused().isEmpty() && !reading.offers().isEmpty();
            visits.mark(sighting.page(), whole ? etag : Optional.empty(), sighting.at());
        }
    }

    private void close(Visits.PageTask task, PageReading reading) {
        patience.transaction(
                () -> visits.close(task.round(), task.page(), "FAILED", String.join("; ", reading.refused())));
    }

    /** The round ended while its list was read. */
    private static final class Gone extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Gone() {
            super("the round has ended", null, false, false);
        }
    }
}
