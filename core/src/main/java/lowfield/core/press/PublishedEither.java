package lowfield.core.press;

import java.util.Optional;

/**
 * The other of two parts that would both do: the choice counts, the other passes every check, too.
 *
 * @param total of the build with it
 * @param rule of thumb by which a reader takes the one or the other
 */
public record PublishedEither(String label, Cell price, Cell total, Optional<Publication.Source> source, String rule) {}
