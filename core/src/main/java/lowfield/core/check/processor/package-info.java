/** Checks of the CPU: what supports it, what feeds it, what shows its picture. */
@NullMarked
package lowfield.core.check.processor;

import org.jspecify.annotations.NullMarked;
