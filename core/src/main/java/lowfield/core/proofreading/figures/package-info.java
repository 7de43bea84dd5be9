/** Reads figures out of a text: numbers in digits or words, with the unit, the currency or the thing that they count. */
@NullMarked
package lowfield.core.proofreading.figures;

import org.jspecify.annotations.NullMarked;
