/** Holds a text against the data: weighs what each figure most probably means, and judges names and comparisons. */
@NullMarked
package lowfield.core.proofreading.guard;

import org.jspecify.annotations.NullMarked;
