package lowfield.server.reading;

/** One line of a shop's list: what it speaks of, by which name (empty without one), and the offer it states. */
public record FeedLine(Identity identity, String name, String path, SeenOffer offer) {}
