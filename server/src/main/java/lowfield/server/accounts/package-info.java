/** Who may sign in, and how. */
@NullMarked
package lowfield.server.accounts;

import org.jspecify.annotations.NullMarked;
