/** Checks of memory: whether it fits, runs at its speed and corrects errors. */
@NullMarked
package lowfield.core.check.memory;

import org.jspecify.annotations.NullMarked;
