/** Whether the parts of one build go together. */
@NullMarked
package lowfield.core.check;

import org.jspecify.annotations.NullMarked;
