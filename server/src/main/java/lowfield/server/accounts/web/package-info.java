/** The accounts' HTTP face. */
@NullMarked
package lowfield.server.accounts.web;

import org.jspecify.annotations.NullMarked;
