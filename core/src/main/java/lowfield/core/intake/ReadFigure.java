package lowfield.core.intake;

import lowfield.core.part.Field;

/**
 * A figure that was read, in the unit of its field.
 *
 * @param value a whole number, a text, yes or no, or a set of words, as the field holds; rows and pairs as they are stored
 * @param where on the page it was read
 * @param words the words that were read
 */
public record ReadFigure(Field field, Object value, String where, String words) {}
