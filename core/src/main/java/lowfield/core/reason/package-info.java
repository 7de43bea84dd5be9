/** Whether a reason still speaks of the choice it was written for. */
@NullMarked
package lowfield.core.reason;

import org.jspecify.annotations.NullMarked;
