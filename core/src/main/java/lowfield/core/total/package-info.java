/** What a build costs and where that stands in its band. */
@NullMarked
package lowfield.core.total;

import org.jspecify.annotations.NullMarked;
