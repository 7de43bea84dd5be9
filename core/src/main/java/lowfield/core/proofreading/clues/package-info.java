/**
 * What is seen around a figure of a text: everything in the data that it may mean, each with the clues of whose it would be, of
 * which figure and of what time. It decides nothing; {@link lowfield.core.proofreading.clues.ClueReader} is its face.
 */
@NullMarked
package lowfield.core.proofreading.clues;

import org.jspecify.annotations.NullMarked;
