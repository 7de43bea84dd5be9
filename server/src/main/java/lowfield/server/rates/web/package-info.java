/** Where exchange rates come from, over HTTP. */
@NullMarked
package lowfield.server.rates.web;

import org.jspecify.annotations.NullMarked;
