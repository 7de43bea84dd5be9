/** Measurements: a load from outside, beside a floor in the same run. */
@NullMarked
package lowfield.measure;

import org.jspecify.annotations.NullMarked;
