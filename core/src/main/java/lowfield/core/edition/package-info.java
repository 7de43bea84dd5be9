/** Evaluates an edition: from what the author chose and what the market asks to prices, totals, findings and changes. */
@NullMarked
package lowfield.core.edition;

import org.jspecify.annotations.NullMarked;
