package lowfield.server.prices;

import java.time.OffsetDateTime;
import java.util.UUID;

/** Where and when something was seen: a page of a shop in a round. */
public record Sighting(UUID round, UUID shop, UUID page, String currency, OffsetDateTime at) {}
