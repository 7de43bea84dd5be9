/** Guides, their editions and tiers. */
@NullMarked
package lowfield.server.guide;

import org.jspecify.annotations.NullMarked;
