/** Who gets through to what: sessions, cookies, and which id may stand under which. */
@NullMarked
package lowfield.server.platform.security;

import org.jspecify.annotations.NullMarked;
