/** The one way out: fetching pages from configured shops, and nothing else. */
@NullMarked
package lowfield.server.outbound;

import org.jspecify.annotations.NullMarked;
