/** The catalogue's HTTP face. */
@NullMarked
package lowfield.server.catalogue.web;

import org.jspecify.annotations.NullMarked;
