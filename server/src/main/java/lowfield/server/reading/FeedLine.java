package lowfield.server.reading;

/** One line of a shop's list: what it speaks of and the offer it states. */
public record FeedLine(Identity identity, String path, SeenOffer offer) {}
