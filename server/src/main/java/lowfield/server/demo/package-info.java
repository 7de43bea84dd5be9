/** The invented world of the demo, loaded once through the same services an author uses. */
@NullMarked
package lowfield.server.demo;

import org.jspecify.annotations.NullMarked;
