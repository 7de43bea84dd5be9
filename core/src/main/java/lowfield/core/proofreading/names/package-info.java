/** How parts are called in a text. */
@NullMarked
package lowfield.core.proofreading.names;

import org.jspecify.annotations.NullMarked;
