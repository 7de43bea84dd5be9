/** Where a text speaks of parts: by name, tier, maker or kind; and what of it states nothing of its own. */
@NullMarked
package lowfield.core.proofreading.mentions;

import org.jspecify.annotations.NullMarked;
