package lowfield.core.proofreading;

/**
 * A figure that was typed, is right, and is just what a fact of the line says: as a fact it stays right.
 *
 * @param start its first character in the text
 * @param end behind its last
 * @param path of the fact
 */
public record TypedFact(int start, int end, String written, String path) {}
