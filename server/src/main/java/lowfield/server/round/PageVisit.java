package lowfield.server.round;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.outbound.Wanted;
import lowfield.server.platform.LostDatabase;
import lowfield.server.prices.Bundles;
import lowfield.server.prices.Observations;
import lowfield.server.prices.Sighting;
import lowfield.server.reading.PageReader;
import lowfield.server.reading.PageReading;
import lowfield.server.reading.ShopTerms;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Reads one page of a shop and writes down what it says, in one transaction with its place in the round. */
@Component
class PageVisit {
    private static final Logger LOG = LoggerFactory.getLogger(PageVisit.class);
    private static final int MOST_TRIES = 3;

    private final Visits visits;
    private final DatabaseRetry retry;
    private final Observations observations;
    private final Bundles bundles;
    private final PoliteFetcher fetcher;
    private final Clock clock;

    PageVisit(
            Visits visits,
            DatabaseRetry retry,
            Observations observations,
            Bundles bundles,
            PoliteFetcher fetcher,
            Clock clock) {
        this.visits = visits;
        this.retry = retry;
        this.observations = observations;
        this.bundles = bundles;
        this.fetcher = fetcher;
        this.clock = clock;
    }

    /**
     * Reads a page; gives until when the shop asks to be left alone, if it does. One that fails in a way nobody foresaw is told
     * and left; the round goes on without it.
     */
    Optional<Instant> read(VisitedShop shop, Visits.PageTask task) {
        try {
            return page(shop, task);
        } catch (RuntimeException unforeseen) {
            LostDatabase.rethrow(unforeseen);
            LOG.warn("A page of {} could not be taken in", shop.name(), unforeseen);
            leave(
                    task,
                    "the page could not be taken in (%s); the server's log has more"
                            .formatted(unforeseen.getClass().getSimpleName()));
            return Optional.empty();
        }
    }

    /** Reads one page and writes down what it says; gives until when the shop asks to be left alone, if it does. */
    private Optional<Instant> page(VisitedShop shop, Visits.PageTask task) {
        var fetched = fetcher.fetch(Wanted.page(shop.host(), task.path(), task.etag()));
        if (fetched instanceof Fetched.Later later && task.tries() + 1 < MOST_TRIES) {
            var until = Instant.now().plus(later.patience());
            retry.transaction(() -> {
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
            var reading = reading(shop, task, page);
            write(shop, task, () -> keep(sighting, reading, page.etag()));
        } else {
            leave(task, fetched.why());
        }
        return Optional.empty();
    }

    /** A page that says what the database refuses is told and left; the round goes on without it. */
    private void write(VisitedShop shop, Visits.PageTask task, Runnable what) {
        try {
            retry.transaction(what);
        } catch (DatabaseRetry.Refused refused) {
            LOG.warn("What a page of {} says was refused by the database", shop.name(), refused);
            leave(task, "what the page says could not be kept");
        }
    }

    private PageReading reading(VisitedShop shop, Visits.PageTask task, Fetched.Page page) {
        try {
            return new PageReader(new ShopTerms(
                            shop.name(), Money.currencyOf(shop.currency()), now().toLocalDate(), shop.pricesHoldTax()))
                    .read(page.html(), task.identity());
        } catch (RuntimeException hostile) {
            LOG.warn("A page of {} could not be read", shop.name(), hostile);
            return PageReading.nothing("the page could not be read");
        }
    }

    private void keep(Sighting sighting, PageReading reading, Optional<String> etag) {
        var state = reading.offers().isEmpty() ? "FAILED" : "READ";
        if (visits.close(sighting.round(), sighting.page(), state, String.join("; ", reading.told()))) {
            observations.keep(sighting, reading.offers());
            bundles.keep(sighting, reading.bundles());
            var whole = reading.told().isEmpty() && !reading.offers().isEmpty();
            visits.mark(sighting.page(), whole ? etag : Optional.empty(), sighting.at());
        }
    }

    /** Leaves a page unread, and says why. */
    void leave(Visits.PageTask task, String why) {
        retry.transaction(() -> visits.close(task.round(), task.page(), "FAILED", why));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
