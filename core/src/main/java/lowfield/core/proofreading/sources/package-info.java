/** What a text is held against: the parts, sums and rooms of the edition that it is about. */
@NullMarked
package lowfield.core.proofreading.sources;

import org.jspecify.annotations.NullMarked;
