/**
 * How the parts of a build go into its case, drawn to scale from the figures on file: what is drawn, what is measured, and the
 * same in words. What is not on file is named and not drawn.
 */
@NullMarked
package lowfield.core.fit;

import org.jspecify.annotations.NullMarked;
