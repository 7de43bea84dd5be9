/** What a maker's or shop's page says of a part, read into figures: from specification tables and from the part's name. */
@NullMarked
package lowfield.core.intake;

import org.jspecify.annotations.NullMarked;
