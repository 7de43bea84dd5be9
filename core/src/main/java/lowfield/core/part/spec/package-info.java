/** The figures of each kind of part, one record a kind. */
@NullMarked
package lowfield.core.part.spec;

import org.jspecify.annotations.NullMarked;
