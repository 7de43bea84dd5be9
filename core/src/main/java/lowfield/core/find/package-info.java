/** Finding parts: one kind's parts as columns, a query sentence over them, and what each candidate would do to a build. */
@NullMarked
package lowfield.core.find;

import org.jspecify.annotations.NullMarked;
