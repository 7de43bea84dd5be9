/** The shops' HTTP face. */
@NullMarked
package lowfield.server.shops.web;

import org.jspecify.annotations.NullMarked;
