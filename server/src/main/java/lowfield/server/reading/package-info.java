/** What a shop's page says, read from its schema.org data. */
@NullMarked
package lowfield.server.reading;

import org.jspecify.annotations.NullMarked;
