/** The bench's HTTP face. */
@NullMarked
package lowfield.server.bench.web;

import org.jspecify.annotations.NullMarked;
