/** What announced parts are thought to cost. */
@NullMarked
package lowfield.core.estimate;

import org.jspecify.annotations.NullMarked;
