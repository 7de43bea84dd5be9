package lowfield.server.round;

import static org.mockito.Mockito.mock;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.reading.FeedForm;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** A shop to visit, and what a visit needs beside the outside. */
final class TestShop {
    static final UUID ID = UUID.randomUUID();
    static final String HOST = "ferrowby.example";
    static final FeedForm LIST = new FeedForm(
            "/list.csv",
            FeedForm.Format.COMMA,
            null,
            Map.of(FeedForm.Field.PRICE, "price", FeedForm.Field.LINK, "link", FeedForm.Field.GTIN, "gtin"));
    static final Clock CLOCK = Clock.fixed(Instant.parse("2026-12-03T06:00:00Z"), ZoneOffset.UTC);

    private TestShop() {}

    static VisitedShop with(Optional<FeedForm> list, Optional<String> robots, Optional<Instant> readAt) {
        return new VisitedShop(
                ID, "Ferrowby", HOST, "EUR", true, Duration.ZERO, 1, list, robots, readAt, Optional.empty());
    }

    /** One that asks again at once, in transactions that do nothing. */
    static DatabaseRetry retry() {
        return new DatabaseRetry(new TransactionTemplate(mock(PlatformTransactionManager.class)), Duration.ofMillis(1));
    }
}
