/** What is known of parts beside their makers' figures, and who says so. */
@NullMarked
package lowfield.core.evidence;

import org.jspecify.annotations.NullMarked;
