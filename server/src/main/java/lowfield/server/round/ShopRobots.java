package lowfield.server.round;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.PoliteFetcher;
import lowfield.server.outbound.Robots;
import lowfield.server.outbound.Wanted;
import org.springframework.stereotype.Component;

/** What a shop allows visitors to read: its robots.txt, read again when it is half a day old. */
@Component
class ShopRobots {
    private static final Duration OLD = Duration.ofHours(12);

    private final Visits visits;
    private final DatabaseRetry retry;
    private final PoliteFetcher fetcher;

    ShopRobots(Visits visits, DatabaseRetry retry, PoliteFetcher fetcher) {
        this.visits = visits;
        this.retry = retry;
        this.fetcher = fetcher;
    }

    Robots rules(VisitedShop shop) {
        var fresh = shop.robotsReadAt()
                .filter(at -> at.isAfter(Instant.now().minus(OLD)))
                .flatMap(at -> shop.robots());
        return fresh.or(() -> robots(shop))
                .map(text -> Robots.of(shop.host(), text))
                .orElseGet(Robots::unreachable);
    }

    /** The file as it is now; empty without one, and what was known of it, if anything, when it cannot be had. */
    private Optional<String> robots(VisitedShop shop) {
        var fetched = fetcher.fetch(new Wanted(shop.host(), "/robots.txt", Optional.empty(), Wanted.Form.ROBOTS));
        if (fetched instanceof Fetched.Page page) {
            retry.run(() -> visits.keepRobots(shop.id(), page.html(), Instant.now()));
            return Optional.of(page.html());
        }
        if (fetched instanceof Fetched.Failed failed && !failed.passing()) {
            retry.run(() -> visits.keepRobots(shop.id(), "", Instant.now()));
            return Optional.of("");
        }
        return shop.robots();
    }
}
