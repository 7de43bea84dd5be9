/** What a build draws. */
@NullMarked
package lowfield.core.power;

import org.jspecify.annotations.NullMarked;
