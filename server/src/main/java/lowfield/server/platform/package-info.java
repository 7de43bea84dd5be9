/** What every feature stands on: security, errors, time, sites and notices. */
@NullMarked
package lowfield.server.platform;

import org.jspecify.annotations.NullMarked;
