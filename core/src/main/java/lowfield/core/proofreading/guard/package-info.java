/** Reads a text against the data: what is named, what each figure can mean and how much speaks for it, what is compared. */
@NullMarked
package lowfield.core.proofreading.guard;

import org.jspecify.annotations.NullMarked;
