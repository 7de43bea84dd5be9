/**
 * Holds the figures, names and claims of a hand-written text against the data of the parts that the text is about. What differs
 * is a slip; what the data does not speak of is left alone.
 */
@NullMarked
package lowfield.core.proofreading;

import org.jspecify.annotations.NullMarked;
