package lowfield.server.round;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.reading.FeedForm;

/** A shop as who visits it must know it: how it is asked, and until when it wants to be left alone. */
record VisitedShop(
        UUID id,
        String name,
        String host,
        String currency,
        boolean pricesHoldTax,
        Duration pace,
        int lanes,
        Optional<FeedForm> feed,
        Optional<String> robots,
        Optional<Instant> robotsReadAt,
        Optional<Instant> restingUntil) {}
