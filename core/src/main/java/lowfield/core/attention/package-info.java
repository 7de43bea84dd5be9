/** The one list of what wants the author's attention; queue, gates and the round's movers are selections of it. */
@NullMarked
package lowfield.core.attention;

import org.jspecify.annotations.NullMarked;
